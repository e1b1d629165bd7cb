import { drawPose, mirrorMotion, poseAt, reversed, windowOf } from '@kotabi/core/figure';
import type { Move, Position, Side, View } from '@kotabi/core/model';
import { type Drawn, feltOf, shownMotion, stillPicture } from '@kotabi/core/pictures';
import { useEffect, useMemo, useState } from 'react';
import { FigureCanvas } from './Figure';
import { useLessMotion } from './useLessMotion';

interface Props {
  move: Drawn & Pick<Move, 'dose'>;
  side?: Side | null;
  rung?: string;
  position?: Position;
  view?: View;
  width?: number;
  gap?: string;
  facing?: boolean;
  label?: string;
  /** The second of two directions goes the other way round. */
  second?: boolean;
  /** Where the movement is, 0 to 1 of one repetition; its own tempo when left out. */
  phase?: number;
}

/** Seconds into a hold and seconds it is shown held, in a preview. */
const INTO_SEC = 2.4;
const HELD_SEC = 2.2;
const SLOW_BREATH_SEC = 10;
/** Thirty pictures a second are smooth enough for slow movement. */
const FRAME_MS = 33;

/** The phase of a movement in its own tempo. */
const useOwnTempo = (move: Props['move'], path: 'there' | 'back' | 'round', on: boolean): number => {
  const [phase, setPhase] = useState(0);
  const { usual } = move.dose;
  const repSec =
    usual.measure === 'reps' ? (typeof usual.repSec === 'string' ? SLOW_BREATH_SEC : usual.repSec) : 4;
  useEffect(() => {
    if (!on) return;
    const started = performance.now();
    let last = 0;
    let frame = 0;
    const tick = (now: number): void => {
      frame = requestAnimationFrame(tick);
      if (now - last < FRAME_MS) return;
      last = now;
      const sec = (now - started) / 1000;
      const whole = INTO_SEC * 2 + HELD_SEC;
      const at = sec % whole;
      const hold = at < INTO_SEC ? at / INTO_SEC : at < INTO_SEC + HELD_SEC ? 1 : (whole - at) / INTO_SEC;
      setPhase(path === 'there' ? hold : (sec / repSec) % 1);
    };
    frame = requestAnimationFrame(tick);
    return () => cancelAnimationFrame(frame);
  }, [on, path, repSec]);
  return phase;
};

/**
 * A move drawn in cut paper, moving in its own tempo. When the system asks for less motion it stands still, with
 * its start as a ghost.
 */
export const MovingFigure = ({
  move,
  side,
  rung,
  position,
  view,
  width = 320,
  gap,
  facing,
  label,
  second,
  phase,
}: Props) => {
  const less = useLessMotion();
  const way = side ?? 'left';
  const motion = useMemo(() => {
    const shown = shownMotion(move, rung, view, position);
    const mirrored = way === 'right' ? mirrorMotion(shown) : shown;
    return second ? reversed(mirrored) : mirrored;
  }, [move, rung, view, way, second, position]);
  const box = useMemo(() => windowOf(motion, way), [motion, way]);
  const own = useOwnTempo(move, motion.path, phase === undefined && !less && motion.poses.length > 1);
  if (less || motion.poses.length < 2) {
    const still = stillPicture(move, way, rung, view, position, second);
    return <FigureCanvas {...still} width={width} gap={gap} facing={facing} label={label} />;
  }
  const shapes = drawPose(poseAt(motion, phase ?? own), {
    view: motion.view,
    near: way,
    props: motion.props,
    felt: feltOf(move, way),
  });
  return (
    <FigureCanvas
      box={box}
      shapes={shapes}
      moving={stillPicture(move, way, rung, view, position).moving}
      width={width}
      gap={gap}
      facing={facing}
      label={label}
    />
  );
};
