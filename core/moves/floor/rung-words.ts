import type { RungWords } from '../types';

/** Words of the rungs of this shelf that are done in another way. */
export const floorRungWords: RungWords = {
  'open-like-a-book': {
    'hand on the shoulder': {
      say: 'Lie on your {other} side, knees bent, {side} hand on its shoulder. Open the elbow up and over behind you, and back.',
      again: 'Roll over: now the {side} elbow opens.',
    },
  },
  'goalpost-to-floor': {
    'elbows low': {
      say: 'Lie on your back, knees bent. Lay the elbows on the floor near the waist, hands beside them, and let them grow heavy.',
    },
  },
  'forearms-down-to-floor': {
    'forearms half-way': {
      say: 'Lie on your back, knees bent, elbows out at shoulder height. Let the forearms hang forward, as far as they go by themselves.',
    },
  },
  'lie-along-roll': {
    'thin roll': {
      say: 'Lie along the thin roll, a cushion under the head, knees bent, arms resting to the sides. Nothing to do.',
    },
  },
};
