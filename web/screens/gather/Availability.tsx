import type { LedCount, LedSession } from '@kotabi/core/gather';
import dayjs from 'dayjs';
import { clock } from '../../words/time';
import look from './gather.module.css';

const WIDTH = 640;
const HIGH = 46;

interface Props {
  name: string;
  counts: readonly LedCount[];
  /** How many are in the group. */
  members: number;
  gridMin: number;
  sessions: readonly LedSession[];
}

/** Who could come when: for each day how many of a group are free, with the chosen sessions marked. */
export const Availability = ({ name, counts, members, gridMin, sessions }: Props) => {
  const dates = [...new Set(counts.map((c) => c.date))].filter((d) =>
    counts.some((c) => c.date === d && c.count > 0),
  );
  const first = Math.min(...counts.map((c) => c.startMin));
  const last = Math.max(...counts.map((c) => c.startMin)) + gridMin;
  const x = (minute: number): number => ((minute - first) / (last - first)) * WIDTH;
  const hours: number[] = [];
  for (let h = Math.ceil(first / 60); h * 60 <= last; h++) hours.push(h);
  return (
    <section aria-label={`Who of ${name} could come when`} className={look.availability}>
      <h3>{name}: how many could come</h3>
      {dates.map((date) => {
        const own = counts.filter((c) => c.date === date);
        const best = Math.max(...own.map((c) => c.count));
        const chosen = sessions.filter((s) => s.date === date);
        return (
          <div key={date} className={look.availDay}>
            <span>{dayjs(date).format('ddd D')}</span>
            <svg
              viewBox={`0 0 ${WIDTH} ${HIGH + 16}`}
              role="img"
              aria-label={`${dayjs(date).format('dddd')}: at most ${best} of ${members}`}
            >
              <rect width={WIDTH} height={HIGH} rx="5" className={look.availGround} />
              {own.map((c) => (
                <rect
                  key={c.startMin}
                  x={x(c.startMin) + 0.5}
                  y={HIGH - (c.count / Math.max(1, members)) * HIGH}
                  width={x(c.startMin + gridMin) - x(c.startMin) - 1}
                  height={(c.count / Math.max(1, members)) * HIGH}
                  className={c.instructorFree ? look.availFree : look.availBusy}
                >
                  <title>
                    {`${clock(c.startMin)}: ${c.count} of ${members}${c.instructorFree ? '' : ', you are busy'}`}
                  </title>
                </rect>
              ))}
              {chosen.map((s) => (
                <g key={s.startMin}>
                  <rect
                    x={x(s.startMin) - 1}
                    y="-1"
                    width={x(s.startMin + gridMin) - x(s.startMin) + 2}
                    height={HIGH + 2}
                    rx="3"
                    className={look.availChosen}
                  />
                </g>
              ))}
              {hours.map((h) => (
                <text
                  key={h}
                  x={x(h * 60)}
                  y={HIGH + 13}
                  className={look.availHour}
                  textAnchor={x(h * 60) < 6 ? 'start' : x(h * 60) > WIDTH - 6 ? 'end' : 'middle'}
                >
                  {h}
                </text>
              ))}
            </svg>
          </div>
        );
      })}
      <p className="muted small">
        The higher, the more of {members} are free; pale: you are not free yourself; framed: the sessions
        above.
      </p>
    </section>
  );
};
