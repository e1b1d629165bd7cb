import { type LiveBreak, type Move, moveIdsOf } from '@kotabi/core/model';
import { forOthers } from '@kotabi/core/own';
import type { Choices } from '../choices';
import type { LeadData } from '../load';

/** What others need to follow a break: it, its moves, how it is taught, and the choices. Nobody's name, nobody's limits. */
export const liveBreakOf = (
  { brk, shelf, approach }: Pick<LeadData, 'brk' | 'shelf' | 'approach'>,
  choices: Pick<Choices, 'steps'>,
): LiveBreak => {
  const ids = new Set([...moveIdsOf(brk), ...choices.steps.flatMap((c) => c.easier?.moveId ?? [])]);
  return {
    brk: forOthers(brk),
    moves: [...ids].map((id) => shelf.lookup(id)).filter((m): m is Move => m !== undefined),
    approach,
    choices: [...choices.steps],
  };
};
