import { drawFigure, FIGURE_SIZE, mirrorPose, type Shape } from '@kotabi/core/figure';
import { type Move, Pose, type Side } from '@kotabi/core/model';
import { memo } from 'react';

const PAPER = {
  seat: '#D9CFBB',
  shoe: '#4A4A52',
  shin: '#A9BBB3',
  thigh: '#6D877C',
  trunk: '#8FA59C',
  'upper arm': '#6D877C',
  forearm: '#A9BBB3',
  skin: '#E3CDB2',
  hair: '#4A4A52',
} as const;

const FELT = { left: 'var(--left)', right: 'var(--right)', both: 'var(--together)' } as const;

interface Props {
  move: Pick<Move, 'name' | 'pose'>;
  /** The way that is shown; the left one unless told otherwise. */
  side?: Side | null;
  width?: number;
  /** Colour of the gaps between the pieces: the page behind the figure. */
  gap?: string;
  /** Faces the group: left and right of the page changed over, with the side kept. */
  facing?: boolean;
}

const piece = ({ d, tone, side }: Shape, key: number, gap: string) =>
  tone === 'felt' ? (
    <path key={key} d={d} fill={FELT[side ?? 'both']} fillOpacity={0.62} />
  ) : (
    <path key={key} d={d} fill={PAPER[tone]} stroke={gap} strokeWidth={3} strokeLinejoin="round" />
  );

const rest = Pose.parse({});

/** A move drawn in cut paper. Decorative: the words beside it say the same. */
export const Figure = memo(({ move, side, width = 120, gap = 'var(--paper)', facing = false }: Props) => {
  const pose = move.pose ?? rest;
  const shown = side === 'right' ? mirrorPose(pose) : pose;
  const { width: w, height: h } = FIGURE_SIZE;
  return (
    <svg
      viewBox={`0 0 ${w} ${h}`}
      width={width}
      height={(width * h) / w}
      aria-hidden="true"
      style={{ display: 'block', flex: 'none' }}
    >
      <g transform={facing ? `translate(${w} 0) scale(-1 1)` : undefined}>
        {drawFigure(shown).map((s, i) => piece(s, i, gap))}
      </g>
    </svg>
  );
});
Figure.displayName = 'Figure';
