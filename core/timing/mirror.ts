import { type Break, otherSide, type Side, type Step } from '../model';

const flipChoice = (sides: 'both' | Side): 'both' | Side => (sides === 'both' ? sides : otherSide(sides));

const mirrorStep = (step: Step): Step => ({
  ...step,
  sides: flipChoice(step.sides),
  ...(step.firstSide && { firstSide: otherSide(step.firstSide) }),
  ...(step.uneven && { uneven: { ...step.uneven, side: otherSide(step.uneven.side) } }),
});

/** The same break with left and right changed over throughout. */
export const mirrorBreak = (brk: Break): Break => ({
  ...brk,
  firstSide: otherSide(brk.firstSide),
  items: brk.items.map((item) =>
    item.type === 'step'
      ? mirrorStep(item)
      : {
          ...item,
          sides: flipChoice(item.sides),
          ...(item.firstSide && { firstSide: otherSide(item.firstSide) }),
          links: item.links.map(mirrorStep),
        },
  ),
});
