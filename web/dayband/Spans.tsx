import type { BusyTime, BusyUse, DayInput } from '@kotabi/core/model';
import { clock } from '../words/time';
import styles from './dayband.module.css';
import { type BandScale, wrapped } from './geometry';

/** What a busy time is called when it has no name of its own. */
export const USE_NAME: Record<BusyUse, string> = {
  meeting: 'busy',
  listening: 'only listening',
  focus: 'focus',
  'off desk': 'off the desk',
};

const CLASS: Record<BusyUse, string | undefined> = {
  meeting: styles.busy,
  listening: styles.listening,
  focus: styles.focus,
  'off desk': styles.off,
};

interface Props {
  input: DayInput;
  busy: readonly BusyTime[];
  scale: BandScale;
  chosen: string | null;
  onChoose: (id: string, kind: 'busy') => void;
}

/** The busy times of a day behind its run, cut to its hours, and lunch. */
export const Spans = ({ input, busy, scale: { x, base }, chosen, onChoose }: Props) => {
  const cut = (minute: number): number => x(Math.min(Math.max(minute, input.startMin), input.endMin));
  const shown = busy.filter((b) => b.startMin < input.endMin && b.endMin > input.startMin);
  const lunches = input.offDesk.filter(
    (o) =>
      o.startMin < input.endMin &&
      o.endMin > input.startMin &&
      !busy.some((b) => b.use === 'off desk' && b.startMin === o.startMin && b.endMin === o.endMin),
  );
  return (
    <>
      {shown.map((b) => {
        const name = b.label || USE_NAME[b.use];
        const [from, to] = [cut(b.startMin), cut(b.endMin)];
        return (
          <g
            key={b.id}
            role="button"
            tabIndex={0}
            aria-label={`${b.label || (b.use === 'meeting' ? 'Busy' : USE_NAME[b.use])}, ${clock(b.startMin)} to ${clock(b.endMin)}`}
            className={`${CLASS[b.use]} ${chosen === b.id ? styles.chosenBusy : ''}`}
            onClick={() => onChoose(b.id, 'busy')}
            onKeyDown={(e) => e.key === 'Enter' && onChoose(b.id, 'busy')}
          >
            <title>{`${name}, ${clock(b.startMin)} to ${clock(b.endMin)}${b.calendarId ? ', from a calendar' : ''}`}</title>
            <rect x={from} y="0" width={Math.max(1, to - from)} height={base} />
            {b.use === 'listening' && (
              <line x1={from} x2={to} y1="2" y2="2" className={styles.listeningEdge} />
            )}
            <BandLabel x={from} room={to - from} text={name} />
          </g>
        );
      })}
      {lunches.map((o) => (
        <g key={o.startMin} className={styles.off} style={{ cursor: 'default' }}>
          <rect x={cut(o.startMin)} y="0" width={cut(o.endMin) - cut(o.startMin)} height={base} />
          <BandLabel x={cut(o.startMin)} room={cut(o.endMin) - cut(o.startMin)} text="lunch" />
        </g>
      ))}
    </>
  );
};

/** A label that is there only where it fits. */
const BandLabel = ({ x, room, text }: { x: number; room: number; text: string }) => {
  const lines = wrapped(text, room - 8);
  if (lines.length === 0) return null;
  return (
    <text x={x + 5} y="14" className={styles.label}>
      {lines.map((line, i) => (
        <tspan key={line} x={x + 5} dy={i === 0 ? 0 : 14}>
          {line}
        </tspan>
      ))}
    </text>
  );
};
