import { Break, type Item, Move, type MoveLookup, Step } from '../model';
import { compileTimeline, resolveBreak, type Timeline } from '../timing';

/** A sentence of exactly so many words. */
export const words = (count: number): string => Array.from({ length: count }, (_, i) => `word${i}`).join(' ');

type MoveInput = Partial<import('zod').z.input<typeof Move>>;

/** A move with only what a test says; the rest is plain. */
export const move = (id: string, more: MoveInput = {}): Move =>
  Move.parse({
    id,
    name: `Move ${id}`,
    purpose: 'test',
    kind: 'stretch',
    region: 'neck',
    areas: ['neck'],
    muscles: [],
    position: 'back',
    ways: { pattern: 'together' },
    dose: { least: 1, usual: { measure: 'seconds', amount: 20 }, most: 600 },
    cues: { say: words(10), again: words(4), turn: words(3), feel: 'feel', check: 'check', back: 'back' },
    ...more,
  });

/** Cues with so many words before the first side, the second side and the second direction. */
export const cues = (say: number, again = 4, turn = 3) => ({
  say: words(say),
  again: words(again),
  turn: words(turn),
  feel: 'feel',
  check: 'check',
  back: 'back',
});

export const each = (felt: 'same' | 'opposite' | 'both' = 'same') =>
  ({ pattern: 'each', pair: 'side', felt }) as const;
export const alternate = { pattern: 'alternate', pair: 'side', felt: 'same' } as const;

type StepInput = Partial<import('zod').z.input<typeof Step>>;

/** A step of a move, its id the move's id unless the test names one. */
export const step = (moveId: string, more: StepInput = {}): Step =>
  Step.parse({ type: 'step', id: moveId, moveId, dose: { measure: 'seconds', amount: 20 }, ...more });

export const hold = (amount: number) => ({ measure: 'seconds', amount }) as const;
export const breaths = (amount: number) => ({ measure: 'breaths', amount }) as const;
export const reps = (amount: number, repSec: number | 'breath') =>
  ({ measure: 'reps', amount, repSec }) as const;

export const brk = (items: Item[], more: Partial<import('zod').z.input<typeof Break>> = {}): Break =>
  Break.parse({ id: 'b', name: 'Test break', slotSec: 600, items, ...more });

export const lookupIn =
  (moves: readonly Move[]): MoveLookup =>
  (id) =>
    moves.find((m) => m.id === id);

/** Compiles a break that is known to be whole. */
export const compile = (b: Break, moves: readonly Move[]): Timeline => compileWith(b, lookupIn(moves));

/** Compiles a break that is known to be whole, of moves that are looked up. */
export const compileWith = (b: Break, lookup: MoveLookup): Timeline => {
  const resolved = resolveBreak(b, lookup);
  if (!resolved.ok) throw new Error(JSON.stringify(resolved.failures));
  return compileTimeline(resolved.value);
};
