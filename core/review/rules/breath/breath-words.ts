import { cueContext, goingBreath } from '../../../approach/cue-context';
import { cuesOf } from '../../../cues';
import { eachStep } from '../../each-step';
import type { Finding } from '../../finding';

/** A breath named in plain words: which half, and through what. */
const HALF = /\b(?:breathe|breath|breathing)\s+(in|out)\b|\b(inhale|exhale)\b/i;
const OUTLET = /\b(?:out|exhale)\b[^.;]*?\bthrough (the nose|the mouth|pursed lips)/i;

const halfOf = (text: string): 'in' | 'out' | null => {
  const [, plain, latin] = HALF.exec(text) ?? [];
  if (plain) return plain.toLowerCase() as 'in' | 'out';
  return latin ? (latin.toLowerCase() === 'inhale' ? 'in' : 'out') : null;
};

/**
 * Words written out that say another breath than the approach has: in or out as a movement goes, or another way
 * for the breath to leave. Words with tokens follow the approach by themselves.
 */
export const breathWords = eachStep(({ step, move, position }, { resolved }): Finding[] => {
  const { outlet } = cueContext(move, resolved.approach);
  const going = goingBreath(move, resolved.approach);
  const { say, go, breathe } = cuesOf(move, step.rung, position);
  const texts = [step.words ?? say, go, breathe].filter((t) => t !== undefined);
  const at = { code: 'breathWords', weight: 'look', stepIds: [step.id], move: move.name } as const;
  for (const text of texts) {
    const said = OUTLET.exec(text)?.[1]?.toLowerCase();
    if (said && said !== outlet && move.kind !== 'breathe')
      return [{ ...at, words: `out through ${said}`, usual: `out through ${outlet}` }];
    const half = going && halfOf(text);
    // Only the first half that is named goes with the way out of the movement.
    if (half && half !== going) return [{ ...at, words: `breathe ${half}`, usual: `breathe ${going}` }];
  }
  return [];
});
