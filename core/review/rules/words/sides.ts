import type { Side } from '../../../model';
import { eachStep } from '../../each-step';
import { partsOf } from '../../facts';
import type { Finding } from '../../finding';

const SIDE = /\b(left|right)\b/gi;

/**
 * A side in own words that is not the one that is led first: whoever says right and leads left loses the room. Words that
 * name the moving side and what stays name both; then the first of them counts.
 */
export const wordsSides = eachStep(({ step, move }, { timeline }): Finding[] => {
  if (!step.words || move.onlyWords || move.ways.pattern === 'together') return [];
  const named = [...step.words.matchAll(SIDE)].map(([word]) => word.toLowerCase() as Side);
  const [said] = named;
  const led = partsOf(timeline, step.id).find((p) => p.kind === 'work')?.side;
  if (!said || !led || said === led) return [];
  // “All right” is no side.
  if (/\ball right\b/i.test(step.words) && named.length === 1) return [];
  return [{ code: 'wordsSide', weight: 'caution', stepIds: [step.id], move: move.name, said, led }];
});
