import { restOfBreath } from '@kotabi/core/breath';
import { isWork, type Part, type WorkPart } from '@kotabi/core/timing';
import { memo } from 'react';
import { joined } from './rows';

export const SPINE_WIDTH = 148;
const MIDDLE = SPINE_WIDTH / 2;
const WAVE = 7;
const ARM = 62;

const fills = { left: 'var(--left-soft)', right: 'var(--right-soft)', both: 'var(--together-soft)' } as const;
const lines = { left: 'var(--left)', right: 'var(--right)', both: 'var(--together)' } as const;

/** The hatches of the two sides, drawn once for the whole page. */
export const SpinePatterns = () => (
  <svg width="0" height="0" style={{ position: 'absolute' }} aria-hidden="true">
    <defs>
      <pattern id="hatch-left" width="7" height="7" patternUnits="userSpaceOnUse">
        <path d="M0 0 L7 7 M-2 5 L2 9 M5 -2 L9 2" stroke="var(--left)" strokeWidth="1" opacity="0.55" />
      </pattern>
      <pattern id="hatch-right" width="7" height="7" patternUnits="userSpaceOnUse">
        <path d="M0 7 L7 0 M-2 2 L2 -2 M5 9 L9 5" stroke="var(--right)" strokeWidth="1" opacity="0.55" />
      </pattern>
    </defs>
  </svg>
);

/** One breath swings to the left while it goes in and to the right while it goes out; free breath is a straight line. */
const wave = (parts: readonly Part[], y: (ms: number) => number, height: number): string => {
  let d = `M${MIDDLE} 0`;
  const to = (x: number, at: number, bend: number): void => {
    d += ` Q${MIDDLE + bend} ${y(x)} ${MIDDLE} ${at.toFixed(1)}`;
  };
  for (const part of parts) {
    const { startMs, lengthMs } = part;
    const breath = part.kind === 'work' ? part.breath : null;
    const end = startMs + lengthMs;
    if (!breath) {
      d += ` L${MIDDLE} ${y(end).toFixed(1)}`;
      continue;
    }
    for (let t = startMs; t < end - 1; t += breath.cycleMs) {
      const turn = Math.min(end, t + breath.inMs);
      const done = Math.min(end, t + breath.cycleMs);
      to((t + turn) / 2, y(turn), -2 * WAVE);
      if (done > turn) to((turn + done) / 2, y(done), 2 * WAVE);
    }
  }
  return `${d} L${MIDDLE} ${height}`;
};

const block = (part: WorkPart, y: (ms: number) => number) => {
  // The side that is named is the side it lies on; where it is felt is told in words.
  const side = part.side ?? 'both';
  const top = y(part.startMs);
  const height = Math.max(3, y(part.startMs + part.lengthMs) - top - 1);
  const x = side === 'left' ? MIDDLE - ARM - 4 : side === 'right' ? MIDDLE + 4 : MIDDLE - ARM / 2;
  const shape = { x, y: top + 0.5, width: ARM, height, rx: Math.min(6, height / 2) };
  return (
    <g key={part.index}>
      <rect {...shape} fill={fills[side]} stroke={lines[side]} strokeWidth="1.2" />
      {side !== 'both' && <rect {...shape} fill={`url(#hatch-${side})`} />}
    </g>
  );
};

/** Where a hold ends: a full mark on the wave at the end of a breath out, an open one where it does not. */
const endMark = (part: WorkPart, y: (ms: number) => number) => {
  if (!part.breath || part.reps !== null) return null;
  const onOut = restOfBreath(part.breath, part.lengthMs) === 0;
  return (
    <circle
      key={`end ${part.index}`}
      cx={MIDDLE}
      cy={y(part.startMs + part.lengthMs)}
      r={onOut ? 3 : 3.6}
      fill={onOut ? 'var(--together)' : 'var(--paper)'}
      stroke={onOut ? 'var(--paper)' : 'var(--stop)'}
      strokeWidth={onOut ? 1 : 1.6}
    />
  );
};

/** True when two runs of parts look the same, wherever in the break they stand. */
export const alike = (a: readonly Part[], b: readonly Part[]): boolean =>
  a === b ||
  (a.length === b.length &&
    a.every((p, i) => {
      const q = b[i];
      return (
        q !== undefined &&
        p.kind === q.kind &&
        p.side === q.side &&
        p.lengthMs === q.lengthMs &&
        (p.kind !== 'work' ||
          (q.kind === 'work' &&
            p.reps === q.reps &&
            p.breath?.cycleMs === q.breath?.cycleMs &&
            p.breath?.inMs === q.breath?.inMs))
      );
    }));

interface Props {
  parts: readonly Part[];
  height: number;
  /** A stretch: where it ends in the breath is marked. */
  holds: boolean;
}

/** The piece of the spine beside one row: the breath's wave and the work hanging left, right or across. */
export const Spine = memo(
  ({ parts: given, height, holds }: Props) => {
    const parts = joined(given);
    const total = parts.reduce((sum, p) => sum + p.lengthMs, 0) || 1;
    const pad = 5;
    const y = (ms: number): number => pad + (ms / total) * (height - 2 * pad);
    return (
      <svg width={SPINE_WIDTH} height={height} aria-hidden="true" style={{ display: 'block' }}>
        {parts.filter(isWork).map((p) => block(p, y))}
        <path
          d={wave(parts, y, height)}
          fill="none"
          stroke="var(--together)"
          strokeWidth="1.6"
          opacity="0.85"
        />
        {holds && parts.filter(isWork).map((p) => endMark(p, y))}
      </svg>
    );
  },
  (a, b) => a.height === b.height && a.holds === b.holds && alike(a.parts, b.parts),
);
Spine.displayName = 'Spine';
