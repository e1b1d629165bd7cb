import { describe, expect, it } from 'vitest';
import { cuesOf } from '../cues';
import { poseAt, reversed, type Skeleton, skeletonOf } from '../figure';
import { library, pauses } from '../library/all';
import { type Move, type Position, rungsIn, type Side, variantOf } from '../model';
import { motionOf } from '../needs';

// Bodies do not sink into the floor, slide over it on feet that stand, or leap from one place to another: every move on every
// rung in every position, in both of its directions, from its first moment to its last.
const FRAMES = 24;
const SIDES: readonly Side[] = ['left', 'right'];
type Place = readonly [number, number, number] | readonly number[];
const apart = (a: Place, b: Place): number =>
  Math.hypot(...[0, 1, 2].map((i) => (a[i] as number) - (b[i] as number)));

/** Everything that could meet the floor: its lowest places, cm above it. */
const lowest = ({ leg, arm }: Skeleton): number =>
  Math.min(
    ...SIDES.flatMap((side) => [
      leg[side].heel[1] as number,
      leg[side].ball[1] as number,
      leg[side].toe[1] as number,
      leg[side].knee[1] as number,
      arm[side].hand.wrist[1] as number,
    ]),
  );
/** A sole that stands lies so high at most, cm; an ankle above it. */
const stands = ({ leg }: Skeleton, side: Side): boolean => leg[side].toe[1] < 5 && leg[side].ankle[1] < 10.5;
const places = (s: Skeleton): Place[] => [
  s.head.at,
  s.pelvis.at,
  ...SIDES.flatMap((side) => [s.arm[side].hand.wrist, s.leg[side].knee, s.leg[side].ankle]),
];

/** Points are inside shoes and hands: so deep they still lie on the floor, cm. On the way a heel may brush it. */
const DEEPEST = -1.5;
const DEEPEST_ON_THE_WAY = -3;
/** So high heel and ball of a foot lie that stands flat, at most, cm. */
const FLAT = 4.5;
/** Words of which a foot does something else than stand. */
const FOOT = /\b(foot|legs?|heels?|toes|step|walk|ankle)\b/i;
const LEAP = 25;
const SLIDE = 6;
/** Where the leg goes past the seat, beside which it has room that a picture from the side has not. */
const PAST_THE_SEAT = ['edge-leg-long'];
/** The lower leg comes to the middle, to carry the upper one. */
const CARRIES = ['crossed-legs-tuck'];

const positionsOf = (move: Move): Position[] => [...new Set([move.position, ...move.alsoIn])];

describe.each([...library, ...pauses].map((move) => [move.name, move] as const))('%s', (_, move) => {
  const variants = positionsOf(move).flatMap((position) => {
    const here = rungsIn(move, position);
    return (here.length > 0 ? here.map((r) => r.name) : [undefined]).map((rung) => [position, rung] as const);
  });

  it('stays on the ground it is on', () => {
    for (const [position, rung] of variants) {
      const first = motionOf(variantOf(move, rung, position));
      if (!first) continue;
      for (const motion of [first, reversed(first)]) {
        const below = Math.min(...motion.poses.map((pose) => lowest(skeletonOf(pose))));
        expect(below, `${rung}, ${position}`).toBeGreaterThan(DEEPEST);
        // Whoever does not lift, slide, cross or step has both soles on the floor.
        const planted = !FOOT.test(cuesOf(variantOf(move, rung, position)).say ?? '');
        for (const pose of motion.poses)
          if (planted && !/lying|cross-legged/.test(pose.base))
            for (const side of SIDES) {
              const { heel, ball, toe } = skeletonOf(pose).leg[side];
              const sole = Math.max(heel[1] as number, ball[1] as number);
              if (sole >= FLAT && (toe[1] as number) <= 14)
                throw new Error(`${rung}, ${position}: the sole of the ${side} foot is ${sole} cm up`);
            }
        const bodies = Array.from({ length: FRAMES + 1 }, (_, i) => skeletonOf(poseAt(motion, i / FRAMES)));
        const [start] = bodies;
        if (!start) throw new Error('no frames');
        if (!PAST_THE_SEAT.includes(move.id))
          expect(Math.min(...bodies.map(lowest)), `${rung}, ${position}, on the way`).toBeGreaterThan(
            DEEPEST_ON_THE_WAY,
          );
        // A movement that stays where it ends begins anew only when it is led anew.
        const steps = bodies.slice(1).map((body, i) => {
          const before = places(bodies[i] as Skeleton);
          return Math.max(...places(body).map((at, n) => apart(at, before[n] as Place)));
        });
        expect(Math.max(...steps), `${rung}, ${position}, from frame to frame`).toBeLessThan(LEAP);
        const said = cuesOf(variantOf(move, rung, position)).say ?? '';
        if (CARRIES.includes(move.id) || /\b(slide|step|walk)\b/i.test(said)) continue;
        for (const side of SIDES) {
          if (!bodies.every((body) => stands(body, side))) continue;
          const slid = Math.max(...bodies.map((b) => apart(b.leg[side].ankle, start.leg[side].ankle)));
          expect(slid, `${rung}, ${position}, ${side} foot`).toBeLessThan(SLIDE);
        }
      }
    }
  });
});
