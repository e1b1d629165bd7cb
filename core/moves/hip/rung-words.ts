import type { RungWords } from '../types';

/** Words of the rungs of this shelf that are done in another way. */
export const hipRungWords: RungWords = {
  'ankle-circles': {
    'heel on the floor': {
      say: 'Leave your {side} heel on the floor and circle the toes {direction}, as round as they go.',
      again: 'Now the toes of the {side} foot {direction}.',
      check: 'The heel stays down; sit tall.',
      back: 'Toes down.',
    },
  },
  'heel-raises': {
    'hands press': { say: 'Feet flat, hands on the thighs. Lift both heels against the hands, and set them down slowly.' },
  },
  'knee-straighten': {
    'half-way': {
      say: 'Sit tall. Lift your {side} foot until the knee is half straight, set it down with care, then the {other}.',
      go: 'Half-way.',
    },
  },
  'opposite-hand-foot': {
    'to the knee': {
      say: 'Sit tall. Lift your {other} knee and bring the {side} hand to meet it. Set both down, then the other pair.',
      again: 'Beginning with {side} hand, {other} knee.',
    },
    'to the foot': {
      say: 'Sit tall. Straighten your {other} leg and reach the {side} hand toward the foot. Set both down, then the other pair.',
    },
  },
  'opposite-arm-leg': {
    'leg only slides': {
      say: 'Grow tall. Reach the {side} arm ahead and slide the {other} heel forward. Draw both back, then the other pair.',
      breathe: '{Going} to reach, {coming} to draw back.',
    },
  },
  hover: {
    'hands help': {
      say: 'Feet under the knees, hands on the thighs. Lean forward, press, lift off by a hand’s width, and sit down softly.',
    },
    free: {
      say: 'Feet under the knees, arms ahead. Lean forward, lift off the seat by a hand’s width, stay a moment, sit softly.',
    },
  },
  'hover-and-turn': {
    'seated turn': {
      say: 'Cross your arms on the chest. Stay on the seat, turn the ribs to the {side}, and come back.',
      go: 'And turn.',
      feel: 'Feel the waist work.',
      back: 'Hands to {lap}.',
    },
  },
  'ankle-on-knee': {
    'lean forward': {
      say: 'Lay your {side} ankle on the {other} knee, foot flexed. Sit tall, and lean forward from the hips, back long.',
    },
    'heel beside the knee': {
      say: 'Lay your {side} ankle on the {other} shin, just below the knee, foot flexed, and sit tall.',
      again: 'Now the {side} ankle on the {other} shin.',
      go: 'Grow tall.',
      breathe: 'Breathe out and let the knee sink.',
      back: 'Set the foot down with your hands.',
    },
    upright: {
      say: 'Lay your {side} ankle on the {other} knee, foot flexed. Sit tall; that is far enough.',
      go: 'Grow tall.',
      back: 'Set the foot down with your hands.',
    },
  },
  'leg-out-hinge': {
    upright: {
      say: 'Slide your {side} leg out, heel down, toes up, and sit tall. No leaning.',
      go: 'Grow tall.',
      breathe: 'Breathe out and let the leg grow long.',
      back: 'Draw the foot in.',
    },
    'reach for the foot': {
      say: 'Slide your {side} leg out, heel down, toes up. Lean from the hips, and reach along the shin with a long back.',
    },
  },
  'edge-leg-long': {
    'leg long': {
      say: 'Sit sideways on the seat, {other} hand on the backrest. Slide your {side} leg back until it is long; sit tall.',
      go: 'Reach it back, and grow.',
    },
  },
  'step-behind-chair': {
    'long step': {
      say: 'Stand behind the chair and hold it. Take a long step back with the {side} leg and bring the {side} hip forward.',
    },
  },
  'crossed-legs-tuck': {
    'simply crossed': { say: 'Cross your {side} leg over the {other}, high on the thigh, and sit tall.' },
    'foot tucked': { say: 'Cross your {side} leg over the {other} and tuck the foot behind the calf. Sit tall.' },
  },
  'wide-leg-side-lean': {
    'small lean': {
      say: 'Feet a little wide, hands on your hips, the desk within reach. Bend the {other} knee and lean a little; the {side} leg stays long.',
    },
  },
  'palms-under-soles': {
    'hold the shins': {
      say: 'Lean forward between the knees and hold your shins. Let the back grow round, the head in line with it.',
      go: 'Let it round.',
      back: 'Hands to the thighs, and push yourself up slowly.',
    },
  },
  'walk-about': { 'to the window': { say: 'Stand up when you are ready, and walk to the window and back. Arms swing.' } },
  'lift-feet': {
    'heel only': { say: 'Sit tall. Lift your {side} heel, the toes stay down, set it down softly, then the {other}.' },
  },
  'shake-legs-out': {
    small: { say: 'Legs a little ahead. Let the heels tap lightly on the floor, so that the thighs shake a little.' },
  },
  'all-out-at-once': {
    'heels slide': {
      say: 'Back against the chair. {Going}, let both heels slide forward and both arms float half-way up. {Coming} and draw them in.',
    },
    'all lifted': {
      say: 'Back against the chair. {Going} and lift both arms and both legs out at once. {Coming} and let them down.',
    },
  },
  'leg-out-toes-away': {
    'heel on the floor': { say: 'Slide your {side} leg out straight, the heel on the floor, and point the toes away from you.' },
    'leg lifted': { say: 'Lift your {side} leg out straight and point the toes away from you.' },
  },
  'standing-knee-bend': {
    'a third of the way': {
      say: 'Stand with feet hip-wide, hands on the desk. Bend the knees a third of the way, hips back, and stand up tall.',
    },
  },
};
