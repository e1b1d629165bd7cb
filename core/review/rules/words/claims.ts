import { eachStep } from '../../each-step';
import type { Finding } from '../../finding';

/** What nobody can promise of a stretch. Common practice: say ease of movement, a change of position, a rest, and no more. */
export const CLAIM =
  /\b(cures?|cured|curing|heals?|healed|healing|detox\w*|toxins?|flush(es)? out|treats? (the|your|a)|therapeutic|fix(es)? your (back|neck|spine|posture)|prevents? (injur\w*|pain|carpal|disease)|heals? the nerve|realigns?|slipped disc|spares? the discs?|nerve[- ]friendly|good for the nerves?|boosts? (your )?(immun\w*|metabolism)|gets? rid of (pain|headaches?)|no more (pain|headaches?))/i;

/** A promise of healing in own words. */
export const wordsClaims = eachStep(({ step }): Finding[] => {
  const [said] = (step.words && CLAIM.exec(step.words)) || [];
  return said
    ? [{ code: 'wordsClaim', weight: 'caution', stepIds: [step.id], said: said.toLowerCase() }]
    : [];
});
