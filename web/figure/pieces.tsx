import type { Arrow, Shape } from '@kotabi/core/figure';
import type { Palette } from '@kotabi/core/pictures';

const FELT = { left: 'var(--left)', right: 'var(--right)', both: 'var(--together)' } as const;

/** Hatches of the two sides: falling for left, rising for right; together is plain. */
export const Hatches = ({ id, scale }: { id: string; scale: number }) => (
  <defs>
    {(['left', 'right'] as const).map((side) => (
      <pattern
        key={side}
        id={`${id}-${side}`}
        width={14 * scale}
        height={14 * scale}
        patternUnits="userSpaceOnUse"
        patternTransform={`rotate(${side === 'left' ? 45 : -45})`}
      >
        <rect width={14 * scale} height={14 * scale} fill={FELT[side]} fillOpacity={0.55} />
        <rect width={5 * scale} height={14 * scale} fill={FELT[side]} />
      </pattern>
    ))}
  </defs>
);

/** Cloth of the limb that moves, tinted by the side of the way. */
export const Tint = ({ d, side }: { d: string; side: 'left' | 'right' }) => (
  <path d={d} fill={FELT[side]} fillOpacity={0.2} />
);

/** One piece of cut paper, with a thin gap of the page's colour round it. */
export const Piece = ({
  shape,
  palette,
  gap,
  gapWidth,
  hatch,
}: {
  shape: Shape;
  palette: Palette;
  gap: string;
  gapWidth: number;
  hatch: string;
}) => {
  if (shape.tone === 'felt') {
    const side = shape.side ?? 'both';
    return (
      <path
        d={shape.d}
        fill={side === 'both' ? FELT.both : `url(#${hatch}-${side})`}
        fillOpacity={shape.behind ? 0.35 : side === 'both' ? 0.6 : 0.85}
        stroke={shape.behind ? FELT[side] : 'none'}
        strokeWidth={gapWidth * 0.5}
        strokeDasharray={shape.behind ? `${gapWidth * 1.6} ${gapWidth * 1.6}` : undefined}
        strokeOpacity={0.6}
      />
    );
  }
  return (
    <path
      d={shape.d}
      fill={palette[shape.tone]}
      stroke={gap}
      strokeWidth={gapWidth}
      strokeLinejoin="round"
      paintOrder="stroke"
    />
  );
};

const at = ({ x, y }: Arrow['points'][number]): string => `${Math.round(x)} ${Math.round(y)}`;

/** A line through points without corners: curves from middle to middle. */
const smooth = (points: Arrow['points']): string => {
  const [first, ...rest] = points;
  if (!first) return '';
  const curves = rest.slice(0, -1).map((p, i) => {
    const next = rest[i + 1] ?? p;
    return `Q${at(p)} ${at({ x: (p.x + next.x) / 2, y: (p.y + next.y) / 2 })}`;
  });
  return `M${at(first)}${curves.join('')}L${at(rest.at(-1) ?? first)}`;
};

/** A small arrow: movement is a thin line, pressure a short thick one. */
export const ArrowMark = ({ arrow, scale, colour }: { arrow: Arrow; scale: number; colour: string }) => {
  const { points, kind } = arrow;
  const tip = points.at(-1);
  const before = points.at(-2);
  if (!tip || !before) return null;
  const angle = Math.atan2(tip.y - before.y, tip.x - before.x);
  const head = 46 * scale;
  const wing = (turn: number) =>
    `${tip.x - head * Math.cos(angle + turn)} ${tip.y - head * Math.sin(angle + turn)}`;
  return (
    <path
      d={`${smooth(points)}M${wing(0.5)}L${tip.x} ${tip.y}L${wing(-0.5)}`}
      fill="none"
      stroke={colour}
      strokeWidth={(kind === 'press' ? 20 : 11) * scale}
      strokeLinecap="round"
      strokeLinejoin="round"
    />
  );
};
