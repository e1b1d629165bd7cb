import type { DayInput, PlannedBreak } from '@kotabi/core/model';
import type { KeyboardEvent, PointerEvent } from 'react';
import { clock } from '../words/time';
import styles from './dayband.module.css';
import { type BandScale, NAMES_AT, timeAndName } from './geometry';

/** What a grip shows: no break chosen yet, one that fits, one that takes longer than its time. */
export type GripState = 'open' | 'chosen' | 'too long';

const STATE = { open: '', chosen: styles.filled, 'too long': styles.long };

interface Props {
  input: DayInput;
  planned: PlannedBreak;
  lengthMin: number;
  scale: BandScale;
  label: string;
  /** The break that is chosen; what is said where none is. */
  name: string;
  /** What it does, at a glance; empty where none is chosen. */
  does: string;
  /** What came of it, in words; empty while it was not led. */
  led: string;
  /** That it is too close to its neighbour, if it is; it may stay there. */
  close: string | null;
  /** Pixels there are for its time and name on the band. */
  room: number;
  state: GripState;
  /** What stands in its way, if anything does. */
  wrong: string | null;
  chosen: boolean;
  dragged: boolean;
  choose: () => void;
  drag: (event: PointerEvent<SVGGElement>) => void;
  drop: () => void;
  keys: (event: KeyboardEvent) => void;
}

/** One planned break on its day: to be dragged, moved by key, or chosen. */
export const Grip = (p: Props) => {
  const { planned: b, lengthMin, scale } = p;
  const { x, base } = scale;
  const wide = Math.max(11, x(b.startMin + lengthMin) - x(b.startMin));
  const middle = (x(b.startMin) + x(b.startMin + lengthMin)) / 2;
  const says = [
    clock(b.startMin),
    b.skipped && 'will not be held',
    b.led && 'led',
    b.locked && 'set by hand',
    p.state === 'too long' && 'takes longer than planned',
    p.wrong,
    p.close,
    p.led,
  ];
  const grip = (
    <g
      role="slider"
      tabIndex={0}
      aria-label={p.label}
      aria-valuemin={p.input.startMin}
      aria-valuemax={p.input.endMin}
      aria-valuenow={b.startMin}
      aria-valuetext={says.filter(Boolean).join(', ')}
      className={`${styles.grip} ${STATE[p.state]} ${p.wrong ? styles.wrong : p.close ? styles.close : ''} ${b.skipped ? styles.skipped : ''} ${p.chosen ? styles.chosen : ''}`}
      onPointerDown={(e) => {
        e.currentTarget.setPointerCapture(e.pointerId);
        p.choose();
      }}
      onPointerMove={p.drag}
      onPointerUp={p.drop}
      onPointerCancel={p.drop}
      onFocus={p.choose}
      onKeyDown={p.keys}
    >
      <title>{`${clock(b.startMin)} to ${clock(b.startMin + lengthMin)}: ${p.name}${p.does && `\n${p.does}`}${p.led && `\n${p.led}`}${p.close ? `\n${p.close}` : ''}`}</title>
      <rect x={middle - 12} y={base - 14} width="24" height="32" fill="transparent" />
      <rect x={middle - wide / 2} y={base - 9} width={wide} height="20" rx="5" className={styles.handle} />
      {b.led && <path d={`M${middle - 5} ${base - 12} l5 -6 l5 6 z`} className={styles.ledMark} />}
      {p.led && <path d={`M${middle - 4} ${base + 1} l3 3.5 l5 -7`} className={styles.doneMark} />}
      {b.locked && !b.skipped && !p.led && (
        <circle cx={middle} cy={base + 1} r="2.2" className={styles.dot} />
      )}
      {b.skipped && (
        <line x1={middle - 7} x2={middle + 7} y1={base + 9} y2={base - 7} className={styles.skipLine} />
      )}
      {p.dragged && (
        <text x={middle} y={base - 16} textAnchor="middle" className={styles.dragTime}>
          {clock(b.startMin)}
          {p.close && ` · ${p.close}`}
        </text>
      )}
    </g>
  );
  if (b.skipped) return grip;
  return (
    <>
      {grip}
      <text
        x={middle - wide / 2}
        y={base + NAMES_AT}
        className={styles.name}
        // Chosen, but not taken hold of: dragged by its name it would jump to where the name was pressed.
        onPointerDown={p.choose}
      >
        <title>{p.name}</title>
        {timeAndName(clock(b.startMin), p.state === 'open' ? '' : p.name, p.room)}
      </text>
    </>
  );
};
