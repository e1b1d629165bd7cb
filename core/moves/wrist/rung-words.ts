import type { RungWords } from '../types';

/** Words of the rungs of this shelf that are done in another way. */
export const wristRungWords: RungWords = {
  'fist-and-open': { 'half fist': { say: 'Close both hands half-way, thumbs outside, and open them wide again.' } },
  'stop-signs': {
    'elbows bent': {
      say: 'Elbows at the waist. Hands up as if to say stop, then fingers down. Slowly, up and down.',
      check: 'Elbows stay at the waist, shoulders low.',
      back: 'Hands to {lap}.',
    },
  },
  'squeeze-forearm': {
    stroke: {
      say: 'Rest your {side} forearm. With the {other} hand stroke it slowly, from the elbow down to the wrist.',
      go: 'Stroke.',
      breathe: 'Breathe out with each stroke.',
    },
  },
  'fists-cradled': {
    'half fist': { say: 'Carry your {side} elbow in the {other} hand. Close the {side} hand half-way, and open it wide.' },
  },
  'fingers-up': {
    'elbow bent': {
      say: '{Side} elbow at the waist, fingers up. With the {other} hand draw the fingers back, lightly.',
      again: 'Now the {side} elbow at the waist, fingers up.',
      check: 'Elbow stays at the waist.',
    },
  },
  'fingers-down': {
    'elbow bent': {
      say: '{Side} elbow at the waist, fingers down. With the {other} hand draw the back of the hand to you, lightly.',
      again: 'Now the {side} elbow at the waist, fingers down.',
      check: 'Elbow stays at the waist, shoulder low.',
    },
  },
  'interlaced-push-away': {
    'palms to you': {
      say: 'Interlace your fingers, palms facing you, and push the knuckles out in front.',
      feel: 'You feel it on the backs of the hands and forearms.',
    },
  },
  'finger-by-finger': {
    'only press': {
      say: 'Press each fingertip of your {side} hand with the other, one by one, thumb included. No drawing back.',
      feel: 'You feel it in the fingertips of the {side} hand.',
      check: 'Wrist straight; light is enough.',
    },
  },
  'prayer-press': {
    'at the chin': {
      say: 'Palms together, hands as high as the chin. Press lightly, and leave them there.',
      go: 'Press lightly.',
      breathe: 'Breathe out and soften.',
      back: 'Let the hands go and shake them.',
    },
  },
  'backs-behind': {
    'hold the elbows': {
      say: 'Reach behind your back and hold your elbows, or the forearms. Draw the shoulders back.',
      feel: 'You feel it in front of the shoulders.',
      back: 'Let go, bring the hands forward and shake them.',
    },
  },
  'palms-under-thighs': {
    'beside the thighs': {
      say: 'Lay your palms on the seat beside the thighs, fingers forward, lightly. Sit tall between them.',
      go: 'Settle.',
      back: 'Lift the hands and shake them.',
    },
  },
  'spread-and-squeeze': {
    small: { say: 'Hands in front of you. Spread the fingers a little, then squeeze them gently together.' },
  },
  'spread-fingers': {
    small: { say: 'Hands in front of you. Spread the fingers a little, thumbs too, and let them come together by themselves.' },
  },
  'shake-hands-out': { small: { say: 'Let both hands hang and shake them out, only a little.' } },
  'squeeze-fingers': {
    light: { say: 'Hands in front of you, fingers straight. Press the fingers lightly side by side, and let them loose.' },
  },
  'clench-fists': {
    'half strength': {
      say: '{Going} and close both fists, half as firmly as you could. {Coming} and let them fall open, all at once.',
    },
  },
};
