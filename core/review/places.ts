import type { Side } from '../model';
import { isResolvedChain, type ResolvedBreak, type ResolvedStep } from '../timing';

/** A step with the sides it is really done on, chain included. */
export interface PlacedStep extends ResolvedStep {
  doneSides: 'both' | Side | 'none';
}

const meet = (a: 'both' | Side, b: 'both' | Side): PlacedStep['doneSides'] => {
  if (a === 'both') return b;
  return b === 'both' || a === b ? a : 'none';
};

/** All steps in order, links of chains with the sides their chain leaves them. */
export const placedSteps = ({ items }: ResolvedBreak): PlacedStep[] =>
  items.flatMap((item): PlacedStep[] =>
    isResolvedChain(item)
      ? item.links.map((link) => ({ ...link, doneSides: meet(item.chain.sides, link.step.sides) }))
      : [{ ...item, doneSides: item.step.sides }],
  );
