import { type Break, type LiveBreak, type Move, mapChain, type Step, stepsOf } from '@kotabi/core/model';
import type { Choices } from '../choices';
import type { LeadData } from '../load';

/** Why something is as it is stays with whoever wrote it: it may name somebody. */
const OWN = 'for a reason of the instructor';

const stepForOthers = ({ meant: _, uneven, second, ...step }: Step): Step => ({
  ...step,
  ...(uneven && { uneven: { ...uneven, reason: OWN } }),
  ...(second && { second: { ...second, reason: OWN } }),
});

/** The break as others may see it: all that is led and said of it, no notes, no group. */
const breakForOthers = ({ aside: _aside, formOf: _formOf, ...brk }: Break): Break => ({
  ...brk,
  groupId: null,
  items: brk.items.map((item) =>
    item.type === 'step' ? stepForOthers(item) : mapChain(item, stepForOthers),
  ),
});

/** What others need to follow a break: it, its moves, how it is taught, and the choices. Nobody's name, nobody's limits. */
export const liveBreakOf = (
  { brk, shelf, approach }: Pick<LeadData, 'brk' | 'shelf' | 'approach'>,
  choices: Pick<Choices, 'steps'>,
): LiveBreak => {
  const ids = new Set([
    ...stepsOf(brk).map((s) => s.moveId),
    ...choices.steps.flatMap((c) => c.easier?.moveId ?? []),
  ]);
  return {
    brk: breakForOthers(brk),
    moves: [...ids].map((id) => shelf.lookup(id)).filter((m): m is Move => m !== undefined),
    approach,
    choices: [...choices.steps],
  };
};
