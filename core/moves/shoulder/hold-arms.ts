import { also, BEHIND, both, each, edge, hand, left, pose, pressed, rung, sec, there } from '../make';
import type { MoveData } from '../types';
import { across, overhead } from './hold-poses';

/** Into elbows crossed in front and lifted, the left one on top, forearms upright; each wrist so far out from the middle, cm. */
const woven = (out: number) => {
  const bowed = pose({ 'upper.flex': 4, ...both({ 'shoulder.forward': 14 }) });
  const upright = { palm: [-1, 0, 0], along: [0, 1, 0], with: 0 } as const;
  const right = hand(bowed, 'right', [out, 23, 26], { ...upright, elbow: [-0.75, -0.15, 0.9] });
  const crossed = hand(right, 'left', [out, 26, 28], { ...upright, elbow: [-0.75, 0, 0.9] });
  return pressed(there({}, pose(), crossed), { on: 'left elbow', toward: 'up' });
};

/** A strap behind the back from the bent left arm to the right hand, which is so high from the shoulders, cm. */
const strapped = (up: number, bend: number) =>
  hand(also({ ...overhead, base: 'edge' }, left({ 'elbow.bend': bend, 'fingers.curl': 80 })), 'right', [-2, up, -15], {
    elbow: [0.9, -0.3, -0.7],
    palm: [0, 0, -1],
    along: [-0.5, 0.8, 0],
  });

/** Holding the arms and the backs of the shoulders. Doses and cautions: common practice, no source; holds lie inside the published 10 to 30 s. */
export const shoulderHoldArms: MoveData[] = [
  {
    id: 'arm-across',
    name: 'Arm across the chest',
    otherNames: ['Cross-body stretch', 'Back of the shoulder'],
    purpose: 'Eases the back of the shoulder after hours at the mouse.',
    kind: 'stretch',
    region: 'shoulder',
    areas: ['shoulder', 'upper back'],
    muscles: ['posterior deltoid', 'rhomboids'],
    holding: ['obliques', 'deep neck flexors'],
    position: 'back',
    alsoIn: ['edge', 'standing'],
    ways: each('same', 'the {side} arm lies across the chest'),
    dose: sec(10, 20, 30),
    asks: ['both hands'],
    rungs: [
      rung('low', 'The arm rests low across the chest, no pull.', { share: 0.75 }),
      rung('thumb up', 'The arm at shoulder height, thumb to the ceiling.'),
      rung('forearm upright', 'The elbow bends and the forearm stands upright.', {
        asks: ['end of range'],
        figure: there(
          {},
          pose(),
          hand(
            also(across, left({ 'arm.raise': 88, 'arm.across': 122, 'elbow.bend': 95, 'arm.twist': -20 })),
            'right',
            'far elbow',
            { elbow: [0.8, -0.8, 0.4] },
          ),
        ),
      }),
    ],
    usualRung: 'thumb up',
    cues: {
      say: 'Bring your {side} arm across your chest and hold it above the elbow with the {other} hand.',
      again: 'Now the {side} arm across.',
      go: 'Draw it near.',
      feel: 'You feel it behind the {side} shoulder.',
      check: 'Shoulder away from the ear. Trunk stays to the front.',
      breathe: 'Breathe out and let the shoulder sink.',
      last: 'One more breath.',
      back: 'Let go slowly.',
    },
    instead: ['open-and-hug', 'shoulder-rolls'],
    balancedBy: ['chair-back-chest'],
    figure: pressed(there({}, pose(), hand(across, 'right', 'far upper arm', { elbow: [0.9, -0.7, 0.4] })), {
      on: 'left elbow',
      toward: 'right',
    }),
  },
  {
    id: 'back-of-arm-overhead',
    name: 'Back of the arm overhead',
    otherNames: ['Triceps stretch', 'Pat your own back'],
    purpose: 'Lengthens the back of the upper arm and the flank beside it.',
    kind: 'stretch',
    region: 'shoulder',
    areas: ['upper arm', 'shoulder'],
    muscles: ['triceps brachii', 'latissimus dorsi'],
    holding: ['obliques', 'lumbar erectors'],
    position: 'back',
    alsoIn: ['edge', 'standing'],
    ways: each('same', 'the {side} elbow points up, the {side} hand goes down the back'),
    dose: sec(10, 20, 45),
    asks: ['end of range', 'both hands'],
    rungs: [
      rung('elbow in front', 'The elbow points forward at shoulder height.', {
        figure: there(
          {},
          pose(),
          hand(pose(left({ 'arm.raise': 100, 'arm.across': 85, 'elbow.bend': 142 })), 'right', 'far elbow', {
            elbow: [1, -0.3, 0.4],
          }),
        ),
      }),
      rung('elbow up', 'The elbow points up; the other hand steadies it.'),
    ],
    usualRung: 'elbow up',
    cues: {
      say: 'Lift the {side} elbow beside your head, hand between the blades. The {other} hand steadies the elbow.',
      again: '{Side} elbow up, {side} hand down the back.',
      go: 'Let the hand sink.',
      feel: 'You feel it along the back of the {side} upper arm.',
      check: 'Head upright, ribs quiet.',
      breathe: 'Breathe into the flank.',
      last: 'One more breath.',
      back: 'Lower the arm in front of you.',
    },
    instead: ['arm-across'],
    balancedBy: ['arms-wide-fingers'],
    figure: pressed(there({}, pose(), hand(overhead, 'right', 'far elbow', { elbow: [1, 0.2, 0.2] })), {
      on: 'left elbow',
      toward: 'down',
    }),
  },
  {
    id: 'strap-behind-back',
    name: 'Strap behind the back',
    otherNames: ['Towel behind the back', 'Apley reach'],
    purpose: 'One hand from above, one from below: turns both shoulders, each its own way.',
    kind: 'stretch',
    region: 'shoulder',
    areas: ['shoulder', 'upper arm'],
    muscles: ['triceps brachii', 'rotator cuff', 'anterior deltoid'],
    holding: ['obliques'],
    position: 'edge',
    alsoIn: ['standing'],
    things: ['strap'],
    ways: each('same', 'the {side} hand is above, the {other} below'),
    dose: sec(10, 20, 30),
    asks: ['grip', 'room behind the seat', 'end of range', 'both hands'],
    rungs: [
      rung('strap long', 'Hands far apart.'),
      rung('strap short', 'Hands creep nearer, without force.', {
        figure: there({ view: 'back', props: ['stool', 'strap'], reason: BEHIND }, edge(), strapped(-8, 140)),
      }),
    ],
    usualRung: 'strap long',
    cues: {
      say: 'Strap in the {side} hand, over the shoulder. Catch its end with the {other} hand behind your waist.',
      again: '{Side} hand above, {other} below.',
      go: 'A light pull both ways.',
      feel: 'You feel it in the {side} upper arm and the front of the lower shoulder.',
      check: 'Head upright; do not arch.',
      breathe: 'Breathe out and let the elbows sink.',
      last: 'One more breath.',
      back: 'Let go of the strap below first.',
    },
    instead: ['back-of-arm-overhead'],
    balancedBy: ['shoulder-rolls'],
    figure: there({ view: 'back', props: ['stool', 'strap'], reason: BEHIND }, edge(), strapped(-16, 116)),
  },
  {
    id: 'hug-and-lift-elbows',
    name: 'Hug and lift the elbows',
    otherNames: ['Held hug', 'Self hug'],
    purpose: 'Widens the space between the shoulder blades.',
    kind: 'stretch',
    region: 'shoulder',
    areas: ['upper back', 'shoulder'],
    muscles: ['rhomboids', 'posterior deltoid', 'middle and lower trapezius'],
    holding: ['deep neck flexors'],
    position: 'back',
    alsoIn: ['edge', 'standing'],
    ways: each('both', 'the {side} arm lies on top', 'arm on top'),
    dose: sec(10, 15, 30),
    rungs: [
      rung('just hug', 'The elbows stay low.', {
        figure: there(
          {},
          pose(),
          hand(
            hand(pose({ 'upper.flex': 8, ...both({ 'shoulder.forward': 16 }) }), 'right', 'far shoulder', {
              elbow: [0.4, -0.9, 0.5],
            }),
            'left',
            'far shoulder',
            { elbow: [0.4, -0.8, 0.7] },
          ),
        ),
      }),
      rung('lift the elbows', 'Elbows up to shoulder height.'),
    ],
    usualRung: 'lift the elbows',
    cues: {
      say: 'Hug yourself, {side} arm on top, fingers round the shoulder blades. Lift the elbows until the upper back widens.',
      again: 'Change: {side} arm on top.',
      go: 'Lift the elbows.',
      feel: 'You feel it between the shoulder blades.',
      check: 'Shoulders low, chin easy.',
      breathe: 'Breathe into the upper back.',
      last: 'One more breath.',
      back: 'Lower the elbows, let go.',
    },
    instead: ['clasp-forward', 'blade-squeeze'],
    balancedBy: ['chair-back-chest'],
    figure: there(
      {},
      pose(),
      hand(
        hand(pose({ 'upper.flex': 16, 'neck.flex': 10, ...both({ 'shoulder.forward': 18 }) }), 'right', 'far shoulder', {
          elbow: [0.2, 0, 1],
        }),
        'left',
        'far shoulder',
        { elbow: [0.2, 0.2, 1] },
      ),
    ),
  },
  {
    id: 'wrapped-forearms',
    name: 'Wrapped forearms in front',
    otherNames: ['Woven arms', 'Eagle arms'],
    purpose: 'Opens the back of both shoulders and the space between the blades at once.',
    kind: 'stretch',
    region: 'shoulder',
    areas: ['upper back', 'shoulder'],
    muscles: ['rhomboids', 'posterior deltoid', 'rotator cuff'],
    holding: ['deep neck flexors', 'obliques'],
    position: 'back',
    alsoIn: ['edge', 'standing'],
    ways: each('both', 'the {side} arm lies on top', 'arm on top'),
    dose: sec(10, 20, 30),
    asks: ['end of range'],
    rungs: [
      rung('elbows stacked', 'Elbows crossed, hands on the opposite shoulders.', {
        figure: there(
          {},
          pose(),
          hand(
            hand(pose({ 'upper.flex': 8, ...both({ 'shoulder.forward': 16 }) }), 'right', 'far shoulder', {
              elbow: [0, -0.1, 1],
            }),
            'left',
            'far shoulder',
            { elbow: [0, 0.1, 1] },
          ),
        ),
      }),
      rung('backs of the hands', 'The forearms stand, backs of the hands together.'),
      rung('palms meet', 'The forearms wrap until the palms meet.', { figure: woven(2.5) }),
    ],
    usualRung: 'elbows stacked',
    cues: {
      say: 'Cross your elbows in front, {side} arm on top, forearms upright. Lift the elbows a little.',
      again: 'Unwrap, and the {side} arm on top.',
      go: 'Lift a little.',
      feel: 'You feel it wide between the shoulder blades.',
      check: 'Shoulders sink while the elbows lift.',
      breathe: 'Breathe into the back.',
      last: 'One more breath.',
      back: 'Unwrap slowly.',
    },
    instead: ['hug-and-lift-elbows', 'clasp-forward'],
    balancedBy: ['chair-back-chest'],
    figure: woven(-3),
  },
];
