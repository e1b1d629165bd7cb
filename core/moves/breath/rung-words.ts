import type { RungWords } from '../types';

/** Words of the rungs of this shelf that are done in another way. */
export const breathRungWords: RungWords = {
  'sit-tall': {
    leaning: {
      say: 'Put both feet flat, knees over heels. Let the back of the chair carry the low back, and grow tall along it.',
    },
  },
  'check-in': {
    'eyes open': {
      say: 'Rest your hands in your lap and your eyes on one spot on the floor. Notice how your body feels at this moment.',
      back: 'Lift your eyes.',
    },
  },
  'posture-minute': {
    'against the chair': {
      say: 'For one minute, sit as tall as is easy, the low back against the chair: weight on both sitting bones, chin level.',
    },
  },
  'slow-breaths': {
    'own pace': {
      say: 'Breathe in through the nose, and let a longer breath out through {outlet}, at your own pace.',
      breathe: 'As slowly as is easy for you.',
    },
  },
  'long-exhale': {
    'a little longer': {
      say: 'Breathe in through the nose. Purse the lips and let the breath out a little longer than it came in.',
      go: 'In, and out a little longer.',
      breathe: 'Out a little longer than in.',
      last: 'One last breath out.',
    },
  },
  'belly-breaths': {
    'just watch': {
      say: 'One hand on the chest, one on the belly. Feel which hand moves, and change nothing.',
      go: 'Just feel.',
      feel: 'Feel the hands lift and sink.',
      check: 'Nothing to do; watch.',
      breathe: 'The breath comes and goes by itself.',
      last: 'One more breath to watch.',
    },
  },
  'sigh-out': {
    aloud: { say: 'Breathe in deeply and let the shoulders rise with it. Open the mouth, sigh aloud, and let everything drop.' },
  },
  'arms-up-breath': {
    'to shoulder height': {
      say: '{Going} and float both arms to shoulder height. {Coming} and let them come down.',
      go: 'Float them to the height of the shoulders.',
    },
  },
  'quiet-rest': {
    tall: { say: 'Sit by yourself, palms turned to the ceiling on your thighs, eyes soft. I will say when it is over.' },
  },
  'quiet-rest-eyes-closed': {
    'eyes lowered': {
      say: 'Rest your eyes on your hands and leave them there. It will be quiet now; you will hear when it ends.',
      back: 'Lift your eyes and look round the room.',
    },
  },
  'check-out': {
    'in silence': { say: 'Check in once more, each for yourself: body, breath, mind.', last: 'Keep what you noticed.' },
  },
};
