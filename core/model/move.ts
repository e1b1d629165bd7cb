import { z } from 'zod';
import { DoseBand } from './dose';
import { Motion } from './pose';
import { idleTokens, type Token, withKnownTokens } from './tokens';
import { Id, Line, Lines } from './units';

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
  'pause',
]);
export type Kind = z.infer<typeof Kind>;

/** Shelf of the library. */
export const Region = z.enum(['breath', 'neck', 'shoulder', 'spine', 'wrist', 'hip', 'face', 'floor']);
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
  'leg',
  'foot',
  'face',
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

/**
 * `wide edge` is the front edge of the seat with the feet wide apart, `floor` lying, `floor seat` sitting on the floor with
 * crossed legs.
 */
export const Position = z.enum(['back', 'edge', 'wide edge', 'standing', 'floor', 'floor seat']);
export type Position = z.infer<typeof Position>;

/** On a chair, in one way or another. */
export const SEATED: readonly Position[] = ['back', 'edge', 'wide edge'];
/** Lying or sitting on the floor. */
export const isOnFloor = (position: Position): boolean => position === 'floor' || position === 'floor seat';
/** On the front edge of the seat, where a seat that rolls is in question. */
export const isOnEdge = (position: Position): boolean => position === 'edge' || position === 'wide edge';

/** Things a move needs. Desk and own chair are always in reach and cost no time. */
export const Thing = z.enum([
  'desk',
  'chair',
  'strap',
  'ball',
  'towel',
  'cushion',
  'mat',
  'roll',
  'wall',
  'footrest',
]);
export type Thing = z.infer<typeof Thing>;

const Cue = withKnownTokens(Lines(600).trim().min(1));

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
  pair: z.enum(['side', 'arm on top', 'hand on top', 'leg on top', 'thumb in front', 'diagonal']),
  /** What moves, for the way named `{side}`: `the {side} ear toward the {side} shoulder`. */
  moves: Line(120).min(1).optional(),
  /** Where the left way is felt: on the left, on the opposite side, or on both. */
  felt: z.enum(['same', 'opposite', 'both']),
  directions: z.tuple([z.string().min(1), z.string().min(1)]).optional(),
});
/** How a move divides into ways that owe each other the same. */
export const Ways = z.discriminatedUnion('pattern', [Together, TwoWay]);
export type Ways = z.infer<typeof Ways>;

/**
 * The words of a move. `{side}` and `{other}` become left or right, `{direction}` the direction's name, `{going}`
 * and `{coming}` breathe in or breathe out for the two halves of the movement, `{outlet}` where the breath leaves.
 * `say` and `again` are spoken before the work; `go`, `feel`, `check`, `breathe` and `last` during it.
 */
export const Cues = z.object({
  say: Cue,
  /** The short set-up of the second side. */
  again: Cue.optional(),
  /** The short set-up of the second direction. */
  turn: Cue.optional(),
  /** As the work begins. */
  go: Cue.optional(),
  feel: Cue,
  check: Cue,
  breathe: Cue.optional(),
  /** Just before the end. */
  last: Cue.optional(),
  back: Cue,
});
export type Cues = z.infer<typeof Cues>;

/** What differs where a seated move is done standing: words, and how it looks. */
const Standing = Cues.partial().extend({ figure: Motion.optional() }).optional();

/** What a move asks of a body or a seat that its poses do not show by themselves. */
export const Ask = z.enum([
  'hand weight on the head',
  'long breath out',
  'breath leads',
  'firm pressure',
  'grip',
  'effort',
  'eyes closed',
  'eyes follow',
  'weight on the hands',
  'chair carries',
  'room beside the seat',
  'room behind the seat',
  'belly pressed',
  'end of range',
  'both hands',
  'held breath',
  'sideways on the seat',
  'hand at the neck',
  'needs sight',
  'full head circle',
]);
export type Ask = z.infer<typeof Ask>;

/** One rung of a move's ladder: the same move, easier or stronger. */
export const Rung = z.object({
  name: Line(60).min(1),
  /** How it is done, in a phrase for the instructor. */
  how: Line(160).min(1),
  /** Words of its own, where the move's are not true of it. */
  say: Cue.optional(),
  again: Cue.optional(),
  turn: Cue.optional(),
  go: Cue.optional(),
  feel: Cue.optional(),
  check: Cue.optional(),
  breathe: Cue.optional(),
  last: Cue.optional(),
  back: Cue.optional(),
  standing: Standing,
  /** Words where all of one way is done before the other, of a move that usually goes from side to side. */
  oneByOne: Cues.partial().optional(),
  /** Positions in which the move can be done, but not on this rung. */
  notIn: z.array(Position).default([]),
  /** How far it goes, as a share of the move's own motion; ignored when it has a figure of its own. */
  share: z.number().min(0.1).max(1.5).default(1),
  figure: Motion.optional(),
  /** What it asks beyond the move, and what of the move it does not ask. */
  asks: z.array(Ask).default([]),
  spares: z.array(Ask).default([]),
  things: z.array(Thing).default([]),
});
export type Rung = z.infer<typeof Rung>;

/** The words of a move in another language. What is left out is said as the move itself says it. */
export const MoveWords = z.object({
  name: Line(80).min(1).optional(),
  directions: z.tuple([Line(60).min(1), Line(60).min(1)]).optional(),
  cues: Cues.partial().optional(),
  standing: Cues.partial().optional(),
  oneByOne: Cues.partial().optional(),
  /** By the name of the rung. */
  rungs: z.record(z.string().min(1).max(60), Cues.partial()).optional(),
});
export type MoveWords = z.infer<typeof MoveWords>;
/** A language as IETF BCP 47 names it, such as `pt` or `pt-BR`. */
const Language = z.string().regex(/^[a-z]{2,3}(-[A-Za-z0-9]{2,8})*$/);

/** How the breath goes with the movement: on its way out, and which question of the approach may change that. */
export const BreathPairing = z.object({
  going: z.enum(['in', 'out', 'free']),
  by: z.enum(['rounding', 'turning', 'reaching']).optional(),
});
export type BreathPairing = z.infer<typeof BreathPairing>;

/** How much room a move takes. */
export const Space = z.enum(['own chair', 'arms out', 'leg ahead', 'a step about', 'floor']);
export type Space = z.infer<typeof Space>;

/** What a move lacks where a token of its words means nothing. */
const IDLE: Partial<Record<Token, string>> = {
  side: 'two sides',
  other: 'two sides',
  direction: 'two directions',
  going: 'breath that goes with it',
  coming: 'breath that goes with it',
};

/** One move of the library or of the instructor's own. */
export const Move = z
  .object({
    id: Id,
    name: Line(80).min(1),
    otherNames: z.array(Line(80).min(1)).max(8).default([]),
    purpose: Lines(300).trim().min(1),
    kind: Kind,
    region: Region,
    areas: z.array(Area).min(1),
    /** Muscles that are moved or lengthened, the main one first; they are felt where `ways` says. */
    muscles: z.array(Muscle),
    /** Muscles that hold the rest of the body still. */
    holding: z.array(Muscle).default([]),
    position: Position,
    /** Other positions in which it can be done as well. */
    alsoIn: z.array(Position).default([]),
    things: z.array(Thing).default([]),
    space: Space.default('own chair'),
    /** Can be done without anyone noticing on the phone, and in front of a camera. */
    discreet: z.object({ call: z.boolean(), camera: z.boolean() }).default({ call: false, camera: false }),
    /** Shown and proposed only when asked for, for more reasons than its position. */
    onlyWhenAsked: z.boolean().default(false),
    /** Nothing but words: no work and no way back. */
    onlyWords: z.boolean().default(false),
    ways: Ways,
    dose: DoseBand,
    breath: BreathPairing.default({ going: 'free' }),
    /** Seconds to come back to neutral; the pace's own when left out. */
    returnSec: z.number().min(0).max(60).optional(),
    /** From the easiest to the strongest. */
    rungs: z.array(Rung).max(8).default([]),
    /** Name of the rung that is meant when none is chosen; the first one when left out. */
    usualRung: z.string().max(60).optional(),
    cues: Cues,
    standing: Standing,
    /** Words where all of one way is done before the other, of a move that usually goes from side to side. */
    oneByOne: Cues.partial().optional(),
    /** Its words in other languages, for the pages of people at their desks. */
    inLanguages: z.record(Language, MoveWords).optional(),
    /** What to mind beyond what its demands say by themselves. */
    cautions: z.array(z.string().min(1)).default([]),
    asks: z.array(Ask).default([]),
    /** Moves to do instead, for those who must leave it out, the nearest first. */
    instead: z.array(Id).default([]),
    /** Moves that balance it. */
    balancedBy: z.array(Id).default([]),
    figure: Motion.optional(),
    /** Put away by the instructor: kept for the breaks that use it, no longer offered. */
    archived: z.boolean().default(false),
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
    const wordsOf: [path: (string | number)[], words: object | undefined][] = [
      [['cues'], move.cues],
      [['standing'], move.standing],
      ...move.rungs.map((rung, i): [(string | number)[], object] => [['rungs', i], rung]),
    ];
    for (const [path, words] of wordsOf)
      for (const [role, text] of Object.entries(words ?? {})) {
        const [idle] = typeof text === 'string' ? idleTokens(text, move) : [];
        if (idle)
          ctx.addIssue({
            code: 'custom',
            path: [...path, role],
            message: `{${idle}} means nothing in this move: it has no ${IDLE[idle]}`,
          });
      }
    const names = move.rungs.map((r) => r.name);
    if (new Set(names).size < names.length)
      ctx.addIssue({ code: 'custom', path: ['rungs'], message: 'each rung needs a name of its own' });
    if (move.usualRung !== undefined && !names.includes(move.usualRung))
      ctx.addIssue({ code: 'custom', path: ['usualRung'], message: 'must be the name of one of the rungs' });
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

/** The rungs that can be done in a position, from the easiest to the strongest. */
export const rungsIn = ({ rungs }: Pick<Move, 'rungs'>, position: Position): Rung[] =>
  rungs.filter((rung) => !rung.notIn.includes(position));

/** The rung of a move by its name, or the usual one; undefined for a move without a ladder. */
export const rungOf = (move: Pick<Move, 'rungs' | 'usualRung'>, name?: string): Rung | undefined =>
  move.rungs.find((r) => r.name === (name ?? move.usualRung)) ??
  move.rungs.find((r) => r.name === move.usualRung) ??
  move.rungs[0];

/** True for a move whose two ways usually take turns, one repetition each: its words then speak of both. */
export const usuallyInTurns = ({ ways, dose }: Pick<Move, 'ways' | 'dose'>): boolean =>
  ways.pattern === 'alternate' ||
  (ways.pattern === 'each' && ways.pair !== 'side' && dose.usual.measure === 'reps');
