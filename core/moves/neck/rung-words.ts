import type { RungWords } from '../types';

/** Words of the rungs of this shelf that are done in another way. */
export const neckRungWords: RungWords = {
  'nod-and-lift': {
    'down only': {
      say: 'Lower your chin slowly toward the chest, and come back until your eyes are level. No farther up than that.',
      feel: 'Feel the back of the neck.',
      check: 'Long neck; level is high enough.',
      breathe: '{Going} down, {coming} to level.',
    },
  },
  'chin-glide': {
    'stay a moment': {
      say: 'Look straight ahead and glide your chin back, as if making room behind your ears. Stay for two seconds, let go.',
    },
  },
  'chin-glide-lift': {
    'glide only': {
      say: 'Glide the chin straight back, eyes level, and let go again.',
      go: 'Glide back.',
      feel: 'Feel the back of the neck grow long.',
      check: 'The eyes stay level all the time.',
      breathe: '{Going} as you glide.',
      last: 'One last glide.',
    },
  },
  'gaze-in-side-bend': {
    'down only': {
      say: 'Let the {side} ear sink. From there look down to your {side} thigh, and level again.',
      again: '{Side} ear sinks; look down, and level.',
      breathe: '{Going} down, {coming} to level.',
      last: 'Once more down, and level.',
    },
  },
  'nose-to-armpit': {
    'hand on the shoulder blade': {
      say: 'Lay your {other} hand on its own shoulder blade. Turn your head halfway {side}, and lower the nose to the armpit.',
      again: '{Other} hand on its shoulder blade; nose toward the {side} armpit.',
      back: 'Lift the chin, turn to the front, hand to {lap}.',
    },
  },
  'chin-up-and-over': {
    'tilt only': {
      say: 'Let the {side} ear sink a little, the chin level, and stay there.',
      again: '{Side} ear sinks, chin level.',
      go: 'Let it sink.',
      feel: 'You feel it along the {other} side of the neck.',
      back: 'Head to the middle.',
    },
  },
  'collarbone-anchor': {
    'anchor and tilt': {
      say: 'Lay both hands on the {side} collarbone and let them weigh. Tilt the head away to the {other}, chin level.',
      again: 'Hands on the {side} collarbone; head tilts to the {other}.',
      go: 'Away, chin level.',
      feel: 'You feel it along the {side} side of the neck.',
      back: 'Head to the middle, then the hands.',
    },
  },
  'wrist-behind-side-bend': {
    'arm behind, no draw': {
      say: 'Lay the {other} arm behind your back and let it rest. Let the {side} ear sink to the {side} shoulder.',
      again: '{Other} arm rests behind; {side} ear sinks.',
      back: 'Head first, then the arm.',
    },
    'gentle draw': {
      say: 'Behind your back, hold the {other} wrist and draw it a little. Let the {side} ear sink to the {side} shoulder.',
    },
  },
  'hands-behind-head-chin-down': {
    'chin down only': {
      say: 'Hands stay in the lap. Let the chin sink to the chest, by its own weight.',
      go: 'Let it sink.',
      check: 'Shoulders low, back tall.',
      back: 'Lift the head slowly.',
    },
  },
  'full-neck-circle': {
    small: {
      say: 'Chin down. Draw a small, very slow circle with the top of the head, {direction}, never behind upright.',
      check: 'At the back the head only comes up tall; the neck stays long.',
      breathe: 'Breathe out over the front, in as it comes up.',
    },
  },
  'chin-nod': { small: { say: 'Long neck. Nod the smallest yes you can, let the chin come back to level, and again.' } },
};
