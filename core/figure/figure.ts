import type { FeltSpot, Pose, Side } from '../model';
import { at, ellipse, limb, outline, type Point, type Shape, turnAbout } from './shapes';

/** The figure's own page, in its own units. */
export const FIGURE_SIZE = { width: 320, height: 348 } as const;

const PELVIS: Point = { x: 160, y: 240 };
const TRUNK = 112;
const SHOULDER = 38;
const UPPER_ARM = 56;
const FOREARM = 50;
const HAND = 8;

/** Left lies left on the page, as in a mirror. */
const sign = (side: Side): number => (side === 'left' ? -1 : 1);

/** The places of the body that everything else hangs from. */
interface Frame {
  /** Puts a point given for an upright trunk where the leaning, rounding trunk has it. */
  place: (dx: number, up: number) => Point;
  trunkLength: number;
  shoulder: Record<Side, Point>;
  neck: Point;
  head: Point;
  headDeg: number;
}

const frameOf = (pose: Pose): Frame => {
  const trunkLength = TRUNK * (1 - Math.max(0, pose.round) / 180);
  const narrow = Math.cos((pose.turn * Math.PI) / 180);
  const drift = -pose.turn * 0.12;
  const place = (dx: number, up: number): Point =>
    turnAbout({ x: PELVIS.x + dx, y: PELVIS.y - up }, PELVIS, -pose.lean);
  const shoulder = (side: Side): Point =>
    place(sign(side) * SHOULDER * narrow + drift, trunkLength - 6 + pose[side].shrug * 13);
  const neck = place(drift, trunkLength + 2);
  const headDeg = -(pose.lean + pose.headTilt);
  const drop = pose.headNod * 0.32 + Math.max(0, pose.round) * 0.1;
  const head = turnAbout({ x: neck.x, y: neck.y - 42 + drop }, neck, headDeg);
  return {
    place,
    trunkLength,
    shoulder: { left: shoulder('left'), right: shoulder('right') },
    neck,
    head,
    headDeg,
  };
};

const armOf = (pose: Pose, side: Side, { shoulder }: Frame) => {
  const arm = pose[side];
  const reach = (from: Point, angleDeg: number, length: number): Point => {
    const a = (angleDeg * Math.PI) / 180;
    const straight = { x: from.x + sign(side) * Math.sin(a) * length, y: from.y + Math.cos(a) * length };
    return turnAbout(straight, from, -pose.lean);
  };
  const from = shoulder[side];
  const elbow = reach(from, arm.raise, UPPER_ARM * arm.upper);
  const wrist = reach(elbow, arm.raise + arm.bend, FOREARM * arm.reach);
  const knuckles = reach(wrist, arm.raise + arm.bend + arm.wrist, HAND);
  return { from, elbow, wrist, knuckles };
};

const arm = (pose: Pose, side: Side, frame: Frame): Shape[] => {
  const { from, elbow, wrist, knuckles } = armOf(pose, side, frame);
  return [
    { d: limb(from, elbow, 27, 22), tone: 'upper arm' },
    { d: limb(elbow, wrist, 21, 15), tone: 'forearm' },
    { d: limb(wrist, knuckles, 15, 18), tone: 'skin' },
  ];
};

/** Hands behind the head lie behind it on the page too. */
const isBehindHead = (pose: Pose, side: Side, frame: Frame): boolean => {
  const { wrist } = armOf(pose, side, frame);
  return pose[side].raise > 90 && Math.hypot(wrist.x - frame.head.x, wrist.y - frame.head.y) < 45;
};

const trunk = (pose: Pose, { place, trunkLength, shoulder }: Frame): Shape => {
  const { left, right } = shoulder;
  const hip = (side: Side): Point => place(sign(side) * 34, -2);
  const waist = (side: Side): Point => place(sign(side) * 29 - pose.turn * 0.06, trunkLength * 0.42);
  const top = place(-pose.turn * 0.12, trunkLength + 6);
  const [hl, hr, wl, wr] = [hip('left'), hip('right'), waist('left'), waist('right')];
  return {
    tone: 'trunk',
    d: `M${at(hl)} Q${at(wl)} ${at({ x: left.x + 2, y: left.y + 4 })} Q${at({ x: left.x + 6, y: left.y - 9 })} ${at(top)} Q${at({ x: right.x - 6, y: right.y - 9 })} ${at({ x: right.x - 2, y: right.y + 4 })} Q${at(wr)} ${at(hr)} Q${at({ x: PELVIS.x, y: PELVIS.y + 12 })} ${at(hl)} Z`,
  };
};

const head = (pose: Pose, { head: centre, headDeg, neck }: Frame): Shape[] => {
  const turn = -pose.headTurn / 80;
  const place = (dx: number, dy: number): Point =>
    turnAbout({ x: centre.x + dx, y: centre.y + dy }, centre, headDeg);
  const low = pose.headNod * 0.25;
  // The cap comes down over the brow as the chin sinks, and round the far side as the head turns.
  const brow = -7 + low;
  const cap = [
    `M${at(place(-22 - turn * 2, brow + 2 + turn * 12))}`,
    `Q${at(place(-25, -29))} ${at(place(0, -30))}`,
    `Q${at(place(25, -29))} ${at(place(22 - turn * 2, brow + 2 - turn * 12))}`,
    `Q${at(place(turn * 16, brow - 8))} ${at(place(-22 - turn * 2, brow + 2 + turn * 12))} Z`,
  ].join(' ');
  const back = ellipse(place(-turn * 9, -4), 21, 24, headDeg);
  return [
    { d: limb(neck, { x: (centre.x + neck.x) / 2, y: (centre.y + neck.y) / 2 + 6 }, 24, 21), tone: 'skin' },
    ...(Math.abs(turn) > 0.2 ? [{ d: back, tone: 'hair' } as Shape] : []),
    {
      d: ellipse(place(turn * 4, 0), 22 - Math.abs(turn) * 3, 28 - Math.max(0, low) * 0.4, headDeg),
      tone: 'skin',
    },
    { d: cap, tone: 'hair' },
  ];
};

const legs = (): Shape[] =>
  (['left', 'right'] as const).flatMap((side): Shape[] => {
    const s = sign(side);
    const hip = { x: PELVIS.x + s * 20, y: PELVIS.y + 2 };
    const knee = { x: PELVIS.x + s * 31, y: PELVIS.y + 28 };
    const ankle = { x: PELVIS.x + s * 31, y: PELVIS.y + 80 };
    const toe = PELVIS.y + 100;
    const shoe = outline([
      { x: ankle.x - 11, y: toe },
      { x: ankle.x - 9, y: toe - 14 },
      { x: ankle.x + 9, y: toe - 14 },
      { x: ankle.x + 11, y: toe },
    ]);
    return [
      { d: limb(hip, knee, 30, 32), tone: 'thigh' },
      { d: shoe, tone: 'shoe' },
      { d: limb(knee, ankle, 30, 19), tone: 'shin' },
    ];
  });

const seat = (): Shape[] => [
  { d: limb({ x: 114, y: 254 }, { x: 110, y: 338 }, 7, 7), tone: 'seat' },
  { d: limb({ x: 206, y: 254 }, { x: 210, y: 338 }, 7, 7), tone: 'seat' },
  { d: ellipse({ x: 160, y: 250 }, 62, 13), tone: 'seat' },
];

/** Where on the figure a place lies that is felt. */
const feltShape = (spot: FeltSpot, pose: Pose, frame: Frame): Shape => {
  const side = spot.endsWith('left') ? 'left' : spot.endsWith('right') ? 'right' : undefined;
  const shape = (d: string): Shape => ({ d, tone: 'felt', side: side ?? 'both' });
  const { place, trunkLength, shoulder, neck, head: centre } = frame;
  if (side) {
    const s = sign(side);
    const { from, elbow, wrist, knuckles } = armOf(pose, side, frame);
    if (spot.startsWith('neck')) {
      const up = { x: (neck.x + centre.x) / 2 + s * 10, y: (neck.y + centre.y) / 2 + 8 };
      return shape(limb(up, { x: shoulder[side].x - s * 6, y: shoulder[side].y - 9 }, 12, 14));
    }
    if (spot.startsWith('shoulder')) return shape(ellipse({ x: from.x, y: from.y + 2 }, 14, 16));
    if (spot.startsWith('side'))
      return shape(limb(place(s * 27, trunkLength * 0.78), place(s * 29, 12), 13, 15));
    if (spot.startsWith('forearm')) return shape(limb(elbow, wrist, 16, 12));
    return shape(limb(wrist, knuckles, 17, 18));
  }
  const middle: Partial<Record<FeltSpot, string>> = {
    'neck back': limb(neck, { x: neck.x, y: neck.y - 12 }, 16, 14),
    'neck front': limb(neck, { x: neck.x, y: neck.y - 12 }, 12, 12),
    chest: ellipse(place(0, trunkLength * 0.76), 30, 13, -pose.lean),
    'upper back': ellipse(place(0, trunkLength * 0.82), 30, 15, -pose.lean),
    'low back': ellipse(place(0, trunkLength * 0.22), 25, 14, -pose.lean),
    belly: ellipse(place(0, trunkLength * 0.3), 19, 16, -pose.lean),
  };
  return shape(middle[spot] ?? '');
};

const onArm = (spot: FeltSpot): boolean => /^(forearm|hand|shoulder)/.test(spot);

/**
 * Draws a pose from its joint angles as pieces of cut paper, back to front, seen from the front with the
 * person's left on the left of the page. The felt places lie where they are felt, under arms that cross them.
 */
export const drawFigure = (pose: Pose): Shape[] => {
  const frame = frameOf(pose);
  const sides: Side[] = ['left', 'right'];
  const behind = sides.filter((s) => isBehindHead(pose, s, frame));
  const inFront = sides.filter((s) => !behind.includes(s));
  const felt = (arms: boolean): Shape[] =>
    pose.felt.filter((spot) => onArm(spot) === arms).map((spot) => feltShape(spot, pose, frame));
  return [
    ...seat(),
    ...legs(),
    ...behind.flatMap((s) => arm(pose, s, frame)),
    trunk(pose, frame),
    ...head(pose, frame),
    ...felt(false),
    ...inFront.flatMap((s) => arm(pose, s, frame)),
    ...felt(true),
  ];
};
