import { addDays, kindOf } from '@kotabi/core/schedule';
import dayjs from 'dayjs';
import { useId } from 'react';
import { Link } from 'react-router';
import { flatScale, runPath } from '../../dayband/geometry';
import runStyles from '../../dayband/run.module.css';
import type { OfficeRow } from '../../week/office-row';
import type { DayFacts } from '../../week/useFacts';
import styles from './office.module.css';

const WIDTH = 190;
const HEIGHT = 50;

/** The hours in which any of the days lies, and their longest run: one scale for all, so that heights can be compared. */
const scaleOf = (days: readonly DayFacts[]) => {
  const inputs = days.map((d) => d.input);
  const hours = {
    startMin: Math.min(...inputs.map((i) => i.startMin)),
    endMin: Math.max(...inputs.map((i) => i.endMin)),
  };
  const highest = Math.max(...days.map((d) => Math.max(d.reading.longestRunMin, d.input.limitMin)));
  return flatScale(hours, WIDTH, HEIGHT, highest);
};

/** One day of a group at a look: how long the runs at the desk are, where they go past the limit, and the breaks. */
const DayShape = ({ facts, scale }: { facts: DayFacts; scale: ReturnType<typeof flatScale> }) => {
  const id = useId();
  const { input, held, reading } = facts;
  const path = runPath(reading.run, input.startMin, scale);
  const limitY = scale.y(input.limitMin);
  return (
    <svg viewBox={`0 -2 ${WIDTH} ${HEIGHT + 10}`} className={styles.shape} aria-hidden="true">
      <path d={path} className={runStyles.run} />
      <clipPath id={`${id}over`}>
        <rect x="0" y="-2" width={WIDTH} height={Math.max(0, limitY + 2)} />
      </clipPath>
      <path d={path} className={runStyles.over} clipPath={`url(#${id}over)`} />
      <line
        x1={scale.x(input.startMin)}
        x2={scale.x(input.endMin)}
        y1={limitY}
        y2={limitY}
        className={runStyles.limit}
      />
      {held.map((b) => (
        <rect
          key={b.id}
          x={scale.x(b.startMin)}
          y={HEIGHT - 4}
          width={Math.max(4, scale.x(b.startMin + kindOf(input, b).lengthMin) - scale.x(b.startMin))}
          height="10"
          rx="2"
          className={b.breakId === null ? styles.open : styles.held}
        />
      ))}
    </svg>
  );
};

const sayDay = ({ held, reading }: DayFacts): string =>
  `${held.length} ${held.length === 1 ? 'break' : 'breaks'}, longest run at the desk ${reading.longestRunMin} min${
    reading.overMin > 0 ? `, ${reading.overMin} min over the limit` : ''
  }`;

/** The week of every group at a look, day by day, all in one scale. */
export const WeekShapes = ({ rows, monday }: { rows: readonly OfficeRow[]; monday: string }) => {
  const planned = rows.filter((r) => r.planned > 0);
  const worked = planned.flatMap((r) => r.days.filter((d) => d.day.off === undefined));
  if (worked.length === 0) return null;
  const scale = scaleOf(worked);
  const dates = Array.from({ length: 7 }, (_, n) => addDays(monday, n)).filter((date) =>
    worked.some((d) => d.day.date === date),
  );
  return (
    <section className={`card ${styles.shapes}`} aria-label="The week, group by group">
      <div className="bar">
        <h2>The week, group by group</h2>
        <span className="grow" />
        <span className="muted small">
          height: unbroken minutes at the desk · dashed: the limit · open: no break chosen
        </span>
      </div>
      <table>
        <thead>
          <tr>
            <td />
            {dates.map((date) => (
              <th key={date} scope="col">
                {dayjs(date).format('ddd D')}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {planned.map((row) => (
            <tr key={row.group.id}>
              <th scope="row">
                <Link to={`/week/${row.group.id}/${monday}`}>{row.group.name}</Link>
              </th>
              {dates.map((date) => {
                const facts = row.days.find((d) => d.day.date === date && d.day.off === undefined);
                return (
                  <td key={date} title={facts && sayDay(facts)}>
                    {facts ? (
                      <>
                        <DayShape facts={facts} scale={scale} />
                        <span className={styles.srOnly}>{sayDay(facts)}</span>
                      </>
                    ) : (
                      <span className="muted small">–</span>
                    )}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
};
