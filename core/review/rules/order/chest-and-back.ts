import type { Move, Variant } from '../../../model';
import { demandsOf } from '../../../needs';
import { moveFor } from '../../choose';
import { type PlacedStep, placedSteps } from '../../facts';
import type { Finding, ReviewRule } from '../../finding';

/** A held chest opener. */
export const opensChest = (move: Move): boolean => move.kind === 'stretch' && move.areas[0] === 'chest';

/** Rounds or widens the upper back, held or moving. */
export const roundsBack = (variant: Variant): boolean =>
  (variant.move.areas.includes('upper back') && demandsOf(variant).has('back rounded')) ||
  (variant.move.kind === 'stretch' &&
    variant.move.areas[0] === 'upper back' &&
    variant.move.muscles[0] === 'rhomboids') ||
  (variant.move.kind === 'mobilise' &&
    variant.move.areas.includes('upper back') &&
    variant.move.areas.includes('chest'));

/** A held rounder of the upper back, which wants the chest opened as well. */
export const holdsRound = (move: Move): boolean =>
  move.kind === 'stretch' && move.areas[0] === 'upper back' && move.muscles[0] === 'rhomboids';

/** Opens the chest, held or moving. */
export const opensAny = (move: Move): boolean =>
  (move.kind === 'stretch' || move.kind === 'mobilise') && move.areas.includes('chest');

/** A chest opener is balanced by an upper-back rounder, and the reverse. Common practice, no source. */
export const chestAndBack: ReviewRule = ({ resolved, library }) => {
  const steps = placedSteps(resolved);
  const { approach } = resolved;
  const opener = steps.find(({ move }) => opensChest(move));
  const rounder = steps.find(({ move }) => holdsRound(move));
  const after = (at: PlacedStep): string | null => steps[at.index + 1]?.step.id ?? null;
  const found: Finding[] = [];
  if (opener && !steps.some(({ variant }) => roundsBack(variant))) {
    const put = moveFor(library, 'stretch', 'upper back', approach, holdsRound);
    found.push({
      code: 'chestWithoutRound',
      weight: 'look',
      stepIds: [opener.step.id],
      move: opener.move.name,
      ...(put && { fix: { do: 'add', moveId: put.id, name: put.name, beforeId: after(opener) } }),
    });
  }
  if (rounder && !steps.some(({ move }) => opensAny(move))) {
    const put = moveFor(library, 'mobilise', 'chest', approach, opensAny);
    found.push({
      code: 'roundWithoutChest',
      weight: 'look',
      stepIds: [rounder.step.id],
      move: rounder.move.name,
      ...(put && { fix: { do: 'add', moveId: put.id, name: put.name, beforeId: rounder.step.id } }),
    });
  }
  return found;
};
