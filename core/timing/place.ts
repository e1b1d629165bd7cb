import { wholeBreaths } from '../breath';
import type { Chain, Dose, Move, Pace, Position, Side, Step, Thing } from '../model';
import { otherSide, thingsOf as thingsOfVariant, usuallyInTurns, type Variant, variantOf } from '../model';
import { ms } from './lengths';
import { isResolvedChain, type ResolvedBreak, type ResolvedStep } from './resolve';

/** A step with where it stands, what it needs and the sides it is really done on, chain included. */
export interface PlacedStep extends ResolvedStep {
  /** Place among all steps, from 0. */
  index: number;
  chainId: string | null;
  doneSides: 'both' | Side | 'none';
  /** Its two ways take turns, repetition by repetition. */
  inTurns: boolean;
  position: Position;
  /** Its move on its rung, there. */
  variant: Variant;
  /** What it needs, each once: of the move and of the rung. */
  things: readonly Thing[];
  /** What is really done: holds in seconds as breaths where whole breaths are asked for; one side may get its own amount. */
  amountOf: { dose: Dose; on: (side?: Side | null) => number };
}

/** The sides that are left when a series and a link of it each say theirs. */
export const sharedSides = (a: 'both' | Side, b: 'both' | Side): PlacedStep['doneSides'] => {
  if (a === 'both') return b;
  return b === 'both' || a === b ? a : 'none';
};

/**
 * Where a step is done: as it says itself, else as its move is usually done. A pause without a place of its own is wherever
 * one is already (`before`).
 */
export const positionOf = ({ step, move }: ResolvedStep, before?: Position): Position => {
  if (step.position) return step.position;
  const stays =
    move.kind === 'pause' &&
    before !== undefined &&
    (before === move.position || move.alsoIn.includes(before));
  return stays ? before : move.position;
};

/**
 * True when the ways take turns, one repetition this way and one that way: repetitions of a move that goes from side to side,
 * and of one whose ways are an arm, a hand or a thumb rather than a side. What is held is done whole, one way after the other.
 */
export const takesTurns = ({ step, move: { ways } }: ResolvedStep): boolean => {
  if (ways.pattern === 'together' || step.dose.measure !== 'reps' || step.oneByOne) return false;
  return ways.pattern === 'alternate' || ways.pair !== 'side';
};

/**
 * True where a move whose ways usually take turns is done one way at a time: held, one side first, one side only, or as a
 * link of a series that goes side by side. Its words speak of no other way then.
 */
export const isOneByOne = ({ move, inTurns }: Pick<PlacedStep, 'move' | 'inTurns'>): boolean =>
  usuallyInTurns(move) && !inTurns;

/** Which side feels a move while it is done on a side; both where it has none. */
export const feltBy = ({ ways }: Move, side: Side | null): Side | 'both' => {
  if (ways.pattern === 'together' || side === null || ways.felt === 'both') return 'both';
  return ways.felt === 'same' ? side : otherSide(side);
};

/** The side on which the second movement of a step is done while `side` is worked; null where it has none. */
export const meanwhileSide = ({ step, meanwhile }: ResolvedStep, side: Side | null): Side | null => {
  if (!meanwhile || side === null || meanwhile.ways.pattern === 'together') return null;
  return step.meanwhile?.side === 'same' ? side : otherSide(side);
};

/** True for what asks nobody to move or to take anything: a rest, a note, a look round. */
export const isPauseStep = ({ move }: ResolvedStep): boolean => move.kind === 'pause';

/** What a step needs, each thing once. */
export const thingsOf = ({ step, move, meanwhile }: ResolvedStep): readonly Thing[] => {
  const things = thingsOfVariant(variantOf(move, step.rung, move.position));
  return meanwhile?.things.length ? [...new Set([...things, ...meanwhile.things])] : things;
};

/** The upper end of a range in whole breaths, where it still is one. */
const upTo = (led: (amount: number) => number, { amount, to }: Dose): { to?: number } =>
  to !== undefined && led(to) > led(amount) ? { to: led(to) } : {};

const amounts = (at: ResolvedStep, brk: ResolvedBreak['brk']): PlacedStep['amountOf'] => {
  const { dose, uneven, wholeBreaths: own, breath } = at.step;
  const whole = dose.measure === 'seconds' && (own ?? brk.wholeBreaths);
  const cycleMs = 60_000 / (breath?.breathsPerMinute ?? brk.pace.breathsPerMinute);
  const led = (amount: number): number => (whole ? wholeBreaths(ms(amount), cycleMs) : amount);
  return {
    dose: whole ? { measure: 'breaths', amount: led(dose.amount), ...upTo(led, dose) } : dose,
    on: (side) => led(side && uneven?.side === side ? uneven.amount : dose.amount),
  };
};

const placed = new WeakMap<ResolvedBreak, PlacedStep[]>();
/** Steps as they stood in the state before, with what this came from: most edits leave nearly all of them alone. */
const stepBefore = new WeakMap<Step, { pace: Pace; whole: boolean; placed: PlacedStep }>();

/** All steps in order, links of chains with the sides their chain leaves them. Worked out once for each break. */
export const placedSteps = (resolved: ResolvedBreak): PlacedStep[] => {
  const known = placed.get(resolved);
  if (known) return known;
  const steps: PlacedStep[] = [];
  const { pace, wholeBreaths: whole } = resolved.brk;
  const add = (at: ResolvedStep, chain: Chain | null, doneSides: PlacedStep['doneSides']): void => {
    const index = steps.length;
    const chainId = chain?.id ?? null;
    const inTurns = takesTurns(at) && doneSides === 'both' && chain?.nesting !== 'side by side';
    const before = stepBefore.get(at.step);
    if (
      before &&
      before.pace === pace &&
      before.whole === whole &&
      before.placed.move === at.move &&
      before.placed.meanwhile === at.meanwhile &&
      before.placed.index === index &&
      before.placed.chainId === chainId &&
      before.placed.doneSides === doneSides &&
      before.placed.inTurns === inTurns &&
      before.placed.position === positionOf(at, steps.at(-1)?.position)
    ) {
      steps.push(before.placed);
      return;
    }
    const position = positionOf(at, steps.at(-1)?.position);
    const variant = variantOf(at.move, at.step.rung, position);
    const place = { index, chainId, doneSides, inTurns, position, variant, things: thingsOf(at) };
    const made = { ...at, ...place, amountOf: amounts(at, resolved.brk) };
    stepBefore.set(at.step, { pace, whole, placed: made });
    steps.push(made);
  };
  for (const item of resolved.items)
    if (isResolvedChain(item))
      for (const link of [...item.links, ...item.between])
        add(link, item.chain, sharedSides(item.chain.sides, link.step.sides));
    else add(item, null, item.step.sides);
  placed.set(resolved, steps);
  return steps;
};
