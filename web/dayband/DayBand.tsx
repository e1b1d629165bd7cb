import type { BusyTime, DayInput, Minutes, PlannedBreak, Rule } from '@kotabi/core/model';
import { freeStart, kindOf, obstacle, readDay } from '@kotabi/core/schedule';
import { type KeyboardEvent, type PointerEvent, useId, useMemo, useRef, useState } from 'react';
import { clock } from '../words/time';
import styles from './dayband.module.css';
import { BAND_HEIGHT, bandScale, runPath } from './geometry';

/** What a grip shows: no break chosen yet, one that fits, one that takes longer than its time. */
export type GripState = 'open' | 'chosen' | 'too long';

const GRIP = { open: '', chosen: styles.filled, 'too long': styles.long };

interface Props {
  input: DayInput;
  rule: Rule;
  busy: readonly BusyTime[];
  breaks: readonly PlannedBreak[];
  width: number;
  /** The run that reaches the top of the band, the same for all days. */
  highestRun: Minutes;
  dayName: string;
  nameOf: (planned: PlannedBreak) => string;
  stateOf: (planned: PlannedBreak) => GripState;
  chosen: string | null;
  onChoose: (id: string, kind: 'break' | 'busy') => void;
  onMove: (id: string, startMin: number) => void;
  onRemove: (id: string) => void;
  /** Told while a break is dragged: the day as it would be; null when it is let go. */
  onPreview: (breaks: readonly PlannedBreak[] | null) => void;
}

/** One day as a band: the run at the desk climbs and falls back at each break; meetings and lunch lie behind. */
export const DayBand = (p: Props) => {
  const { input, rule, width } = p;
  const id = useId();
  const svg = useRef<SVGSVGElement>(null);
  const [dragged, setDragged] = useState<{ id: string; startMin: number } | null>(null);
  const scale = useMemo(() => bandScale(input, width, p.highestRun), [input, width, p.highestRun]);
  const { x, y, base } = scale;
  const breaks = p.breaks.map((b) => (b.id === dragged?.id ? { ...b, startMin: dragged.startMin } : b));
  const { run } = readDay(input, breaks);
  const path = runPath(run, input.startMin, scale);
  const hours = [];
  for (let h = Math.ceil(input.startMin / 60); h * 60 <= input.endMin; h++) hours.push(h);

  const spanOf = (b: PlannedBreak) => ({
    startMin: b.startMin,
    endMin: b.startMin + kindOf(rule, b).lengthMin,
  });
  const othersOf = (b: PlannedBreak) => p.breaks.filter((o) => o.id !== b.id).map(spanOf);
  const near = (b: PlannedBreak, minute: number): number =>
    freeStart(input, othersOf(b), kindOf(rule, b).lengthMin, minute) ?? b.startMin;

  const drag = (b: PlannedBreak) => (event: PointerEvent<SVGGElement>) => {
    if (!event.currentTarget.hasPointerCapture(event.pointerId)) return;
    const left = svg.current?.getBoundingClientRect().left ?? 0;
    const startMin = near(b, scale.minuteAt(event.clientX - left) - kindOf(rule, b).lengthMin / 2);
    if (dragged?.startMin === startMin) return;
    setDragged({ id: b.id, startMin });
    p.onPreview(p.breaks.map((o) => (o.id === b.id ? { ...o, startMin } : o)));
  };
  const drop =
    ({ id }: PlannedBreak) =>
    () => {
      // What is drawn has moved already; what is kept has not.
      const kept = p.breaks.find((b) => b.id === id);
      if (dragged && dragged.startMin !== kept?.startMin) p.onMove(id, dragged.startMin);
      setDragged(null);
      p.onPreview(null);
    };
  const keys = (b: PlannedBreak) => (event: KeyboardEvent) => {
    if (event.key === 'Delete' || event.key === 'Backspace') {
      event.preventDefault();
      p.onRemove(b.id);
      return;
    }
    const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key];
    if (!by) return;
    event.preventDefault();
    // Looks past what is in the way, so that a break can be walked over a meeting.
    for (
      let at = b.startMin + by * input.gridMin;
      at >= input.startMin && at <= input.endMin;
      at += by * input.gridMin
    )
      if (!obstacle(input, othersOf(b), at, kindOf(rule, b).lengthMin)) {
        p.onMove(b.id, at);
        return;
      }
  };

  return (
    <svg
      ref={svg}
      width={width}
      height={BAND_HEIGHT + 34}
      className={styles.band}
      role="group"
      aria-label={`${p.dayName}: the run at the desk and ${breaks.length} breaks`}
    >
      <defs>
        <clipPath id={`${id}over`}>
          <rect x="0" y="0" width={width} height={Math.max(0, y(rule.limitMin))} />
        </clipPath>
      </defs>
      <rect x="0" y="0" width={width} height={base} rx="8" className={styles.ground} />
      {p.busy.map((b) => (
        <g
          key={b.id}
          role="button"
          tabIndex={0}
          aria-label={`${b.label || (b.offDesk ? 'Off the desk' : 'Busy')}, ${clock(b.startMin)} to ${clock(b.endMin)}`}
          className={`${b.offDesk ? styles.off : styles.busy} ${p.chosen === b.id ? styles.chosenBusy : ''}`}
          onClick={() => p.onChoose(b.id, 'busy')}
          onKeyDown={(e) => e.key === 'Enter' && p.onChoose(b.id, 'busy')}
        >
          <title>{`${b.label || 'busy'}, ${clock(b.startMin)} to ${clock(b.endMin)}`}</title>
          <rect x={x(b.startMin)} y="0" width={x(b.endMin) - x(b.startMin)} height={base} />
          <BandLabel
            x={x(b.startMin)}
            room={x(b.endMin) - x(b.startMin)}
            text={b.label || (b.offDesk ? 'off desk' : 'busy')}
          />
        </g>
      ))}
      {input.offDesk
        .filter((o) => !p.busy.some((b) => b.offDesk && b.startMin === o.startMin && b.endMin === o.endMin))
        .map((o) => (
          <g key={o.startMin} className={styles.off} style={{ cursor: 'default' }}>
            <rect x={x(o.startMin)} y="0" width={x(o.endMin) - x(o.startMin)} height={base} />
            <BandLabel x={x(o.startMin)} room={x(o.endMin) - x(o.startMin)} text="lunch" />
          </g>
        ))}
      <path d={path} className={styles.run} />
      <path d={path} className={styles.over} clipPath={`url(#${id}over)`} />
      <line x1="0" x2={width} y1={y(rule.limitMin)} y2={y(rule.limitMin)} className={styles.limit} />
      {hours.map((h) => (
        <text
          key={h}
          x={x(h * 60)}
          y={base + 29}
          className={styles.hour}
          textAnchor={x(h * 60) < 8 ? 'start' : x(h * 60) > width - 8 ? 'end' : 'middle'}
        >
          {h}
        </text>
      ))}
      {breaks.map((b) => {
        const { lengthMin } = kindOf(rule, b);
        const wide = Math.max(11, x(b.startMin + lengthMin) - x(b.startMin));
        const wrong = obstacle(input, othersOf(b), b.startMin, lengthMin);
        const middle = (x(b.startMin) + x(b.startMin + lengthMin)) / 2;
        return (
          <g
            key={b.id}
            role="slider"
            tabIndex={0}
            aria-label={`${p.dayName}, ${p.nameOf(b)}`}
            aria-valuemin={input.startMin}
            aria-valuemax={input.endMin}
            aria-valuenow={b.startMin}
            aria-valuetext={`${clock(b.startMin)}${b.locked ? ', set by hand' : ''}${p.stateOf(b) === 'too long' ? ', takes longer than planned' : ''}${wrong ? `, ${wrong}` : ''}`}
            className={`${styles.grip} ${GRIP[p.stateOf(b)]} ${wrong ? styles.wrong : ''} ${p.chosen === b.id ? styles.chosen : ''}`}
            onPointerDown={(e) => {
              e.currentTarget.setPointerCapture(e.pointerId);
              p.onChoose(b.id, 'break');
            }}
            onPointerMove={drag(b)}
            onPointerUp={drop(b)}
            onPointerCancel={drop(b)}
            onFocus={() => p.onChoose(b.id, 'break')}
            onKeyDown={keys(b)}
          >
            <rect x={middle - 12} y={base - 14} width="24" height="32" fill="transparent" />
            <rect
              x={middle - wide / 2}
              y={base - 9}
              width={wide}
              height="20"
              rx="5"
              className={styles.handle}
            />
            {b.locked && <circle cx={middle} cy={base + 1} r="2.2" className={styles.dot} />}
            {dragged?.id === b.id && (
              <text x={middle} y={base - 16} textAnchor="middle" className={styles.dragTime}>
                {clock(b.startMin)}
              </text>
            )}
          </g>
        );
      })}
    </svg>
  );
};

/** A label that is there only where it fits. */
const BandLabel = ({ x, room, text }: { x: number; room: number; text: string }) => {
  const letters = Math.floor((room - 8) / 5.9);
  if (letters < 3) return null;
  const shown = text.length > letters ? `${text.slice(0, letters - 1)}…` : text;
  return (
    <text x={x + 5} y="14" className={styles.label}>
      {shown}
    </text>
  );
};
