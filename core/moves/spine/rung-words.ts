import type { RungWords } from '../types';

/** Words of the rungs of this shelf that are done in another way. */
export const spineRungWords: RungWords = {
  'turn-arms-out': {
    'arms crossed': {
      say: 'Cross your arms on the chest. {Going} and turn {side} from the ribs, {coming} and come back, then change.',
      back: 'Arms down.',
    },
  },
  'arms-overhead-turn': {
    'hands on shoulders': {
      say: 'Hands on the shoulders. {Going} and turn to the {side}, still growing; {coming} to the front. Then change.',
      back: 'Hands to {lap}.',
    },
  },
  'press-down': {
    'just lighten': { say: 'Hands flat on the seat beside you. Take a little weight with them and grow out of the waist.' },
  },
  'side-reach': {
    'hand on the head': {
      say: 'Hold the seat with your {other} hand. {Side} hand on the head, elbow out, and lean over to the {other}.',
      again: 'Now the {side} hand on the head, and over.',
      go: 'Grow first, then over.',
      breathe: '{Going} to grow, then into the long side.',
      back: 'Come up through the middle, and lower the arm.',
    },
  },
  'clasped-hands-side': {
    'hold the wrist': {
      say: 'Arms overhead, {other} hand holds the {side} wrist. Grow, and lean to the {other}, so that the {side} flank opens.',
      again: '{Other} hand holds the {side} wrist; lean so that the {side} flank opens.',
    },
  },
  'seated-turn': {
    'hand on the thigh': { say: '{Coming} and grow tall. {Going} and turn {side}; both hands on the {side} thigh.' },
    'legs crossed': {
      say: '{Side} leg on top. {Coming} and grow tall. {Going} and turn {side}; {other} hand on the knee, {side} hand behind.',
      again: '{Side} leg on top. Grow tall, and turn {side}.',
      back: 'Unwind slowly, and uncross.',
    },
  },
  'fold-between-knees': {
    'elbows on the thighs': {
      say: 'Feet wide. Lean forward and let your forearms carry you on the thighs; the back rounds a little.',
      go: 'Let the arms carry.',
      back: 'Hands on the thighs, and push yourself up, head last.',
    },
  },
  'wide-knees-dip-shoulder': {
    upright: {
      say: 'Knees wide, a hand on each knee, back long. Press the knees apart gently, and look over the {other} shoulder.',
      again: 'Now look over the {other} shoulder.',
      go: 'Press gently.',
      feel: 'You feel it in the inner thighs.',
      check: 'Upright; press no more than is easy.',
      breathe: 'Breathe out and let the knees open.',
    },
  },
  'elbow-on-thigh-arm-over': {
    'hand on the hip': {
      say: 'Knees apart. Rest your {other} forearm on the {other} thigh, {side} hand on the hip, and lean over.',
      again: '{Other} forearm rests, {side} hand on the hip.',
      go: 'Lean over.',
      feel: 'You feel it along the {side} flank.',
      breathe: '{Going} to grow, then into the long side.',
    },
  },
  'lean-back-over-chair': {
    'without leaning': {
      say: 'Sit back, hands behind your head to carry it, elbows wide. Only lift the breastbone; the back stays upright.',
      go: 'Lift.',
      back: 'Chin in, and let the breastbone sink.',
    },
  },
  'chest-drop-at-desk': {
    level: {
      say: 'Stand, hands on the desk, step back until the trunk is level, and let the chest sink between the arms. Knees soft.',
    },
  },
  'standing-fold': {
    'half-way': {
      say: 'Stand with soft knees, hands on the thighs. Lean from the hips, half-way, the back long.',
      go: 'Lean, long back.',
      feel: 'You feel it behind the thighs.',
      check: 'Knees soft, hands carry weight.',
      breathe: 'Breathe out and grow long.',
      back: 'Press up with the hands, slowly.',
    },
  },
  'roll-up-slowly': {
    small: {
      say: 'Hands on the thighs, back only a little round. Roll up from the tailbone, one vertebra after the other; the head comes last.',
    },
  },
  'vertebra-by-vertebra': { small: { say: 'Round a little and grow again, one vertebra at a time, beginning {direction}.' } },
  'curl-hands-on-neck': {
    small: {
      say: 'Hands behind the neck, elbows forward. {Going} and curl the upper back down a little, head first; {coming} and uncurl.',
    },
  },
  'punch-across': {
    slow: {
      say: 'Loose fists at the chest. Slowly reach the {side} fist across to the {other}, turning from the ribs. Then the other.',
    },
  },
  'slide-and-scoop': {
    'to the shins': {
      say: '{Going} and slide the hands down past your knees, back long. {Coming}, round, and scoop yourself up.',
    },
  },
  'side-shift-at-desk': {
    'hands high': { say: 'Stay half-way down, and let your hips wander to the {side}; the {side} hand presses the desk.' },
  },
};
