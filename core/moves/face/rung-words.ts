import type { RungWords } from '../types';

/** Words of the rungs of this shelf that are done in another way. */
export const faceRungWords: RungWords = {
  'palms-over-eyes': {
    'hands a little away': {
      say: 'Rub the palms warm, lower your eyes, and hold a palm a little away from each, as a shade.',
      go: 'Into the shade.',
      feel: 'Feel the warmth.',
      last: 'Lower the hands slowly.',
      back: 'Look up and blink.',
    },
  },
  'look-far': { 'across the room': { say: 'Look from the screen to the farthest corner of the room. Let the eyes rest there.' } },
  'grasp-shoulder-top': {
    'lay and weigh': {
      say: 'Lay your {other} hand on top of the {side} shoulder and let it weigh there, no more.',
      go: 'Let it weigh.',
      breathe: 'Breathe out under the hand.',
    },
  },
  'collarbone-taps': {
    stroke: {
      say: 'With loose {other} fingers stroke under the {side} collarbone, out to the shoulder and back.',
      go: 'Stroke.',
      feel: 'You feel the warmth under the {side} collarbone.',
    },
    tap: { feel: 'You feel it hum under the {side} collarbone.' },
  },
  'brow-temples-jaw': {
    stroke: { say: 'Fingertips on the brow: stroke outward. Then from the temples, then along the jaw; let the mouth open.' },
  },
  'clench-and-let-go': {
    'half strength': {
      say: '{Going}: shoulders up, fists half tight, eyes shut. {Coming}: let all of it go at once.',
      go: 'Tighten, by half.',
    },
  },
  'shut-eyes-and-let-go': {
    softly: { say: 'Let the eyelids come together for a moment, then let the whole face go wide and soft.' },
  },
  'skull-base-circles': {
    firmer: {
      say: 'Fingertips where the skull meets the neck; let the head lean into them. Draw small circles and wander outward.',
    },
  },
  'draw-down-neck': {
    draw: {
      say: 'Fingertips beside the neck bones, under the skull. Draw them, with a little weight, down and out over the shoulders.',
    },
  },
  'shoulder-small-circles': {
    firmer: {
      say: 'With the {other} fingertips draw small circles, as firm as is pleasant, from the neck along the top of the {side} shoulder.',
    },
  },
  'rake-back-to-front': {
    light: {
      say: 'Lay the flat fingers of both hands over the shoulders, as far back as they reach, and draw them slowly forward.',
    },
  },
  'scalp-circles': {
    light: {
      say: 'Spread your fingers on your head and move the scalp lightly, in slow circles; wander from the front to the back.',
    },
  },
  'rub-up-neck': {
    firmer: { say: 'Lay both palms on the back of the neck. Rub up to the skull and down again, with a little more weight.' },
  },
};
