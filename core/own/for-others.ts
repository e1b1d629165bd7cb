import type { Break, Item, Step } from '../model';

/** Stands where the instructor wrote why one side or direction gets more: it may name somebody's trouble. */
const ON_PURPOSE = 'on purpose';

const told = (step: Step): Step => ({
  ...step,
  ...(step.uneven && { uneven: { ...step.uneven, reason: ON_PURPOSE } }),
  ...(step.second && { second: { ...step.second, reason: ON_PURPOSE } }),
});

/**
 * A break as it may leave the instructor's desk: what is done and said, and nothing of what they wrote for themselves (why a
 * finding was set aside, why a side gets more, what it is a form of, whose it is).
 */
export const forOthers = (brk: Break): Break => {
  const { aside: _aside, formOf: _formOf, ...rest } = brk;
  const items = brk.items.map(
    (item): Item =>
      item.type === 'chain'
        ? {
            ...item,
            links: item.links.map(told),
            ...(item.between && { between: item.between.map(told) }),
          }
        : told(item),
  );
  return { ...rest, groupId: null, items };
};
