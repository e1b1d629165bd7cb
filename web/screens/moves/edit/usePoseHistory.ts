import type { Motion, Pose } from '@kotabi/core/model';
import { useRef, useState } from 'react';

/** So many changes of the poses can be taken back. */
const MOST = 60;
type Poses = readonly Pose[];

/**
 * The poses of a motion with a way back. What one movement of the hand changes (a handle drawn, a slider pulled) is one
 * step of it, and what changes nothing is none. Where one looks from is not part of it.
 */
export const usePoseHistory = (motion: Motion, change: (motion: Motion) => void) => {
  const [past, setPast] = useState<Poses[]>([]);
  const [ahead, setAhead] = useState<Poses[]>([]);
  const during = useRef<string | null>(null);
  const go = (poses: Poses): void => change({ ...motion, poses: [...poses] });
  return {
    /** Changes the poses; all changes `of` one gesture, until it ends, are taken back together. */
    set: (poses: Poses, of: string | null = null): void => {
      if (JSON.stringify(poses) === JSON.stringify(motion.poses)) return;
      if (of === null || during.current !== of) {
        setPast([...past, motion.poses].slice(-MOST));
        setAhead([]);
      }
      during.current = of;
      go(poses);
    },
    /** The gesture is over: what comes next is a step of its own. */
    end: (): void => {
      during.current = null;
    },
    undo: (): void => {
      const last = past.at(-1);
      if (!last) return;
      during.current = null;
      setPast(past.slice(0, -1));
      setAhead([...ahead, motion.poses]);
      go(last);
    },
    redo: (): void => {
      const next = ahead.at(-1);
      if (!next) return;
      during.current = null;
      setAhead(ahead.slice(0, -1));
      setPast([...past, motion.poses]);
      go(next);
    },
    canUndo: past.length > 0,
    canRedo: ahead.length > 0,
  };
};
