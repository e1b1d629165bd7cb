import type { Part } from '@kotabi/core/timing';

const SMALL = { W: 54, H: 84 };
const TALL = { W: 92, H: 330 };

interface Props {
  parts: readonly Part[];
  tall?: boolean;
  /** What the whole height stands for, so that two breaks can be compared; the break's own length when left out. */
  scaleMs?: number;
}

/** A break at a glance: work left, right and across a spine, to scale; `tall` for looking closely. */
export const MiniSpine = ({ parts, tall = false, scaleMs }: Props) => {
  const { W, H } = tall ? TALL : SMALL;
  const own = parts.reduce((sum, p) => sum + p.lengthMs, 0);
  const total = scaleMs || own || 1;
  const y = (ms: number): number => 2 + (ms / total) * (H - 4);
  return (
    <svg width={W} height={H} style={{ flex: 'none' }} aria-hidden="true">
      <path d={`M${W / 2} 2 V${y(own)}`} stroke="#CBBFA6" strokeWidth="1.5" />
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
