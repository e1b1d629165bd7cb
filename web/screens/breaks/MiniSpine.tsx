import type { Part } from '@kotabi/core/timing';

const W = 54;
const H = 84;

/** A break at a glance: work left, right and across a spine, to scale. */
export const MiniSpine = ({ parts }: { parts: readonly Part[] }) => {
  const total = parts.reduce((sum, p) => sum + p.lengthMs, 0) || 1;
  const y = (ms: number): number => 2 + (ms / total) * (H - 4);
  return (
    <svg width={W} height={H} aria-hidden="true">
      <path d={`M${W / 2} 2 V${H - 2}`} stroke="#CBBFA6" strokeWidth="1.5" />
      {parts
        .filter((p) => p.kind === 'work')
        .map((p) => {
          const height = Math.max(1.2, y(p.startMs + p.lengthMs) - y(p.startMs) - 0.6);
          const x = p.side === 'left' ? 3 : p.side === 'right' ? W / 2 + 1.5 : W / 4;
          const fill = p.side ? `var(--${p.side})` : 'var(--together)';
          return (
            <rect
              key={p.index}
              x={x}
              y={y(p.startMs)}
              width={p.side ? W / 2 - 4.5 : W / 2}
              height={height}
              rx={Math.min(2.5, height / 2)}
              fill={fill}
              opacity={0.82}
            />
          );
        })}
    </svg>
  );
};
