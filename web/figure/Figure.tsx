import type { Arrow, Box, Shape } from '@kotabi/core/figure';
import { PICTURE_ASPECT } from '@kotabi/core/figure';
import type { Position, Side, View } from '@kotabi/core/model';
import { type Drawn, PALETTES, stillPicture } from '@kotabi/core/pictures';
import { Fragment, memo, type ReactNode, useEffect, useId, useRef, useState } from 'react';
import { usePalette } from './palette';
import { ArrowMark, Hatches, Piece, Tint } from './pieces';

interface CanvasProps {
  box: Box;
  shapes: readonly Shape[];
  ghost?: readonly Shape[];
  arrows?: readonly Arrow[];
  /** The limbs that move, and the side of the way they are tinted by. */
  moving?: { names: ReadonlySet<string>; side: Side } | null;
  width: number;
  /** Colour of the gaps between the pieces: the page behind the figure. */
  gap?: string;
  /** Faces the group: left and right of the page changed over. */
  facing?: boolean;
  /** Plain-language description; decorative when left out. */
  label?: string;
  children?: ReactNode;
  /** Width by height, where the box is cut otherwise than pictures of moves are. */
  aspect?: number;
}

/** Draws shapes as cut paper. */
export const FigureCanvas = ({
  box,
  shapes,
  ghost = [],
  arrows = [],
  moving = null,
  width,
  gap = 'var(--paper)',
  facing = false,
  label,
  children,
  aspect = PICTURE_ASPECT,
}: CanvasProps) => {
  const palette = PALETTES[usePalette((s) => s.name)];
  const hatch = useId();
  // Gaps and arrows keep their size on the screen, however much of the body is shown.
  const scale = box.height / 1500;
  const gapWidth = Math.max(14, 2.2 * (box.width / width)) * (box.height < 800 ? 0.7 : 1);
  const dark = gap.startsWith('rgba');
  const draw = (shape: Shape, i: number) => (
    <Fragment key={i}>
      <Piece shape={shape} palette={palette} gap={gap} gapWidth={gapWidth} hatch={hatch} />
      {moving?.names.has(shape.name) && <Tint d={shape.d} side={moving.side} />}
    </Fragment>
  );
  const arrowColour = dark ? '#F3E9D2' : moving ? `var(--${moving.side})` : 'var(--ink)';
  return (
    <svg
      viewBox={`${box.x} ${box.y} ${box.width} ${box.height}`}
      width={width}
      height={width / aspect}
      {...(label ? { role: 'img', 'aria-label': label } : { 'aria-hidden': true })}
      style={{ display: 'block', flex: 'none' }}
    >
      <Hatches id={hatch} scale={scale * 1.6} />
      <g transform={facing ? `translate(${2 * box.x + box.width} 0) scale(-1 1)` : undefined}>
        {ghost.map((s, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: pieces have no other identity than their order
          <path key={i} d={s.d} fill={dark ? '#2C3745' : '#ECE5D8'} />
        ))}
        {shapes.map(draw)}
        {arrows.map((arrow, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: arrows have no other identity than their order
          <ArrowMark key={i} arrow={arrow} scale={scale} colour={arrowColour} />
        ))}
        {children}
      </g>
    </svg>
  );
};

interface Props {
  move: Drawn;
  /** The way that is shown; the left one unless told otherwise. */
  side?: Side | null;
  rung?: string;
  position?: Position;
  view?: View;
  /** The second of two directions. */
  second?: boolean;
  width?: number;
  gap?: string;
  facing?: boolean;
  label?: string;
  /** Small pictures leave the ghost and the arrows out. */
  plain?: boolean;
}

/** True once the element has come near the page that is seen: pictures far down a list are drawn when needed. */
const useNear = () => {
  const ref = useRef<HTMLSpanElement>(null);
  const [near, setNear] = useState(false);
  useEffect(() => {
    const element = ref.current;
    if (!element || near) return;
    const watch = new IntersectionObserver(
      (entries) => {
        if (entries.some((e) => e.isIntersecting)) setNear(true);
      },
      { rootMargin: '300px' },
    );
    watch.observe(element);
    return () => watch.disconnect();
  }, [near]);
  return { ref, near };
};

/** A move drawn in cut paper, standing still. Decorative unless it has a label: the words beside it say the same. */
export const Figure = memo(
  ({ move, side, rung, position, view, second, width = 120, gap, facing, label, plain }: Props) => {
    const { ref, near } = useNear();
    if (!near)
      return (
        <span
          ref={ref}
          style={{ display: 'block', flex: 'none', width, height: width / PICTURE_ASPECT }}
          {...(label && { role: 'img', 'aria-label': label })}
        />
      );
    const still = stillPicture(move, side ?? 'left', rung, view, position, second);
    return (
      <FigureCanvas
        box={still.box}
        shapes={still.shapes}
        ghost={plain ? [] : still.ghost}
        arrows={plain ? [] : still.arrows}
        moving={plain ? null : still.moving}
        width={width}
        gap={gap}
        facing={facing}
        label={label}
      />
    );
  },
);
Figure.displayName = 'Figure';
