import type { Reach } from '@kotabi/core/model';

const R = 92;

const point = (hour: number, r: number): { x: number; y: number } => {
  const angle = (hour * 30 * Math.PI) / 180;
  return { x: 110 + r * Math.sin(angle), y: 110 - r * Math.cos(angle) };
};

/** The hour an arm shows, as a number on the face. */
const hourOf = (side: 'left' | 'right', up: number): number => (side === 'left' ? 6 + up : 6 - up);

/** A clock face with the hour that each arm came to: open hands before, filled ones after. */
export const ClockFace = ({ reach }: { reach: readonly Reach[] }) => (
  <svg viewBox="0 0 220 220" width="200" height="200" aria-hidden="true">
    <circle cx="110" cy="110" r={R + 10} fill="none" stroke="#CBBFA6" strokeWidth="3" />
    {Array.from({ length: 12 }, (_, i) => i + 1).map((hour) => {
      const { x, y } = point(hour, R - 6);
      return (
        <text key={hour} x={x} y={y + 5} textAnchor="middle" fontSize="14" fill="var(--muted)">
          {hour}
        </text>
      );
    })}
    {reach
      .filter((r) => r.kind === 'arm on the clock' && r.side !== 'both')
      .flatMap((r) =>
        (['before', 'after'] as const).flatMap((when) => {
          const value = r[when][0];
          if (value === undefined || r.side === 'both') return [];
          const { x, y } = point(hourOf(r.side, value), R - 24);
          return [
            <line
              key={`${r.side} ${when}`}
              x1="110"
              y1="110"
              x2={x}
              y2={y}
              stroke={`var(--${r.side})`}
              strokeWidth={when === 'before' ? 4 : 8}
              strokeDasharray={when === 'before' ? '5 5' : undefined}
              strokeLinecap="round"
            />,
          ];
        }),
      )}
    <circle cx="110" cy="110" r="6" fill="var(--ink)" />
  </svg>
);
