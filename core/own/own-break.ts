import { stepOf } from '../library/step';
import {
  type Approach,
  type Break,
  type Item,
  type Move,
  type MoveLookup,
  moveIdsOf,
  otherSide,
  type Person,
  type Step,
} from '../model';
import { type Answer, answerFor, type Room } from '../needs';
import { MORE, MORE_REASON } from '../suggest/more';
import { type PlacedStep, placedSteps, resolveBreak, workMs } from '../timing';
import { forOthers } from './for-others';

/** Whose version it is, and what it is worked out with. */
export interface OwnWish {
  person: Pick<Person, 'limits' | 'tight'>;
  room: Room;
  lookup: MoveLookup;
  approach: Approach;
}

/** A break as one person does it. */
export interface OwnBreak {
  brk: Break;
  /** Steps that are done otherwise than planned. */
  changed: string[];
}

/** The side that gets more is held no longer than this: beyond it a hold is long for whoever must not. */
const MOST_SEC = 30;

const REST = 'pause-rest';

/** A rest for as long as a step would work, breathing along. */
const restFor = ({ step }: PlacedStep, brk: Break): Step => ({
  type: 'step',
  id: step.id,
  moveId: REST,
  dose: {
    measure: 'seconds',
    amount: Math.min(
      60,
      Math.max(5, Math.round(workMs(step.dose, step.dose.amount, brk.pace, false) / 1000)),
    ),
  },
  sets: 1,
  sides: 'both',
  directions: 'both',
  words: 'Rest here and breathe along.',
});

/** Another move in the place of a step: its own dose, or the planned one where both are measured alike. */
const insteadOf = ({ step, move }: PlacedStep, answer: Answer, other: Move, approach: Approach): Step => {
  const fresh = stepOf(other, step.id, approach);
  const { rung: _, ...bare } = fresh;
  const alike = fresh.dose.measure === step.dose.measure && other.kind === move.kind;
  return {
    ...bare,
    ...(alike && { dose: step.dose }),
    sides: step.sides,
    ...(step.firstSide && { firstSide: step.firstSide }),
    ...(answer.rung !== undefined && { rung: answer.rung }),
    ...(answer.position !== undefined && { position: answer.position }),
  };
};

/** More of the tighter side on purpose, where a hold of one side after the other is for a tight area. */
const withTighter = (step: Step, move: Move, { tight }: OwnWish['person']): Step => {
  const { ways } = move;
  const side = tight.find((t) => t.area === move.areas[0])?.side;
  if (
    !side ||
    side === 'both' ||
    move.kind !== 'stretch' ||
    ways.pattern !== 'each' ||
    ways.felt === 'both' ||
    step.sides !== 'both' ||
    step.uneven ||
    step.dose.measure !== 'seconds' ||
    step.dose.amount + MORE.seconds > MOST_SEC
  )
    return step;
  const way = ways.felt === 'opposite' ? otherSide(side) : side;
  return { ...step, uneven: { side: way, amount: step.dose.amount + MORE.seconds, reason: MORE_REASON } };
};

/**
 * A break as one person does it by themselves: each step on the rung, in the place or as the move that is theirs, a rest where
 * there is none, and the tighter side held longer. Why is nowhere in it. A series in which a link is another move is done link
 * by link. Null for a break that cannot be timed.
 */
export const ownBreak = (brk: Break, wish: OwnWish): OwnBreak | null => {
  const { person, room, lookup, approach } = wish;
  const resolved = resolveBreak(brk, lookup, approach);
  if (!resolved.ok) return null;
  const placed = new Map(placedSteps(resolved.value).map((at) => [at.step.id, at]));
  const changed: string[] = [];
  /** A step as it is theirs, and whether it still fits into a series. */
  const own = (step: Step): { step: Step; fits: boolean } => {
    const at = placed.get(step.id);
    if (!at) return { step, fits: true };
    const { move, position } = at;
    const { meanwhile } = at;
    const answer = answerFor(
      { move, rung: step.rung, position, dose: step.dose, meanwhile },
      person,
      room,
      lookup,
    );
    if (answer.verdict === 'fine') return { step: withTighter(step, move, person), fits: true };
    changed.push(step.id);
    const other = answer.instead === undefined ? undefined : lookup(answer.instead);
    if (answer.verdict === 'easier rung') {
      const { words, meanwhile: second, ...rest } = step;
      // Its own words may speak of another rung; those of a step that only goes without its second movement hold.
      const same = answer.rung === undefined && answer.position === undefined;
      return {
        step: {
          ...rest,
          ...(same && words !== undefined && { words }),
          ...(second && !answer.alone && { meanwhile: second }),
          ...(answer.rung !== undefined && { rung: answer.rung }),
          ...(answer.position !== undefined && { position: answer.position }),
        },
        fits: answer.position === undefined,
      };
    }
    if (answer.verdict === 'another move' && other)
      return { step: insteadOf(at, answer, other, approach), fits: false };
    return { step: restFor(at, brk), fits: false };
  };
  const items = brk.items.flatMap((item): Item[] => {
    if (item.type === 'step') return [own(item).step];
    const links = item.links.map(own);
    const between = (item.between ?? []).map((s) => own(s).step);
    if (links.every((l) => l.fits))
      return [{ ...item, links: links.map((l) => l.step), ...(item.between && { between }) }];
    const alone = (step: Step): Step => ({
      ...step,
      sides: step.sides === 'both' ? item.sides : step.sides,
      ...(item.firstSide && { firstSide: item.firstSide }),
      ...(item.rounds && { sets: Math.min(10, step.sets * item.rounds) }),
    });
    return links.map((l) => alone(l.step));
  });
  return { brk: forOthers({ ...brk, items }), changed };
};

/** The moves that a break needs, each once. */
export const movesOf = (brk: Break, lookup: MoveLookup): Move[] =>
  moveIdsOf(brk).flatMap((id) => lookup(id) ?? []);
