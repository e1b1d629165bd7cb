import { z } from 'zod';
import { Id, Line } from './units';

/**
 * An instructor's own way of teaching, where instructors disagree. It changes what is proposed and what is
 * flagged, never what may be written. Defaults: common practice, no source, but for the hold of 20 s, which lies
 * inside the published 10 to 30 s.
 */
export const Approach = z.object({
  headCircles: z.enum(['front half', 'full circle', 'small nose circles']).default('front half'),
  lookingUp: z.enum(['never past neutral', 'lift the gaze', 'full extension']).default('lift the gaze'),
  handOnHead: z.enum(['gravity only', 'weight of the hand', 'light pull']).default('weight of the hand'),
  holdIn: z.enum(['seconds', 'breaths']).default('seconds'),
  holdLength: z.enum(['10 s', '20 s', '30 s', '45 s']).default('20 s'),
  passes: z.enum(['once', 'twice', 'three sets']).default('once'),
  sides: z.enum(['alternate', 'chain']).default('alternate'),
  firstSide: z.enum(['left', 'right', 'change each time']).default('change each time'),
  breathRoute: z
    .enum(['nose in, nose out', 'nose in, mouth out', 'nose in, pursed lips out'])
    .default('nose in, mouth out'),
  rounding: z.enum(['exhale rounds', 'inhale rounds']).default('exhale rounds'),
  order: z
    .enum(['head down', 'hands first', 'breath and spine outward', 'chest first', 'mixed'])
    .default('head down'),
  warmUp: z.enum(['mobilise first', 'walk first', 'none']).default('mobilise first'),
  elbow: z.enum(['locked', 'straight but soft']).default('straight but soft'),
  turning: z.enum(['exhale into the turn', 'inhale into the turn']).default('exhale into the turn'),
  reaching: z.enum(['inhale up', 'exhale up']).default('inhale up'),
  belly: z.enum(['soft', 'gently drawn in', 'gently braced']).default('gently braced'),
  folding: z.enum(['flat back from the hips', 'rounded']).default('flat back from the hips'),
  turnPower: z.enum(['trunk only', 'arms and chair help']).default('trunk only'),
  ending: z.enum(['all seated', 'last moves standing']).default('all seated'),
  counting: z.enum(['up', 'down', 'only the last three']).default('only the last three'),
});
export type Approach = z.infer<typeof Approach>;
export type ApproachQuestion = keyof Approach;

/** Answers to some of the questions; a question that is left out is not answered by its default. */
export const SomeAnswers = z.object(
  Object.fromEntries(
    Object.entries(Approach.shape).map(([key, answer]) => [key, answer.unwrap().optional()]),
  ),
) as unknown as z.ZodType<Partial<Approach>>;

export const defaultApproach: Approach = Approach.parse({});

/** A school: answers under a name, chosen for a group or a break. What it leaves out stays the instructor's own. */
export const School = z.object({ id: Id, name: Line(60).min(1), answers: SomeAnswers });
export type School = z.infer<typeof School>;

/** The instructor's approach as it is kept: one for the instructor, with schools beside it and the moves liked best. */
export const KeptApproach = z.object({
  id: z.literal('approach'),
  approach: Approach,
  schools: z.array(School).max(20).default([]),
  favourites: z.array(Id).max(200).default([]),
});
export type KeptApproach = z.infer<typeof KeptApproach>;

/** As it is until another is kept: the usual answers, no schools, nothing liked best. */
export const usualApproach: KeptApproach = KeptApproach.parse({ id: 'approach', approach: defaultApproach });

const merged = new WeakMap<Approach, WeakMap<Partial<Approach>, Approach>>();

/** A break's own answers over the instructor's. The same two give the same answer, so that it can be compared by itself. */
export const approachOf = (own: Approach, override: Partial<Approach> | undefined): Approach => {
  if (!override) return own;
  const known = merged.get(own) ?? new WeakMap<Partial<Approach>, Approach>();
  merged.set(own, known);
  const both = known.get(override) ?? { ...own, ...override };
  known.set(override, both);
  return both;
};
