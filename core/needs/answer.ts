import {
  type Move,
  type MoveLookup,
  type Person,
  type PersonLimit,
  type Position,
  type RoomLimit,
  rungOf,
  type Thing,
} from '../model';
import { type Demand, demandsOf } from './demands';
import { type NeedRule, rulesOf } from './need-rules';

/** The room as it bears on what can be done: chairs, space, and the things at hand. */
export interface Room {
  limits: readonly RoomLimit[];
  things: readonly Thing[];
}

/** A reason in a phrase, and the limit it comes from; `room` for what is simply not there. */
export interface Reason {
  limit: PersonLimit | RoomLimit | 'things';
  why: string;
  weight: NeedRule['weight'];
}

/** Who needs what in one step, from the least careful answer to the most careful one. */
export type Verdict = 'fine' | 'easier rung' | 'another move' | 'leave out';
export const VERDICTS: readonly Verdict[] = ['fine', 'easier rung', 'another move', 'leave out'];

export interface Answer {
  verdict: Verdict;
  /** Name of the rung to use, for `easier rung`; `seated` stands for the same move on the seat. */
  rung?: string;
  /** Id of the move to do instead, for `another move`. */
  instead?: string;
  /** Why it is not simply fine. */
  reasons: Reason[];
  /** Words of care that remain with the answer that is given. */
  care: Reason[];
}

const limitName = (limit: Reason['limit']): string => (typeof limit === 'string' ? limit : limit.limit);

const FETCHED: readonly Thing[] = ['strap', 'ball', 'towel', 'cushion', 'mat', 'roll', 'wall', 'footrest'];

/** Every rule that a set of demands meets. */
const met = (
  move: Move,
  demands: ReadonlySet<Demand>,
  limits: readonly (PersonLimit | RoomLimit)[],
): Reason[] =>
  limits.flatMap((limit) =>
    rulesOf(typeof limit === 'string' ? limit : limit.limit)
      .filter(
        ({ demand, areas }) => demands.has(demand) && (!areas || areas.some((a) => move.areas.includes(a))),
      )
      .map(({ why, weight }): Reason => ({ limit, why, weight })),
  );

const missingThings = (move: Move, rungName: string | undefined, room: Room): Reason[] =>
  [...move.things, ...(rungOf(move, rungName)?.things ?? [])]
    .filter((thing) => FETCHED.includes(thing) && !room.things.includes(thing))
    .map((thing) => ({ limit: 'things', why: `no ${thing} at hand`, weight: 'avoid' }));

interface Try {
  serious: Reason[];
  care: Reason[];
}

/** Standing moves that can be done on the seat ask nothing of standing there. */
const seatedDemands = (demands: ReadonlySet<Demand>): ReadonlySet<Demand> =>
  new Set([...demands].filter((d) => d !== 'standing'));

const tryRung = (
  move: Move,
  name: string | undefined,
  limits: readonly (PersonLimit | RoomLimit)[],
  room: Room,
  seated: boolean,
): Try => {
  const demands = demandsOf(move, name);
  const reasons = [
    ...met(move, seated ? seatedDemands(demands) : demands, limits),
    ...missingThings(move, name, room),
  ];
  return {
    serious: reasons.filter((r) => r.weight !== 'care'),
    care: reasons.filter((r) => r.weight === 'care'),
  };
};

const unique = (reasons: readonly Reason[]): Reason[] => [
  ...new Map(reasons.map((r) => [`${limitName(r.limit)}|${r.why}`, r])).values(),
];

const SEATED: readonly Position[] = ['back', 'edge'];

interface Asked {
  move: Move;
  /** The rung that is planned; the usual one when left out. */
  rung?: string;
  /** The position that is planned; the move's own when left out. */
  position?: Position;
}

const answerOnce = (
  { move, rung, position }: Asked,
  limits: readonly (PersonLimit | RoomLimit)[],
  room: Room,
): Answer & { avoided: boolean } => {
  const planned = rungOf(move, rung)?.name;
  const sits = position !== undefined && SEATED.includes(position);
  const now = tryRung(move, planned, limits, room, sits);
  if (now.serious.length === 0)
    return { verdict: 'fine', reasons: [], care: unique(now.care), avoided: false };
  const reasons = unique(now.serious);
  const from = planned === undefined ? -1 : move.rungs.findIndex((r) => r.name === planned);
  const easier = move.rungs
    .slice(0, Math.max(0, from))
    .reverse()
    .map(({ name }) => ({ name, ...tryRung(move, name, limits, room, sits) }));
  // The nearest rung that asks nothing serious; else, where something must be avoided, the nearest one that
  // leaves only what is eased with a word.
  const clear = easier.find((r) => r.serious.length === 0);
  const eased = easier.find((r) => r.serious.every((reason) => reason.weight === 'ease'));
  const lower = clear ?? (now.serious.some((r) => r.weight === 'avoid') ? eased : undefined);
  if (lower)
    return {
      verdict: 'easier rung',
      rung: lower.name,
      reasons,
      care: unique([...lower.serious, ...lower.care]),
      avoided: false,
    };
  if (move.position === 'standing' && move.alsoIn.some((p) => SEATED.includes(p))) {
    const onSeat = tryRung(move, planned, limits, room, true);
    if (onSeat.serious.length === 0)
      return { verdict: 'easier rung', rung: 'seated', reasons, care: unique(onSeat.care), avoided: false };
  }
  // What should only be eased, and has no easier rung, is done with a word of care.
  if (now.serious.every((r) => r.weight === 'ease')) {
    const lowest = move.rungs[0]?.name;
    const hasLower = from > 0 && lowest !== undefined;
    return {
      verdict: hasLower ? 'easier rung' : 'fine',
      ...(hasLower && { rung: lowest }),
      reasons: hasLower ? reasons : [],
      care: unique([...now.serious, ...now.care]),
      avoided: false,
    };
  }
  return { verdict: 'leave out', reasons, care: [], avoided: true };
};

/** The nearest move to do instead that passes: first what the move names, then what those name in turn. */
const nearest = (move: Move, lookup: MoveLookup, passes: (other: Move) => boolean): string | undefined => {
  const seen = new Set([move.id]);
  let layer = [move];
  for (let depth = 0; depth < INSTEAD_DEPTH; depth++) {
    const next = layer
      .flatMap((m) => m.instead)
      .filter((id) => !seen.has(id))
      .flatMap((id) => lookup(id) ?? [])
      .filter((m) => !m.archived);
    for (const other of next) {
      if (seen.has(other.id)) continue;
      seen.add(other.id);
      if (passes(other)) return other.id;
    }
    layer = next;
  }
  return undefined;
};
const INSTEAD_DEPTH = 3;

/**
 * Whether a person can do a step as it is planned, and what else if not. Several limits combine to the most
 * careful answer: only a rung or a move that all of them allow is offered. Never a diagnosis.
 */
export const answerFor = (
  asked: Asked,
  person: Pick<Person, 'limits'>,
  room: Room,
  lookup: MoveLookup,
): Answer => {
  const limits = [...person.limits, ...room.limits];
  const { avoided, ...first } = answerOnce(asked, limits, room);
  if (!avoided) return first;
  const instead = nearest(asked.move, lookup, (other) => {
    const { verdict } = answerOnce({ move: other }, limits, room);
    return verdict === 'fine' || verdict === 'easier rung';
  });
  return instead === undefined ? first : { ...first, verdict: 'another move', instead };
};
