import type { Reach, Side } from '@kotabi/core/model';
import { type PointerEvent, useRef, useState } from 'react';
import styles from './measure.module.css';

const R = 92;
const MIDDLE = 110;

const point = (hour: number, r: number): { x: number; y: number } => {
  const angle = (hour * 30 * Math.PI) / 180;
  return { x: MIDDLE + r * Math.sin(angle), y: MIDDLE - r * Math.cos(angle) };
};

/** The hour an arm shows, as a number on the face. */
const hourOf = (side: Side, up: number): number => (side === 'left' ? 6 + up : 6 - up);

/** Which arm came how far up, in half hours from straight down, where the face is pressed at so far from its middle. */
export const armAt = (dx: number, dy: number): { side: Side; up: number } => {
  const fromBelow = (Math.atan2(Math.abs(dx), dy) * 180) / Math.PI;
  return { side: dx < 0 ? 'left' : 'right', up: Math.round(fromBelow / 15) / 2 };
};

type When = 'before' | 'after';
interface Hand {
  side: Side;
  when: When;
  up: number;
}

interface Props {
  reach: readonly Reach[];
  /** What a press on the face is for. */
  when: When;
  set: (side: Side, up: number) => void;
}

/** A clock face with the hour that each arm came to: open hands before, filled ones after. A hand is set by pressing or drawing it. */
export const ClockFace = ({ reach, when, set }: Props) => {
  const face = useRef<SVGSVGElement>(null);
  const [drawn, setDrawn] = useState<Hand | null>(null);
  const at = (e: PointerEvent): Hand | null => {
    const box = face.current?.getBoundingClientRect();
    if (!box) return null;
    const x = ((e.clientX - box.left) / box.width) * 2 * MIDDLE - MIDDLE;
    const y = ((e.clientY - box.top) / box.height) * 2 * MIDDLE - MIDDLE;
    return { ...armAt(x, y), when };
  };
  const kept = reach
    .filter((r) => r.kind === 'arm on the clock')
    .flatMap((r) =>
      (['before', 'after'] as const).flatMap((one): Hand[] => {
        const up = r[one][0];
        return up === undefined || r.side === 'both' ? [] : [{ side: r.side, when: one, up }];
      }),
    );
  const hands = drawn ? [...kept.filter((h) => h.side !== drawn.side || h.when !== when), drawn] : kept;
  return (
    <svg
      ref={face}
      viewBox="0 0 220 220"
      width="200"
      height="200"
      aria-hidden="true"
      className={styles.clock}
      onPointerDown={(e) => {
        e.currentTarget.setPointerCapture(e.pointerId);
        setDrawn(at(e));
      }}
      onPointerMove={(e) => {
        // An arm stays the one that it began as.
        const next = drawn && at(e);
        if (next && next.side === drawn.side) setDrawn(next);
      }}
      onPointerUp={() => {
        if (drawn) set(drawn.side, drawn.up);
        setDrawn(null);
      }}
      onPointerCancel={() => setDrawn(null)}
    >
      <circle cx={MIDDLE} cy={MIDDLE} r={R + 10} fill="var(--paper)" stroke="#CBBFA6" strokeWidth="3" />
      {Array.from({ length: 12 }, (_, i) => i + 1).map((hour) => {
        const { x, y } = point(hour, R - 6);
        return (
          <text key={hour} x={x} y={y + 5} textAnchor="middle" fontSize="14" fill="var(--muted)">
            {hour}
          </text>
        );
      })}
      {hands.map((hand) => {
        const { x, y } = point(hourOf(hand.side, hand.up), R - 24);
        return (
          <line
            key={`${hand.side} ${hand.when}`}
            x1={MIDDLE}
            y1={MIDDLE}
            x2={x}
            y2={y}
            stroke={`var(--${hand.side})`}
            strokeWidth={hand.when === 'before' ? 4 : 8}
            strokeDasharray={hand.when === 'before' ? '5 5' : undefined}
            strokeLinecap="round"
          />
        );
      })}
      <circle cx={MIDDLE} cy={MIDDLE} r="6" fill="var(--ink)" />
    </svg>
  );
};
