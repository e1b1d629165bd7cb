import { placeWord } from '../cues';
import {
  type Dose,
  type Move,
  type MoveLookup,
  type Person,
  type PersonLimit,
  type Position,
  RoomLimit,
  rungOf,
  type Thing,
  thingsOf,
  type Variant,
  variantOf,
} from '../model';
import { demandsOf } from './demands';
import { carries, isNear, placeOf } from './near';
import { type NeedRule, needRules, rulesOf } from './need-rules';
import type { Demand } from './shown';

/** The room as it bears on what can be done: chairs, space, and the things at hand. */
export interface Room {
  limits: readonly RoomLimit[];
  things: readonly Thing[];
}

/** A reason in a phrase, and the limit it comes from; `room` for what is simply not there. */
export interface Reason {
  limit: PersonLimit | RoomLimit | 'things';
  /** What the step asks that the limit speaks of; `things` for what is not there. */
  demand: Demand | 'things';
  why: string;
  weight: NeedRule['weight'];
}

/** Who needs what in one step, from the least careful answer to the most careful one. */
export type Verdict = 'fine' | 'easier rung' | 'another move' | 'leave out';
export const VERDICTS: readonly Verdict[] = ['fine', 'easier rung', 'another move', 'leave out'];

export interface Answer {
  verdict: Verdict;
  /** Name of the rung to use: of the same move, or of the one to do instead. Left out where it is the planned or usual one. */
  rung?: string;
  /** The position to do it in, where it is another one than planned: on the seat instead of standing. */
  position?: Position;
  /** Id of the move to do instead, for `another move`. */
  instead?: string;
  /** The move to do instead is for another area: there is none for the same one. */
  otherArea?: true;
  /** What is done meanwhile is left out. */
  alone?: true;
  /** Why it is not simply fine. */
  reasons: Reason[];
  /** Words of care that remain with the answer that is given. */
  care: Reason[];
}

const limitName = (limit: Reason['limit']): string => (typeof limit === 'string' ? limit : limit.limit);

const FETCHED: readonly Thing[] = ['strap', 'ball', 'towel', 'cushion', 'mat', 'roll', 'wall', 'footrest'];

/** True for what nobody does without having asked a doctor or physiotherapist. */
const asksFirst = (limit: PersonLimit | RoomLimit): limit is PersonLimit =>
  typeof limit !== 'string' && (limit.limit === 'recent surgery' || limit.stopped === true);

/** What a limit that asks first says: near it nothing moves; standing, where that loads it, is moving too. */
const askedFirst = (move: Move, demands: ReadonlySet<Demand>, limit: PersonLimit): Reason[] => {
  const places = limit.at ? [limit.at] : placeOf(limit.limit);
  const loaded = demands.has('standing') && carries(places);
  if (!demands.has('movement') || !(loaded || isNear(move.areas, places))) return [];
  const why = 'ask a doctor or physiotherapist first';
  return [{ limit, demand: 'movement', why, weight: 'avoid' }];
};

/** Every rule that a set of demands meets. */
const met = (
  move: Move,
  demands: ReadonlySet<Demand>,
  limits: readonly (PersonLimit | RoomLimit)[],
): Reason[] =>
  limits.flatMap((limit) => {
    const first = asksFirst(limit);
    const rules = rulesOf(typeof limit === 'string' ? limit : limit.limit)
      .filter(
        ({ demand, areas }) => demands.has(demand) && (!areas || areas.some((a) => move.areas.includes(a))),
      )
      // What is to be asked about first is not done a little.
      .map(({ demand, why, weight }): Reason => ({ limit, demand, why, weight: first ? 'avoid' : weight }));
    return first ? [...askedFirst(move, demands, limit), ...rules] : rules;
  });

/** A rung that cannot be done in this position: on the seat, standing, on the floor. */
const misplaced = ({ rung, position }: Variant): Reason[] =>
  rung?.notIn.includes(position)
    ? [{ limit: 'things', demand: 'things', why: `not done ${placeWord(position)}`, weight: 'avoid' }]
    : [];

const missingThings = (variant: Variant, room: Room): Reason[] =>
  thingsOf(variant)
    .filter((thing) => FETCHED.includes(thing) && !room.things.includes(thing))
    .map((thing) => ({ limit: 'things', demand: 'things', why: `no ${thing} at hand`, weight: 'avoid' }));

interface Try {
  serious: Reason[];
  care: Reason[];
}

/** A variant as it will be done: at which height of its ladder (-1 where it has none), and with its dose. */
interface Tried {
  move: Move;
  rung: number;
  position: Position;
  /** Its dose; the usual one of the move when left out. */
  dose?: Dose;
}

const nameOf = ({ move, rung }: Tried): string | undefined => move.rungs[rung]?.name;
const variantIn = (tried: Tried): Variant => variantOf(tried.move, nameOf(tried), tried.position);

const tryOut = (tried: Tried, limits: readonly (PersonLimit | RoomLimit)[], room: Room): Try => {
  const variant = variantIn(tried);
  const reasons = [
    ...met(variant.move, demandsOf(variant, tried.dose), limits),
    ...missingThings(variant, room),
    ...misplaced(variant),
  ];
  return {
    serious: reasons.filter((r) => r.weight !== 'care'),
    care: reasons.filter((r) => r.weight === 'care'),
  };
};

const unique = (reasons: readonly Reason[]): Reason[] => [
  ...new Map(reasons.map((r) => [`${limitName(r.limit)}|${r.why}`, r])).values(),
];

/** On the seat as well, where a step is planned standing or on the floor and the move can be done there. */
const seatsFor = (move: Move, position: Position): readonly Position[] =>
  position === 'back' || position === 'edge'
    ? []
    : (['back', 'edge'] as const).filter((p) => p === move.position || move.alsoIn.includes(p));

/** What can be done of a move instead of a variant: that one first, then on the seat, then rung by rung below. */
const downFrom = ({ move, rung, position, dose }: Tried): Tried[] => {
  const positions = [position, ...seatsFor(move, position)];
  const rungs = Array.from({ length: Math.max(1, rung + 1) }, (_, n) => rung - n);
  return rungs.flatMap((r) =>
    positions.map((p): Tried => ({ move, rung: r, position: p, ...(dose && { dose }) })),
  );
};

interface Asked {
  move: Move;
  /** The rung that is planned; the usual one when left out. */
  rung?: string;
  /** The position that is planned; the move's own when left out. */
  position?: Position;
  /** The dose that is planned; the usual one when left out. */
  dose?: Dose;
  /** The move that is planned to be done at the same time. */
  meanwhile?: Move;
}

const triedFirst = ({ move, rung, position, dose }: Asked): Tried => {
  const name = rungOf(move, rung)?.name;
  return {
    move,
    rung: name === undefined ? -1 : move.rungs.findIndex((r) => r.name === name),
    position: position ?? move.position,
    ...(dose && { dose }),
  };
};

/**
 * The highest rung that asks nothing serious of any of the limits; else, where all that is left on the lowest one is to
 * be eased, that one with a word of care. A limit more only ever takes possibilities away, so it never loosens an answer.
 */
const passing = (
  tried: Tried,
  limits: readonly (PersonLimit | RoomLimit)[],
  room: Room,
  allowed: (tried: Tried) => boolean = () => true,
): { tried: Tried; care: Reason[]; clear: boolean } | null => {
  const all = downFrom(tried).filter(allowed);
  for (const one of all) {
    const { serious, care } = tryOut(one, limits, room);
    if (serious.length === 0) return { tried: one, care: unique(care), clear: true };
  }
  // On the lowest rung, the place first in which least is to be eased.
  const lowest = all
    .filter((one) => one.rung === all.at(-1)?.rung)
    .map((one) => ({ one, ...tryOut(one, limits, room) }))
    .sort((x, y) => x.serious.length - y.serious.length);
  for (const { one, serious, care } of lowest)
    if (serious.every((r) => r.weight === 'ease'))
      return { tried: one, care: unique([...serious, ...care]), clear: false };
  return null;
};

/** What somebody can or cannot do at all; a move that they cannot do is no risk to anyone else. */
const ABLE: readonly NeedRule['limit'][] = [
  ...RoomLimit.options,
  'one arm',
  'limited sight',
  'limited hearing',
];

/** The limits that would have somebody avoid a variant for what it may do to them. */
const avoidedBy = (tried: Tried): ReadonlySet<NeedRule['limit']> => {
  const demands = demandsOf(variantIn(tried), tried.dose);
  const avoided = needRules.filter(
    ({ limit, demand, weight, areas }) =>
      weight === 'avoid' &&
      !ABLE.includes(limit) &&
      demands.has(demand) &&
      (!areas || areas.some((a) => tried.move.areas.includes(a))),
  );
  return new Set(avoided.map((rule) => rule.limit));
};

/** How far one looks through what moves name instead of each other. */
const INSTEAD_DEPTH = 3;

/** The moves that are named instead of one, then those that these name in turn: the nearest first. */
const insteadOf = (move: Move, lookup: MoveLookup): Move[] => {
  const seen = new Map<string, Move>([[move.id, move]]);
  let layer = [move];
  for (let depth = 0; depth < INSTEAD_DEPTH; depth++) {
    layer = layer
      .flatMap((m) => m.instead)
      .filter((id) => !seen.has(id))
      .flatMap((id) => lookup(id) ?? [])
      .filter((m) => {
        if (m.archived || seen.has(m.id)) return false;
        seen.set(m.id, m);
        return true;
      });
  }
  return [...seen.values()].slice(1);
};

interface Fitting {
  usual: Tried;
  tried: Tried;
  care: Reason[];
  same: boolean;
  /** How well it serves: 0 is of the same area and asks nothing serious. */
  place: number;
}

/** A variant of another move that is fine as it is: of the same area where there is one, and asking no more of a body. */
const replacement = (
  planned: Tried,
  limits: readonly (PersonLimit | RoomLimit)[],
  room: Room,
  lookup: MoveLookup,
): Pick<Answer, 'instead' | 'rung' | 'position' | 'otherArea' | 'care'> | null => {
  const most = avoidedBy(planned);
  let best: Fitting | null = null;
  for (const move of insteadOf(planned.move, lookup)) {
    // Nobody gets up for what replaces something done on the seat.
    if (move.position === 'standing' && planned.position !== 'standing') continue;
    if (move.position === 'floor' && !planned.position.startsWith('floor')) continue;
    const usual = triedFirst({ move });
    // It is no risk to anyone to whom the planned one is none.
    const found = passing(usual, limits, room, (one) =>
      [...avoidedBy(one)].every((limit) => most.has(limit)),
    );
    if (!found) continue;
    const same = move.areas.some((a) => planned.move.areas.includes(a));
    // For another area only what asks nothing serious at all.
    if (!same && !found.clear) continue;
    const place = (same ? 0 : 2) + (found.clear ? 0 : 1);
    // Of those that serve alike the nearest.
    if (!best || place < best.place) best = { usual, ...found, same, place };
    if (place === 0) break;
  }
  if (!best) return null;
  const { tried, usual, care, same } = best;
  return {
    instead: tried.move.id,
    ...chosen(tried, usual),
    ...(!same && { otherArea: true }),
    care,
  };
};

/** What differs in a variant from the one that is planned, or usual. */
const chosen = (tried: Tried, planned: Tried): Pick<Answer, 'rung' | 'position'> => {
  const rung = tried.rung === planned.rung ? undefined : nameOf(tried);
  return {
    ...(rung !== undefined && { rung }),
    ...(tried.position !== planned.position && { position: tried.position }),
  };
};

/** True when a step can be done as it is planned, on an easier rung of it, or on the seat; what else there is is not looked for. */
export const isDoable = (asked: Asked, person: Pick<Person, 'limits'>, room: Room): boolean =>
  passing(triedFirst(asked), [...person.limits, ...room.limits], room) !== null;

/** True for somebody who has to ask a doctor or physiotherapist first: for them nothing else is proposed, they rest. */
export const mustAsk = (limits: readonly (PersonLimit | RoomLimit)[]): boolean => limits.some(asksFirst);

/**
 * Whether a person can do a step as it is planned (this move, on this rung, in this position), and what else if not.
 * Several limits combine to the most careful answer: only a rung, a position or a move that all of them allow is offered.
 * Never a diagnosis.
 */
export const answerFor = (
  asked: Asked,
  person: Pick<Person, 'limits'>,
  room: Room,
  lookup: MoveLookup,
): Answer => {
  const answer = ownAnswer(asked, person, room, lookup);
  const { meanwhile, ...step } = asked;
  if (!meanwhile || !['fine', 'easier rung'].includes(answer.verdict)) return answer;
  const limits = [...person.limits, ...room.limits];
  const position = answer.position ?? step.position ?? step.move.position;
  const second = triedFirst({ move: meanwhile, position });
  const found = passing(second, limits, room);
  const asPlanned = found?.tried.rung === second.rung && found.tried.position === position;
  if (found && asPlanned) return { ...answer, care: unique([...answer.care, ...found.care]) };
  const { serious } = tryOut(second, limits, room);
  return { ...answer, verdict: 'easier rung', alone: true, reasons: unique([...answer.reasons, ...serious]) };
};

/** The answer for the move of the step itself. */
const ownAnswer = (asked: Asked, person: Pick<Person, 'limits'>, room: Room, lookup: MoveLookup): Answer => {
  const limits = [...person.limits, ...room.limits];
  const planned = triedFirst(asked);
  const { serious, care } = tryOut(planned, limits, room);
  if (serious.length === 0) return { verdict: 'fine', reasons: [], care: unique(care) };
  const found = passing(planned, limits, room);
  if (found) {
    const change = chosen(found.tried, planned);
    if (change.rung === undefined && change.position === undefined)
      return { verdict: 'fine', reasons: [], care: found.care };
    return { verdict: 'easier rung', ...change, reasons: unique(serious), care: found.care };
  }
  const reasons = unique(serious);
  // "Ask first" is never followed by an instruction.
  const other = mustAsk(limits) ? null : replacement(planned, limits, room, lookup);
  return other ? { verdict: 'another move', ...other, reasons } : { verdict: 'leave out', reasons, care: [] };
};
