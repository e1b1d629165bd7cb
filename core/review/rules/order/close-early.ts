import { placedSteps } from '../../facts';
import type { Finding, ReviewRule } from '../../finding';

const WORKS: readonly string[] = ['mobilise', 'stretch', 'activate', 'massage'];
/** Closing moves that are at home in the middle as well: a breath with the arms, a look far away. */
const ANYWHERE: readonly string[] = ['arms-up-breath', 'look-far', 'palms-over-eyes'];

/** A close with work after it: the break ends twice, and nobody notices the end. Common practice, no source. */
export const closeEarly: ReviewRule = ({ resolved }) => {
  const steps = placedSteps(resolved);
  const at = steps.find(({ move }) => move.kind === 'close' && !ANYWHERE.includes(move.id));
  if (!at) return [];
  const after = steps.slice(at.index + 1).find(({ move }) => WORKS.includes(move.kind));
  if (!after) return [];
  const finding: Finding = {
    code: 'closeEarly',
    weight: 'look',
    stepIds: [at.step.id, after.step.id],
    move: at.move.name,
    after: after.move.name,
  };
  return [finding];
};
