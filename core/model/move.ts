import { z } from 'zod';
import { DoseBand } from './dose';
import { Pose } from './pose';
import { Id } from './units';

/** What a move does in a break, in the order in which a break runs. */
export const Kind = z.enum([
  'settle',
  'breathe',
  'mobilise',
  'stretch',
  'activate',
  'massage',
  'release',
  'close',
]);
export type Kind = z.infer<typeof Kind>;

/** Shelf of the library. */
export const Region = z.enum(['breath', 'neck', 'shoulder', 'spine', 'wrist', 'hip', 'face']);
export type Region = z.infer<typeof Region>;

/** Area of the body as the ledger counts it. The first area of a move is the one it is for. */
export const Area = z.enum([
  'breath',
  'neck',
  'shoulder',
  'upper back',
  'chest',
  'side',
  'low back',
  'upper arm',
  'forearm',
  'hand',
  'hip',
]);
export type Area = z.infer<typeof Area>;

/** Muscle groups by their standard names. */
export const Muscle = z.enum([
  'suboccipitals',
  'upper trapezius',
  'levator scapulae',
  'scalenes',
  'sternocleidomastoid',
  'deep neck flexors',
  'middle and lower trapezius',
  'rhomboids',
  'pectorals',
  'anterior deltoid',
  'posterior deltoid',
  'rotator cuff',
  'latissimus dorsi',
  'triceps brachii',
  'forearm flexors',
  'forearm extensors',
  'hand intrinsics',
  'thoracic spine',
  'lumbar erectors',
  'obliques',
  'quadratus lumborum',
  'gluteals and piriformis',
  'hip flexors',
  'hamstrings',
  'quadriceps',
  'adductors',
  'calf',
  'ankle and foot',
  'eyes',
  'jaw and face',
  'diaphragm',
]);
export type Muscle = z.infer<typeof Muscle>;

export const Position = z.enum(['back', 'edge', 'standing', 'floor']);
export type Position = z.infer<typeof Position>;

/** Things a move needs. Desk and own chair are always in reach and cost no time. */
export const Thing = z.enum(['desk', 'chair', 'strap', 'ball', 'towel', 'cushion', 'mat', 'wall']);
export type Thing = z.infer<typeof Thing>;

const Cue = z.string().trim().min(1).max(600);

const Together = z.object({
  /** Midline, or both sides at once. */
  pattern: z.literal('together'),
  /** Names of the two directions, when it has two that owe each other the same. */
  directions: z.tuple([z.string().min(1), z.string().min(1)]).optional(),
});
const TwoWay = z.object({
  /** `each`: all of one way, then all of the other. `alternate`: one repetition this way, one that way. */
  pattern: z.enum(['each', 'alternate']),
  /** What tells the two ways apart; the way is named after the side that leads, lies on top or is in front. */
  pair: z.enum(['side', 'arm on top', 'thumb in front', 'diagonal']),
  /** Where the left way is felt: on the left, on the opposite side, or on both. */
  felt: z.enum(['same', 'opposite', 'both']),
  directions: z.tuple([z.string().min(1), z.string().min(1)]).optional(),
});
/** How a move divides into ways that owe each other the same. */
export const Ways = z.discriminatedUnion('pattern', [Together, TwoWay]);
export type Ways = z.infer<typeof Ways>;

/**
 * The words of a move. `{side}` and `{other}` become left or right, `{direction}` the direction's name.
 * `say` and `again` are spoken before the work; `feel` and `check` during it.
 */
export const Cues = z.object({
  say: Cue,
  /** The short set-up of the second side. */
  again: Cue.optional(),
  /** The short set-up of the second direction. */
  turn: Cue.optional(),
  feel: Cue,
  check: Cue,
  back: Cue,
});
export type Cues = z.infer<typeof Cues>;

/** One move of the library or of the instructor's own. */
export const Move = z
  .object({
    id: Id,
    name: z.string().trim().min(1).max(80),
    purpose: z.string().trim().min(1).max(300),
    kind: Kind,
    region: Region,
    areas: z.array(Area).min(1),
    muscles: z.array(Muscle),
    position: Position,
    things: z.array(Thing).default([]),
    ways: Ways,
    dose: DoseBand,
    /** Seconds to come back to neutral; the pace's own when left out. */
    returnSec: z.number().min(0).max(60).optional(),
    cues: Cues,
    cautions: z.array(z.string().min(1)).default([]),
    pose: Pose.optional(),
  })
  .superRefine((move, ctx) => {
    if (move.ways.pattern !== 'together' && !move.cues.again)
      ctx.addIssue({
        code: 'custom',
        path: ['cues', 'again'],
        message: 'a two-way move needs a second-side cue',
      });
    if (move.ways.directions && !move.cues.turn)
      ctx.addIssue({
        code: 'custom',
        path: ['cues', 'turn'],
        message: 'a move with directions needs a cue for the second',
      });
    const { least, usual, most } = move.dose;
    if (least > usual.amount || usual.amount > most)
      ctx.addIssue({
        code: 'custom',
        path: ['dose'],
        message: 'doses must rise from least to usual to most',
      });
  });
export type Move = z.infer<typeof Move>;

/** Finds a move by its id. */
export type MoveLookup = (id: string) => Move | undefined;

/** True when the move has two ways that owe each other the same. */
export const isTwoWay = (move: Move): boolean => move.ways.pattern !== 'together';
