import { type Break, mapChain, type Step } from '../model';

/** Stands where the instructor wrote why one side or direction gets more: it may name somebody, or their trouble. */
const OWN = 'for a reason of the instructor';

const stepForOthers = ({ meant: _, uneven, second, ...step }: Step): Step => ({
  ...step,
  ...(uneven && { uneven: { ...uneven, reason: OWN } }),
  ...(second && { second: { ...second, reason: OWN } }),
});

/**
 * A break as others may see it: all that is done and said, and nothing of what the instructor wrote for themselves (why a
 * finding was set aside, why a side gets more, what a step is meant for, what it is a form of, whose it is).
 */
export const forOthers = ({ aside: _aside, formOf: _formOf, ...brk }: Break): Break => ({
  ...brk,
  groupId: null,
  items: brk.items.map((item) =>
    item.type === 'step' ? stepForOthers(item) : mapChain(item, stepForOthers),
  ),
});
