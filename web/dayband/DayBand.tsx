import type { BusyTime, DayInput, Interval, Minutes, PlannedBreak, Rule } from '@kotabi/core/model';
import { freeStart, kindOf, obstacle, readDay, tooClose } from '@kotabi/core/schedule';
import { type KeyboardEvent, type PointerEvent, useId, useMemo, useRef, useState } from 'react';
import { clock } from '../words/time';
import { tooCloseText } from '../words/week';
import styles from './dayband.module.css';
import { Grip, type GripState } from './Grip';
import { BAND_HEIGHT, BELOW, bandScale, HOURS_AT, runPath } from './geometry';
import runStyles from './run.module.css';
import { Spans } from './Spans';
import { useDraw } from './useDraw';

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
  doesOf: (planned: PlannedBreak) => string;
  ledOf: (planned: PlannedBreak) => string;
  stateOf: (planned: PlannedBreak) => GripState;
  chosen: string | null;
  /** The minute at which it is now; null on other days. */
  nowMin: number | null;
  onChoose: (id: string, kind: 'break' | 'busy') => void;
  onMove: (id: string, startMin: number) => void;
  onRemove: (id: string) => void;
  /** A busy time was drawn on the ground. */
  onDraw: (span: Interval) => void;
  /** Told while a break is dragged: the day as it would be; null when it is let go. */
  onPreview: (breaks: readonly PlannedBreak[] | null) => void;
}

/** So far from its break a name ends at the next one; the last of a day may go so far beyond its band. */
const BEYOND = 14;

/** One day as a band: the run at the desk climbs and falls back at each break; meetings and lunch lie behind. */
export const DayBand = (p: Props) => {
  const { input, rule, width } = p;
  const id = useId();
  const svg = useRef<SVGSVGElement>(null);
  const [dragged, setDragged] = useState<{ id: string; startMin: number } | null>(null);
  const scale = useMemo(() => bandScale(input, width, p.highestRun), [input, width, p.highestRun]);
  const { x, y, base } = scale;
  const draw = useDraw(svg, input, scale, p.onDraw);
  const breaks = p.breaks.map((b) => (b.id === dragged?.id ? { ...b, startMin: dragged.startMin } : b));
  const { run } = readDay(
    input,
    breaks.filter((b) => !b.skipped),
  );
  const path = runPath(run, input.startMin, scale);
  const hours = [];
  for (let h = Math.ceil(input.startMin / 60); h * 60 <= input.endMin; h++) hours.push(h);

  const spanOf = (b: PlannedBreak) => ({
    startMin: b.startMin,
    endMin: b.startMin + kindOf(rule, b).lengthMin,
  });
  const othersOf = (b: PlannedBreak) => p.breaks.filter((o) => o.id !== b.id && !o.skipped).map(spanOf);
  /** Pixels for a name from a break to the next one, or a little beyond the end of the band. */
  const roomAfter = (b: PlannedBreak): number => {
    const ends = breaks.filter((o) => o.startMin > b.startMin).map((o) => x(o.startMin) - BEYOND);
    return Math.min(...ends, width + BEYOND) - x(b.startMin);
  };
  const closeOf = (b: PlannedBreak): string | null => {
    const close = b.skipped
      ? null
      : tooClose(
          rule,
          breaks.filter((o) => o.id !== b.id && !o.skipped),
          b,
        );
    return close && tooCloseText(close);
  };
  const near = (b: PlannedBreak, minute: number): number =>
    freeStart(input, othersOf(b), kindOf(rule, b), minute) ?? b.startMin;

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
      if (!obstacle(input, othersOf(b), at, kindOf(rule, b))) {
        p.onMove(b.id, at);
        return;
      }
  };

  return (
    <svg
      ref={svg}
      width={width}
      height={BAND_HEIGHT + BELOW}
      className={styles.band}
      role="group"
      aria-label={`${p.dayName}: the run at the desk and ${breaks.length} breaks`}
    >
      <defs>
        <clipPath id={`${id}over`}>
          <rect x="0" y="0" width={width} height={Math.max(0, y(rule.limitMin))} />
        </clipPath>
      </defs>
      <rect x="0" y="0" width={width} height={base} rx="8" className={styles.ground} {...draw.handlers} />
      <Spans
        input={input}
        busy={p.busy}
        scale={scale}
        chosen={p.chosen}
        onChoose={(busyId, kind) => p.onChoose(busyId, kind)}
      />
      <path d={path} className={runStyles.run} />
      <path d={path} className={runStyles.over} clipPath={`url(#${id}over)`} />
      <line x1="0" x2={width} y1={y(rule.limitMin)} y2={y(rule.limitMin)} className={runStyles.limit} />
      {p.nowMin !== null && p.nowMin >= input.startMin && p.nowMin <= input.endMin && (
        <g pointerEvents="none">
          <rect x="0" y="0" width={x(p.nowMin)} height={base} rx="8" className={styles.past} />
          <line x1={x(p.nowMin)} x2={x(p.nowMin)} y1="-4" y2={base + 4} className={styles.now} />
          <text
            x={x(p.nowMin) + (x(p.nowMin) > width - 80 ? -6 : 6)}
            y={base - 8}
            textAnchor={x(p.nowMin) > width - 80 ? 'end' : 'start'}
            className={styles.nowText}
          >
            now {clock(p.nowMin)}
          </text>
        </g>
      )}
      {draw.span && (
        <g pointerEvents="none">
          <rect
            x={x(draw.span.startMin)}
            y="0"
            width={x(draw.span.endMin) - x(draw.span.startMin)}
            height={base}
            className={styles.drawing}
          />
          <text x={x(draw.span.startMin) + 5} y="30" className={styles.dragTime}>
            {clock(draw.span.startMin)} to {clock(draw.span.endMin)}
          </text>
        </g>
      )}
      {hours.map((h) => (
        <text
          key={h}
          x={x(h * 60)}
          y={base + HOURS_AT}
          className={styles.hour}
          textAnchor={x(h * 60) < 8 ? 'start' : x(h * 60) > width - 8 ? 'end' : 'middle'}
        >
          {h % 24}
        </text>
      ))}
      {breaks.map((b) => (
        <Grip
          key={b.id}
          input={input}
          planned={b}
          lengthMin={kindOf(rule, b).lengthMin}
          scale={scale}
          label={`${p.dayName}, ${p.nameOf(b)}`}
          name={p.nameOf(b)}
          does={p.doesOf(b)}
          led={p.ledOf(b)}
          close={closeOf(b)}
          room={roomAfter(b)}
          state={p.stateOf(b)}
          wrong={b.skipped ? null : obstacle(input, othersOf(b), b.startMin, kindOf(rule, b))}
          chosen={p.chosen === b.id}
          dragged={dragged?.id === b.id}
          choose={() => p.onChoose(b.id, 'break')}
          drag={drag(b)}
          drop={drop(b)}
          keys={keys(b)}
        />
      ))}
    </svg>
  );
};
