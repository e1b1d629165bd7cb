import type { Side } from '../model';
import { type Blob, ball, oval, type Wrap } from './hull';
import { type Arm, type Hand, outward, SIDES, type Skeleton } from './skeleton';
import { add, along, cross, type Frame, mix, place, scale, turnAbout, unit, type Vec } from './space';

/** What a piece is made of; the interface gives each a colour. */
export type Tone =
  | 'seat'
  | 'prop'
  | 'shoe'
  | 'shin'
  | 'thigh'
  | 'trunk'
  | 'upper arm'
  | 'forearm'
  | 'skin'
  | 'hair';

export type PartName =
  | 'trunk'
  | 'neck'
  | 'face'
  | 'hair'
  | 'fringe'
  | `${Side} ${'ear' | 'upper arm' | 'forearm' | 'hand' | 'thigh' | 'shin' | 'shoe' | 'blade'}`
  | `prop ${number}`;

/** One solid piece of the body: the union of its wraps, in one tone. */
export interface Part {
  name: PartName;
  tone: Tone;
  wraps: Wrap[];
}

const capsule = (a: Vec, ra: number, b: Vec, rb: number): Wrap => [ball(a, ra), ball(b, rb)];

const ring = (f: Frame, y: number, rx: number, rz: number, z = 0): Blob =>
  oval(f, place(f, [0, y, z]), [rx, 3.4, rz]);

const trunkPart = ({ pelvis, low, mid, top, neck, arm }: Skeleton): Part => {
  const rings = [
    ring(pelvis, -3, 15.2, 10.6),
    ring(low, 0, 13, 9.4),
    ring(mid, 0, 13.3, 9.7),
    ring(top, 1, 15.2, 10, 0.4),
    ring(top, 7, 15.4, 8.8, 0.2),
  ];
  const slope = SIDES.map(
    (side): Wrap => [
      ball(place(neck, [0, -0.5, -0.6]), 5.2),
      ball(mix(arm[side].shoulder, place(top, [0, 9, 0]), 0.14), 4.7),
      rings[4] as Blob,
    ],
  );
  return {
    name: 'trunk',
    tone: 'trunk',
    wraps: [...rings.slice(1).map((r, i): Wrap => [rings[i] as Blob, r]), ...slope],
  };
};

/** Shoulder blades, seen from behind: they glide, lift and swing out with the arm. */
const bladeParts = ({ top, arm }: Skeleton): Part[] =>
  SIDES.map((side): Part => {
    const f = outward(top, side);
    const { shoulder, elbow } = arm[side];
    const lifted = Math.max(0, unit(add(elbow, scale(shoulder, -1)))[1] + 0.2);
    const tip = add(mix(shoulder, place(f, [6, -4, -9]), 0.8), scale(f.right, lifted * 4));
    const inner = add(mix(shoulder, place(f, [5.5, 8, -8.6]), 0.75), scale(f.up, -1));
    return {
      name: `${side} blade`,
      tone: 'forearm',
      wraps: [[ball(mix(shoulder, inner, 0.35), 1.8), ball(inner, 1.2), ball(tip, 1.3)]],
    };
  });

/** The head is drawn a little larger than life, so that its tilt reads in a list. */
const HEAD = 1.13;

/** A place of the head, in its own directions, cm before it is enlarged. */
export const onHead = (head: Frame, v: Vec): Vec => place(head, scale(v, HEAD));

const headParts = ({ neck, head }: Skeleton): Part[] => {
  const at = (v: Vec): Vec => onHead(head, v);
  const lump = (v: Vec, radii: Vec): Blob => oval(head, at(v), scale(radii, HEAD));
  return [
    {
      name: 'neck',
      tone: 'skin',
      wraps: [capsule(place(neck, [0, 0.5, 0]), 4.9, at([0, -5.5, -1.4]), 4.7)],
    },
    {
      name: 'face',
      tone: 'skin',
      wraps: [
        [lump([0, 1.5, 0.4], [7.5, 8.4, 8.2]), lump([0, -6.2, 2.2], [4.6, 4.4, 5])],
        [ball(at([0, -0.6, 7.6]), 1.3), ball(at([0, -2.1, 8.6]), 1.5), ball(at([0, 2, 7]), 1)],
      ],
    },
    {
      name: 'hair',
      tone: 'hair',
      wraps: [[lump([0, 2.6, -2.6], [8.3, 8.6, 6.8]), lump([0, -3.4, -4.2], [6.2, 4.6, 4.2])]],
    },
    {
      name: 'fringe',
      tone: 'hair',
      wraps: [[lump([0, 6.8, 0.2], [8, 4.6, 8.1]), lump([0, 5.4, -2], [8.3, 4.6, 7])]],
    },
    ...SIDES.map(
      (side): Part => ({
        name: `${side} ear`,
        tone: 'skin',
        wraps: [
          [
            ball(onHead(outward(head, side), [7.6, -0.2, -0.6]), 1.5),
            ball(onHead(outward(head, side), [7.3, -2.2, -0.2]), 1.1),
          ],
        ],
      }),
    ),
  ];
};

/** Where the fingers' roots are, from the first finger to the little one, and where the thumb leaves the hand. */
const FINGERS = [
  { across: 2.7, long: 0.94 },
  { across: 0.95, long: 1.04 },
  { across: -0.8, long: 0.97 },
  { across: -2.5, long: 0.78 },
] as const;
const PALM = 8.4;
const FINGER = 8.6;

/** A point of the hand: along it, toward the thumb, and out of the palm, cm. */
export const inHand = (h: Hand, far: number, thumbward: number, out: number): Vec =>
  add(h.wrist, add(add(scale(h.along, far), scale(h.thumb, thumbward)), scale(h.palm, out)));

/** Grip of the hand: where a strap or another hand lies in it. */
export const gripOf = (h: Hand): Vec => inHand(h, PALM * 0.85, 0, 1.6);

const fingerWraps = (h: Hand): Wrap[] =>
  FINGERS.flatMap(({ across, long }, i): Wrap[] => {
    const spread = h.spreadDeg * (i - 1.5) * 0.62;
    const root = inHand(h, PALM, across, 0);
    const dir0 = turnAbout(h.along, h.palm, thumbSign(h) * spread);
    const axis = unit(cross(dir0, h.palm));
    const first = turnAbout(dir0, axis, h.curlDeg * 0.9);
    const second = turnAbout(dir0, axis, h.curlDeg * 0.9 + Math.max(0, h.curlDeg) * 1.05);
    const knuckle = along(root, first, FINGER * 0.48 * long);
    const tip = along(knuckle, second, FINGER * 0.52 * long);
    return [capsule(root, 1.25, knuckle, 1.15), capsule(knuckle, 1.15, tip, 0.95)];
  });

/** Which way round the palm the fingers fan out: the two hands are mirror images. */
const thumbSign = (h: Hand): number => Math.sign(dotCross(h)) || 1;
const dotCross = ({ along: a, thumb, palm }: Hand): number => {
  const c = cross(a, thumb);
  return c[0] * palm[0] + c[1] * palm[1] + c[2] * palm[2];
};

const handPart = (h: Hand, side: Side): Part => {
  const fold = Math.max(0, h.curlDeg) / 100;
  const thumbRoot = inHand(h, 2.6, 2.3, 0.4);
  const out = 0.75 - fold * 0.35 + h.spreadDeg / 60;
  const thumbDir = unit(
    add(add(scale(h.along, 1 - out * 0.4), scale(h.thumb, out)), scale(h.palm, 0.25 + fold)),
  );
  const thumbMid = along(thumbRoot, thumbDir, 3.6);
  const thumbTip = along(thumbMid, unit(add(thumbDir, scale(h.along, 0.8 + fold))), 3);
  return {
    name: `${side} hand`,
    tone: 'skin',
    wraps: [
      [
        ball(inHand(h, 0.4, 0, 0), 2.5),
        ball(inHand(h, PALM - 0.4, 2.5, 0), 1.7),
        ball(inHand(h, PALM - 0.6, -2.4, 0), 1.6),
      ],
      ...fingerWraps(h),
      capsule(thumbRoot, 1.6, thumbMid, 1.25),
      capsule(thumbMid, 1.25, thumbTip, 1.05),
    ],
  };
};

const armParts = (arm: Arm, side: Side): Part[] => [
  { name: `${side} upper arm`, tone: 'upper arm', wraps: [capsule(arm.shoulder, 5.3, arm.elbow, 4.2)] },
  {
    name: `${side} forearm`,
    tone: 'forearm',
    wraps: [capsule(arm.elbow, 4.2, along(arm.hand.wrist, arm.hand.along, -0.5), 2.9)],
  },
  handPart(arm.hand, side),
];

/** All pieces of the body, in no order of depth yet. */
export const bodyParts = (s: Skeleton): Part[] => [
  ...SIDES.flatMap((side): Part[] => {
    const { hip, knee, ankle, heel, ball: ballOfFoot, toe } = s.leg[side];
    return [
      { name: `${side} thigh`, tone: 'thigh', wraps: [capsule(hip, 8.3, knee, 6.5)] },
      { name: `${side} shin`, tone: 'shin', wraps: [capsule(knee, 6.3, ankle, 4)] },
      {
        name: `${side} shoe`,
        tone: 'shoe',
        wraps: [
          [ball(heel, 2.6), ball(ballOfFoot, 2.9), ball(mix(ankle, ballOfFoot, 0.2), 3.8)],
          [ball(ballOfFoot, 2.9), ball(toe, 2.1)],
        ],
      },
    ];
  }),
  trunkPart(s),
  ...bladeParts(s),
  ...headParts(s),
  ...SIDES.flatMap((side) => armParts(s.arm[side], side)),
];
