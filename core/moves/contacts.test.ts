import { describe, expect, it } from 'vitest';
import { cuesOf } from '../cues';
import { allPoses, type Skeleton, skeletonOf } from '../figure';
import { add, dot, length, scale, sub, type Vec } from '../figure/space';
import { library } from '../library/all';
import { otherSide, type Side, usualVariant } from '../model';
import { motionOf } from '../needs';

// Which hand or leg goes where, and by which side: what the set-up says of {side} and {other} is looked for in the poses, which
// are drawn for the left way.

const SIDES: readonly Side[] = ['left', 'right'];
/** The side that a token stands for in the left way. */
const sideOf = (token: string): Side => (token.toLowerCase() === '{side}' ? 'left' : 'right');

const toSegment = (p: Vec, a: Vec, b: Vec): number => {
  const along = sub(b, a);
  const t = Math.max(0, Math.min(1, dot(sub(p, a), along) / dot(along, along)));
  return length(sub(p, add(a, scale(along, t))));
};
/** The wrist of a hand, and its palm. */
const reachesOf = ({ arm }: Skeleton, side: Side): Vec[] => {
  const { wrist, along } = arm[side].hand;
  return [wrist, add(wrist, scale(along, 8))];
};
const near = (s: Skeleton, hand: Side, distance: (p: Vec) => number, cm: number): boolean =>
  reachesOf(s, hand).some((p) => distance(p) < cm);

const onThigh = (s: Skeleton, hand: Side, on: Side): boolean =>
  near(s, hand, (p) => toSegment(p, s.leg[on].hip, s.leg[on].knee), 17);

type Shown = (s: Skeleton, sides: Side[]) => boolean;
const HAND = '(\\{side\\}|\\{other\\}) (?:hand|forearm)[^.;,|]{0,25}';
const ON = '(?:on|at|over|behind|under|to) (?:top of )?(?:the|your) ';
/** Each claim with the words that make it, and how far apart is still together, cm. */
const CLAIMS: [claim: string, words: RegExp, shown: Shown][] = [
  [
    'a hand lies on a thigh',
    new RegExp(`${HAND}${ON}(\\{side\\}|\\{other\\}) thigh`, 'gi'),
    (s, [hand = 'left', on = 'left']) => onThigh(s, hand, on),
  ],
  [
    'a hand lies on a knee',
    new RegExp(`${HAND}${ON}(\\{side\\}|\\{other\\}) knee`, 'gi'),
    (s, [hand = 'left', on = 'left']) => near(s, hand, (p) => length(sub(p, s.leg[on].knee)), 20),
  ],
  [
    'a hand lies on a shoulder',
    new RegExp(`${HAND}${ON}(\\{side\\}|\\{other\\}) shoulder`, 'gi'),
    (s, [hand = 'left', on = 'left']) => near(s, hand, (p) => length(sub(p, s.arm[on].shoulder)), 20),
  ],
  [
    'a hand carries the other elbow',
    /(\{side\}|\{other\}) hand (?:only )?(?:steadies|carries) the elbow|elbow in the (\{side\}|\{other\}) hand/gi,
    (s, [hand = 'right']) => near(s, hand, (p) => length(sub(p, s.arm[otherSide(hand)].elbow)), 20),
  ],
  [
    'a hand holds the other wrist',
    /(\{side\}|\{other\}) hand (?:draws|holds) the (?:\{side\}|\{other\}) wrist/gi,
    (s, [hand = 'left']) => near(s, hand, (p) => length(sub(p, s.arm[otherSide(hand)].hand.wrist)), 18),
  ],
  [
    'a hand is at the head',
    new RegExp(`${HAND}${ON}head`, 'gi'),
    (s, [hand = 'left']) => near(s, hand, (p) => length(sub(p, s.head.at)), 24),
  ],
  [
    'hands lie in the lap or on the thighs',
    /hands? (?:rest |lie |stay )?on (?:the|your) thighs|in (?:the|your) lap/gi,
    (s) => SIDES.some((side) => onThigh(s, side, side)),
  ],
  [
    'a hand is at the chest',
    /(?:hands?|palms together) (?:on|at) (?:the|your) (?:chest|breastbone)/gi,
    (s) => SIDES.some((side) => near(s, side, (p) => toSegment(p, s.top.at, s.pelvis.at), 24)),
  ],
  [
    'hands touch each other',
    /palms (?:together|meet)|backs of the hands together|knuckles together/gi,
    ({ arm }) => length(sub(arm.left.hand.wrist, arm.right.hand.wrist)) < 20,
  ],
  [
    'an ankle lies on the other knee',
    /(\{side\}|\{other\}) ankle on the (?:\{side\}|\{other\}) knee/gi,
    ({ leg }, [of = 'left']) =>
      length(sub(leg[of].ankle, leg[otherSide(of)].knee)) < 12 &&
      leg[of].ankle[1] > leg[otherSide(of)].knee[1],
  ],
  [
    'an ankle lies on the other shin',
    /(\{side\}|\{other\}) ankle on the (?:\{side\}|\{other\}) shin/gi,
    ({ leg }, [of = 'left']) =>
      toSegment(leg[of].ankle, leg[otherSide(of)].knee, leg[otherSide(of)].ankle) < 12 &&
      leg[of].ankle[2] > leg[otherSide(of)].knee[2],
  ],
  [
    'a leg lies over the other',
    /cross your (\{side\}|\{other\}) leg over|cross your legs, the (\{side\}|\{other\}) one on top|(\{side\}|\{other\}) leg on top/gi,
    ({ leg }, [of = 'left']) => {
      const other = leg[otherSide(of)];
      return toSegment(leg[of].knee, other.hip, other.knee) < 20 && leg[of].knee[1] > other.knee[1] + 5;
    },
  ],
  [
    'an arm lies on top of the other',
    /(\{side\}|\{other\}) arm on top/gi,
    ({ arm, top }, [of = 'left']) => {
      // Where both cross: above the other, or before it.
      const between = sub(arm[of].elbow, arm[otherSide(of)].elbow);
      const wrists = sub(arm[of].hand.wrist, arm[otherSide(of)].hand.wrist);
      const over = (v: Vec): boolean => dot(v, top.up) > 1 || dot(v, top.fwd) > 1;
      return over(between) || over(wrists);
    },
  ],
];

describe('what is said to lie somewhere', () => {
  const made = new Set<string>();

  it.each(library.map((move) => [move.name, move] as const))('%s: is drawn there', (_, move) => {
    for (const rung of move.rungs.length > 0 ? move.rungs.map((r) => r.name) : [undefined]) {
      const variant = usualVariant(move, rung);
      const motion = motionOf(variant);
      if (!motion) continue;
      const poses = allPoses(motion).map(skeletonOf);
      const { say, again, go, check } = cuesOf(variant);
      // Words of not doing something claim nothing.
      const words = [say, again, go, check]
        .join(' | ')
        .replace(/\b(no|not|never|do not|without)\b[^.;|]*/gi, '');
      for (const [claim, pattern, shown] of CLAIMS)
        for (const [text, ...tokens] of words.matchAll(pattern)) {
          made.add(claim);
          const sides = tokens.filter(Boolean).map(sideOf);
          expect([rung, text, poses.some((s) => shown(s, sides))]).toEqual([rung, text, true]);
        }
    }
  });

  it('is claimed in every way that is looked for', () => {
    expect([...made].sort()).toEqual(CLAIMS.map(([claim]) => claim).sort());
  });
});
