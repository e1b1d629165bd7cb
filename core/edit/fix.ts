import { stepOf } from '../library';
import {
  type Approach,
  type Break,
  type Move,
  type MoveLookup,
  type Position,
  type Step,
  withAmount,
} from '../model';
import { makeChain, placeOf, removeSteps, stepAt } from './edits';
import { placeLikeBeside, placeStep } from './place';

/** What would put a finding right, as data: it can be shown, sent, applied and undone. */
export type Fix =
  /** The doses are fitted to the slot; see `core/fit`. */
  | { do: 'fit' }
  | { do: 'both sides'; stepIds: readonly string[] }
  | { do: 'even sides'; stepId: string }
  | { do: 'both directions'; stepId: string }
  | { do: 'dose'; stepId: string; amount: number; unit: 's' | 'breaths' | 'times' }
  | { do: 'whole breaths'; stepId: string }
  | { do: 'rung'; stepId: string; rung: string }
  /** With a rung where it is not the one that is usual. */
  | { do: 'swap'; stepId: string; moveId: string; name: string; rung?: string }
  | { do: 'add'; moveId: string; name: string; beforeId: string | null }
  | { do: 'move'; stepId: string; beforeId: string }
  | { do: 'announce'; text: string }
  | { do: 'link by link'; chainId: string }
  | { do: 'series'; stepIds: readonly string[] }
  | { do: 'positions'; position: Position; stepIds: readonly string[] }
  | { do: 'longer exhale'; ratio: number }
  | { do: 'remove'; stepIds: readonly string[] };

/** What applying a fix needs beside the break. */
export interface FixContext {
  lookup: MoveLookup;
  approach: Approach;
  newId: () => string;
}

/** Puts steps before another one (before its whole chain), or at the end. */
const insertBefore = (draft: Break, step: Step, beforeId: string | null): void => {
  const place = beforeId === null ? null : placeOf(draft, beforeId);
  draft.items.splice(place ? place.item : draft.items.length, 0, step);
};

/** Everything of a step that another move can take over. */
export const swapTo = (step: Step, fresh: Step): void => {
  const { id, keep, locked, priority, firstSide } = step;
  for (const key of Object.keys(step)) delete (step as Record<string, unknown>)[key];
  Object.assign(step, fresh, { id }, keep && { keep }, locked && { locked }, priority && { priority });
  if (firstSide) step.firstSide = firstSide;
};

/** The dose of what comes in: no longer than what goes, where both are counted the same way. */
const shorter = (old: Step, step: Step, move: Move): number =>
  old.dose.measure === step.dose.measure && move.dose.usual.measure === step.dose.measure
    ? Math.min(step.dose.amount, Math.max(old.dose.amount, move.dose.least))
    : step.dose.amount;

type Apply<F> = (draft: Break, fix: F, context: FixContext) => void;

const change = (draft: Break, id: string, recipe: (step: Step) => void): void => {
  const step = stepAt(draft, id);
  if (step) recipe(step);
};
const fresh = (moveId: string, { lookup, approach, newId }: FixContext): Step | undefined => {
  const move = lookup(moveId);
  return move && stepOf(move, newId(), approach);
};

/** What each fix does. `fit` is not done here: it works on a timed break and is done by whoever has one. */
const appliers: { [D in Fix['do']]: Apply<Extract<Fix, { do: D }>> } = {
  fit: () => {},
  'both sides': (draft, { stepIds }) => {
    for (const id of stepIds)
      change(draft, id, (s) => {
        s.sides = 'both';
      });
    for (const it of draft.items)
      if (it.type === 'chain' && it.links.some((l) => stepIds.includes(l.id))) it.sides = 'both';
  },
  'even sides': (draft, { stepId }) =>
    change(draft, stepId, (s) => {
      // The longer side is what was meant; the shorter one is owed the same.
      if (s.uneven) s.dose.amount = Math.max(s.uneven.amount, s.dose.amount);
      delete s.uneven;
    }),
  'both directions': (draft, { stepId }) =>
    change(draft, stepId, (s) => {
      s.directions = 'both';
    }),
  dose: (draft, { stepId, amount }) =>
    change(draft, stepId, (s) => {
      s.dose.amount = amount;
    }),
  'whole breaths': (draft, { stepId }) =>
    change(draft, stepId, (s) => {
      s.wholeBreaths = true;
    }),
  rung: (draft, { stepId, rung }) =>
    change(draft, stepId, (s) => {
      s.rung = rung;
    }),
  swap: (draft, { stepId, moveId, rung }, context) => {
    const step = fresh(moveId, context);
    const move = context.lookup(moveId);
    if (!step || !move) return;
    change(draft, stepId, (s) => {
      const place = s.position ?? context.lookup(s.moveId)?.position;
      const short = shorter(s, step, move);
      swapTo(s, { ...step, dose: withAmount(step.dose, short), ...(rung !== undefined && { rung }) });
      // Where it is done stays as it is, if it can be done there: nobody changes seats for a default.
      if (place && place !== move.position && move.alsoIn.includes(place)) placeStep(s, move, place);
    });
  },
  add: (draft, { moveId, beforeId }, context) => {
    const step = fresh(moveId, context);
    if (!step) return;
    insertBefore(draft, step, beforeId);
    placeLikeBeside(draft, step.id, context.lookup);
  },
  move: (draft, { stepId, beforeId }) => {
    const step = stepAt(draft, stepId);
    if (!step) return;
    const copy = { ...step };
    removeSteps(draft, [stepId]);
    insertBefore(draft, copy, beforeId);
  },
  announce: (draft, { text }, context) => {
    const note = fresh('pause-note', context);
    if (note) draft.items.unshift({ ...note, words: text });
  },
  'link by link': (draft, { chainId }) => {
    for (const it of draft.items) if (it.type === 'chain' && it.id === chainId) it.nesting = 'link by link';
  },
  series: (draft, { stepIds }, { newId }) => makeChain(draft, stepIds, newId()),
  positions: (draft, { position, stepIds }) => {
    for (const id of stepIds)
      change(draft, id, (s) => {
        s.position = position;
      });
  },
  'longer exhale': (draft, { ratio }) => {
    draft.pace.exhaleRatio = ratio;
  },
  remove: (draft, { stepIds }) => removeSteps(draft, stepIds),
};

/** Applies a fix to a draft of the break. */
export const applyFix: Apply<Fix> = (draft, fix, context) =>
  (appliers[fix.do] as Apply<Fix>)(draft, fix, context);
