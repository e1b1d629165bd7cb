import type { RungWords } from '../types';

/** Words of the rungs of this shelf that are done in another way. */
export const shoulderRungWords: RungWords = {
  'backstroke-arms': {
    'bent elbow': {
      say: 'Lay your {side} hand on its shoulder and let the elbow circle forward, up and back, then the {other}.',
      again: 'Beginning with the {side} elbow.',
      check: 'The hand stays on its shoulder; the low back stays quiet.',
      last: 'Once more each elbow.',
    },
  },
  'palm-up-palm-down': {
    'arms low': {
      say: 'Arms out, half-way up. Turn the {side} palm up and the {other} palm down, and look to the open hand. Then change.',
      check: 'Arms stay low, shoulders too.',
    },
  },
  'strap-overhead-behind': {
    'up and down in front': {
      say: 'Hold the strap wide. Lift it in front of you as high as is easy, and come back down.',
      feel: 'Feel the shoulders move.',
      breathe: '{Going} up, {coming} down.',
      last: 'Up once more.',
    },
  },
  'blade-circles-arms-out': {
    'hands on shoulders': {
      say: 'Hands on the shoulders. Circle the shoulder blades up, {direction} and down; the elbows only go along.',
      check: 'Elbows stay low, neck long.',
      back: 'Hands to {lap}.',
    },
  },
  'goalpost-arms': {
    'half-way': {
      say: 'Arms like goalposts. {Going} and slide the hands to the height of the ears; {coming} and draw the elbows down.',
    },
  },
  'sweep-out-and-home': {
    'bent elbow': {
      say: 'Bend the {side} elbow. Sweep it out to the {side}, close to the body, and bring it home.',
      again: 'Now the {side} elbow: out, and home.',
      check: 'The elbow stays at your side.',
    },
  },
  'sweep-up-in-turn': {
    'to shoulder height': {
      say: 'Turn a little to the {side}. Sweep the {side} arm forward to shoulder height and out, eyes following, and home.',
      again: 'Turn {side}; {side} arm out at shoulder height.',
      go: 'Sweep out.',
      breathe: '{Going} out, {coming} home.',
    },
  },
  'small-arm-circles': {
    'arms low': {
      say: 'Arms out to the sides, below the shoulders, loose fists. Draw small circles {direction}, no larger than a saucer.',
    },
  },
  'forearms-up-down': {
    'elbows low': { say: 'Elbows half-way up, hands ahead. Turn the forearms up and down; the elbows stay where they are.' },
  },
  'arm-across': {
    low: { say: 'Let your {side} arm rest low across your chest, the {other} hand only carries the elbow.', go: 'Let it rest.' },
    'forearm upright': {
      say: 'Bring your {side} arm across your chest, bend the elbow, forearm upright, and hold it with the {other} hand.',
    },
  },
  'back-of-arm-overhead': {
    'elbow in front': {
      say: 'Lift the {side} elbow in front to shoulder height, hand to its own shoulder. The {other} hand steadies the elbow.',
      again: '{Side} elbow in front, hand to its own shoulder.',
    },
  },
  'strap-behind-back': {
    'strap short': {
      say: 'Strap in the {side} hand, over the shoulder. Catch it behind your waist and let the hands creep nearer.',
    },
  },
  'hug-and-lift-elbows': {
    'just hug': {
      say: 'Hug yourself, {side} arm on top, fingers round the shoulder blades. The elbows stay low.',
      go: 'And hug.',
      back: 'Let go.',
    },
  },
  'wrapped-forearms': {
    'elbows stacked': {
      say: 'Cross your elbows in front, {side} arm on top, hands on the opposite shoulders. Lift the elbows a little.',
    },
    'backs of the hands': {
      say: 'Cross your elbows in front, {side} arm on top, forearms upright, backs of the hands together. Lift a little.',
    },
    'palms meet': {
      say: 'Cross your elbows in front, {side} arm on top, and wrap the forearms until the palms meet. Lift a little.',
    },
  },
  'clasp-forward': {
    'hands not clasped': { say: 'Arms ahead as if round a barrel, at chest height. Push away and let the upper back round.' },
  },
  'clasp-overhead': {
    'hands on the head': {
      say: 'Rest your clasped hands on the crown. {Going} to grow, {coming} to sink the shoulders.',
      go: 'Grow.',
      feel: 'You feel it along both flanks.',
      check: 'The hands weigh nothing; ribs quiet.',
      back: 'Open the hands and lower them.',
    },
  },
  'chair-back-chest': {
    'reach back': {
      say: 'From the front edge, reach both hands back a little. Lift the breastbone and draw the blades together.',
      back: 'Hands to the lap.',
    },
  },
  'clasp-behind': {
    'hands on the low back': {
      say: 'Lay your hands on the low back, {side} hand on top. Draw the elbows together and lift the breastbone.',
      again: 'Change: {side} hand on top.',
    },
    'clasped, arms long': {
      say: 'Clasp your hands behind you, {side} thumb in front, arms long. Draw the blades together, lift the breastbone.',
    },
  },
  'elbows-wide': {
    'hands at the temples': {
      say: 'Put your fingertips to your temples and let the elbows open wide. Lift the breastbone a little.',
      check: 'The fingers only touch.',
    },
  },
  'clasp-to-chest-look-up': {
    'gaze level': {
      say: 'Clasp your hands and draw them to the breastbone, elbows down. Lift the breastbone; the gaze stays level.',
      feel: 'You feel it in the front of the chest.',
    },
  },
  'arms-wide-fingers': {
    'soft elbows': { say: 'Open your arms out to the sides, {direction}, half-way up, elbows a little bent.' },
  },
  'chest-at-wall': {
    'hand low': {
      say: 'Stand beside the wall, {side} hand on it at the height of the waist. Turn your chest away until it opens.',
      again: 'Turn round: {side} hand on the wall, low.',
    },
  },
  'elbow-circles': {
    small: { say: 'Fingertips on your shoulders. Draw small circles with the elbows: up, {direction} and down.' },
  },
  'open-and-hug': {
    small: { say: 'Open your arms a little, then hug yourself loosely with the {side} arm on top. Open, and change arms.' },
  },
  'from-breastbone-wide': {
    'elbows bent': {
      say: 'Fingertips at the breastbone, elbows low. {Going} and open the bent elbows; {coming} and bring them home.',
    },
  },
  'open-wide-and-round': {
    small: {
      say: '{Coming} and open your arms a little, breastbone up. {Going} and bring them forward, upper back a little round.',
    },
  },
  'shake-shoulders': { small: { say: 'Let the arms hang and shake the shoulders loosely, only a little.' } },
};
