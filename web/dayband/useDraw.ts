import type { DayInput, Interval } from '@kotabi/core/model';
import { type PointerEvent, type RefObject, useState } from 'react';
import type { BandScale } from './geometry';

/** A stretch shorter than this was a click, not a drawing. */
const LEAST_MIN = 10;

/** Drawing a stretch of time on the ground of a band. */
export const useDraw = (
  svg: RefObject<SVGSVGElement | null>,
  input: DayInput,
  scale: BandScale,
  onDraw: (span: Interval) => void,
) => {
  const [drawn, setDrawn] = useState<{ from: number; to: number } | null>(null);
  const minute = (event: PointerEvent): number => {
    const left = svg.current?.getBoundingClientRect().left ?? 0;
    const at = Math.round(scale.minuteAt(event.clientX - left) / 5) * 5;
    return Math.min(Math.max(at, input.startMin), input.endMin);
  };
  const span = drawn && {
    startMin: Math.min(drawn.from, drawn.to),
    endMin: Math.max(drawn.from, drawn.to),
  };
  return {
    span: span && span.endMin - span.startMin >= LEAST_MIN ? span : null,
    handlers: {
      onPointerDown: (event: PointerEvent<SVGRectElement>) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        const at = minute(event);
        setDrawn({ from: at, to: at });
      },
      onPointerMove: (event: PointerEvent<SVGRectElement>) => {
        if (drawn) setDrawn({ ...drawn, to: minute(event) });
      },
      onPointerUp: () => {
        if (span && span.endMin - span.startMin >= LEAST_MIN) onDraw(span);
        setDrawn(null);
      },
      onPointerCancel: () => setDrawn(null),
    },
  };
};
