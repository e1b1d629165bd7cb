import { describe, expect, it } from 'vitest';
import { cuesOf, SMALL_SHARE } from '../cues';
import { allPoses, angleOf, length, skeletonOf, sub } from '../figure';
import { library } from '../library/all';
import { Motion, type Move, type Pose, type Prop, rungOf, usualVariant, variantOf } from '../model';
import { type Demand, demandsOf, motionOf } from '../needs';
import { CLAIM } from '../review/rules/words/claims';

// What is said must be what is drawn: every claim that words make about a body is looked for in the poses of that rung.
// A small lexicon; each claim with how the poses show it.

/** Hands nearer to the middle of the head than this lie on it, cm. */
const ON_HEAD_CM = 24;
/** Wrists nearer than this can be clasped, cm. */
const CLASPED_CM = 26;

const anyPose =
  (test: (pose: Pose) => boolean) =>
  (poses: readonly Pose[]): boolean =>
    poses.some(test);
const asks =
  (...demands: Demand[]) =>
  (_: readonly Pose[], asked: ReadonlySet<Demand>): boolean =>
    demands.some((d) => asked.has(d));
const handOnHead = anyPose((pose) => {
  const s = skeletonOf(pose);
  return (['left', 'right'] as const).some(
    (side) => length(sub(s.arm[side].hand.wrist, s.head.at)) < ON_HEAD_CM,
  );
});
const handsMeet = anyPose((pose) => {
  const { arm } = skeletonOf(pose);
  return length(sub(arm.left.hand.wrist, arm.right.hand.wrist)) < CLASPED_CM;
});

/** A wrist nearer than this to its own shoulder has its hand there, cm. */
const ON_SHOULDER_CM = 24;
/** A foot lower than this has its heel or its toes on the floor, cm. */
const ON_FLOOR_CM = 12;
/** An elbow so far below its shoulder is below it, cm. */
const BELOW_CM = 5;
/** So far from the height of the shoulder is still at that height, cm. */
const LEVEL_CM = 20;
/** An arm that is bent no further is long; clasped hands do not let it be longer. */
const LONG_ARM_DEG = 35;
const SIDES = ['left', 'right'] as const;

const handOnShoulder = anyPose((pose) => {
  const { arm } = skeletonOf(pose);
  return SIDES.some((side) => length(sub(arm[side].hand.wrist, arm[side].shoulder)) < ON_SHOULDER_CM);
});
/** In every pose one of the legs that move keeps this end of its foot down. */
const staysDown =
  (end: 'heel' | 'toe') =>
  (poses: readonly Pose[]): boolean =>
    poses.every((pose) => {
      const { leg } = skeletonOf(pose);
      const heights = SIDES.map((side) => (end === 'heel' ? leg[side].ankle : leg[side].toe)[1]);
      return Math.max(...heights) < ON_FLOOR_CM;
    });
const handAt = (low: number, high: number) =>
  anyPose((pose) => {
    const { arm } = skeletonOf(pose);
    return SIDES.some((side) => {
      const up = arm[side].hand.wrist[1] - arm[side].shoulder[1];
      return up >= low && up <= high;
    });
  });
const levelArm = anyPose((pose) => {
  const { arm } = skeletonOf(pose);
  return SIDES.some((side) =>
    [arm[side].elbow, arm[side].hand.wrist].some((at) => Math.abs(at[1] - arm[side].shoulder[1]) < LEVEL_CM),
  );
});
const bent = (joint: 'elbow' | 'knee', least: number, most = 180) =>
  anyPose((pose) =>
    SIDES.some((side) => {
      const degrees = angleOf(pose, `${side}.${joint}.bend`);
      return degrees >= least && degrees <= most;
    }),
  );
const has =
  (...props: Prop[]) =>
  (_: readonly Pose[], __: ReadonlySet<Demand>, motion: Motion): boolean =>
    props.some((prop) => motion.props.includes(prop));

const CLAIMS: [
  claim: string,
  words: RegExp,
  shown: (poses: readonly Pose[], asked: ReadonlySet<Demand>, motion: Motion) => boolean,
][] = [
  [
    'a hand is on its shoulder',
    /hands? (stays? )?(on|to) (the|your|its)( own)? shoulders?\b(?! blade)|fingertips on your shoulders/i,
    handOnShoulder,
  ],
  [
    'the heel stays down',
    /heels? (stays?|stay) down|heel on the floor|slide the \{other\} heel/i,
    staysDown('heel'),
  ],
  ['the toes stay down', /toes stay down/i, staysDown('toe')],
  ['a hand is at the height of the waist', /height of the waist/i, handAt(-60, -28)],
  ['an arm is at shoulder height', /(at|to|below) shoulder height|shoulder-high/i, levelArm],
  [
    'the arms stay below the shoulders',
    /(arms out|elbows), half-way up|elbows half-way up|below the shoulders/i,
    (poses) =>
      poses.every((pose) => {
        const { arm } = skeletonOf(pose);
        return SIDES.every((side) => arm[side].shoulder[1] - arm[side].elbow[1] > BELOW_CM);
      }),
  ],
  ['a hand is on the wall', /on the wall|against the wall/i, has('wall')],
  [
    'a chair has a back',
    /(backrest|against the chair|on the chair|at the chair)/i,
    has('chair', 'backrest on the right'),
  ],
  // A desk beside the chair is not drawn: pictures have it in front, where it nearly always is.
  ['a hand is on the desk', /(hands?|forearms?) on the desk|edge of the desk(?! beside)/i, has('desk')],
  ['a strap is held', /\bstrap\b/i, has('strap')],
  ['an elbow is bent', /bend the \{side\} elbow|with bent elbows?|bent elbows/i, bent('elbow', 45)],
  ['an elbow is a little bent', /elbows? a little bent/i, bent('elbow', 15, 60)],
  ['an arm is long', /\barms? long\b|long arms?\b|arms? straight/i, bent('elbow', 0, LONG_ARM_DEG)],
  [
    'a knee is straightened',
    /straighten (your|the) \{(side|other)\} (leg|knee)|leg long\b/i,
    bent('knee', 0, 25),
  ],
  ['the gaze is lifted', /\blift the gaze|gaze go up|chin up and|turn the chin up/i, asks('looking up')],
  [
    'a hand is on the head',
    /hands? (on|over|behind) (the|your) (back of the )?head|on the crown/i,
    handOnHead,
  ],
  ['the arms go overhead', /overhead|for the ceiling|both arms up|over your head/i, asks('arms overhead')],
  [
    'arms hang straight down from the shoulders',
    /\bhead and arms hang\b(?! over)|let (?:the|both) (?:arms|hands) hang and/i,
    anyPose((pose) => {
      const { arm } = skeletonOf(pose);
      return [arm.left, arm.right].every(
        ({ shoulder, hand }) =>
          Math.hypot(hand.wrist[0] - shoulder[0], hand.wrist[2] - shoulder[2]) < 22 &&
          hand.wrist[1] < shoulder[1] - 30,
      );
    }),
  ],
  ['one lifts off the seat', /lift off/i, anyPose((pose) => pose.base === 'off the seat')],
  ['the back leans back', /lean the upper back|lean back/i, asks('back arched')],
  ['the head hangs', /head and arms hang|let the head hang|hang over/i, asks('head low')],
  ['the eyes are closed', /close (the|your) eyes/i, asks('eyes closed')],
  ['hands are clasped', /\bclasp (your|again)|clasped/i, handsMeet],
  ['a leg is crossed', /cross your \{side\} leg|ankle on the \{other\} (knee|shin)/i, asks('leg crossed')],
  ['one folds forward', /\bfold\b/i, asks('deep lean forward', 'head low', 'back rounded')],
  ['one stands', /^stand\b/i, asks('standing')],
  ['the hands press weight', /press down and grow|take a little weight/i, asks('weight on the hands')],
];

const said = (move: Move, rung: string | undefined): string =>
  Object.values(cuesOf(usualVariant(move, rung)))
    .filter(Boolean)
    .join(' | ');

describe('every claim that words make', () => {
  it.each(library.map((move) => [move.name, move] as const))(
    '%s: is shown by the poses of its rung',
    (_, move) => {
      for (const rung of move.rungs.length > 0 ? move.rungs.map((r) => r.name) : [undefined]) {
        const motion = motionOf(usualVariant(move, rung)) ?? Motion.parse({ poses: [{}] });
        const poses = allPoses(motion);
        // Words of not doing something claim nothing.
        const words = said(move, rung).replace(/\b(no|not|never|do not|without)\b[^.;|]*/gi, '');
        for (const [claim, pattern, shown] of CLAIMS)
          if (pattern.test(words))
            expect([rung, claim, shown(poses, demandsOf(usualVariant(move, rung)), motion)]).toEqual([
              rung,
              claim,
              true,
            ]);
      }
    },
  );

  it('has words of its own for every rung that is done in another way', () => {
    // A rung with a figure of its own is another way of doing it.
    for (const move of library)
      for (const rung of move.rungs.filter(
        (r) => r.figure && r.name !== (move.usualRung ?? move.rungs[0]?.name),
      ))
        expect([move.id, rung.name, rung.say !== undefined]).toEqual([move.id, rung.name, true]);
  });

  it('tells every rung of a move apart, in every position and led either way', () => {
    for (const move of library)
      for (const position of [move.position, ...move.alsoIn])
        for (const oneByOne of [false, true]) {
          const setUps = move.rungs
            .filter((r) => !r.notIn.includes(position))
            .map((r) => cuesOf(variantOf(move, r.name, position), oneByOne).say);
          expect([move.id, position, new Set(setUps).size]).toEqual([move.id, position, setUps.length]);
        }
  });

  it('says of a smaller rung that it is smaller, where it has no words of its own', () => {
    const smaller = library.flatMap((move) =>
      move.rungs
        .filter((r) => r.share < SMALL_SHARE && r.say === undefined && r !== rungOf(move))
        .map((r) => cuesOf(usualVariant(move, r.name)).say),
    );
    expect(smaller.length).toBeGreaterThan(20);
    for (const say of smaller) {
      // What is done afterwards is said afterwards.
      expect(say).toMatch(/ Only half as (far|large)\.( Then [^.]*\.)?$/);
      // What says that it is large cannot be told to be half of it.
      expect(say.replace(/ Only half as .*$/, '')).not.toMatch(/\b(large|all the way|tight|as far as)\b/i);
    }
  });

  it('promises nothing, and never asks for a tingle', () => {
    // Numbness and tingling are where a stretch ends (common practice); they belong to what is checked, and nowhere else.
    const textsOf = (value: unknown, path: string): [string, string][] =>
      typeof value === 'string'
        ? [[path, value]]
        : value && typeof value === 'object'
          ? Object.entries(value).flatMap(([key, v]) => textsOf(v, `${path}.${key}`))
          : [];
    const texts = library.flatMap((move) => textsOf(move, move.id));
    expect(texts.length).toBeGreaterThan(3000);
    const wrong = texts.filter(
      ([path, text]) =>
        CLAIM.test(text) ||
        (/tingl|numb\b|pins and needles/i.test(text) && !/\.(check|cautions?)\b/.test(path)),
    );
    expect(wrong).toEqual([]);
  });
});
