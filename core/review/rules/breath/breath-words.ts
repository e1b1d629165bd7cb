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

/** A half of the breath in plain words, with what is done in it: “breathe out and round”. */
const SAID_VERB = /\bbreathe (in|out),? (?:and |to )?([a-z]+)/gi;
/** What a set-up does in which half of the breath. */
const verbsOf = (say: string, going: 'in' | 'out'): Map<string, 'in' | 'out'> =>
  new Map(
    [...say.matchAll(/\{(going|coming)\},? (?:and |to )?([a-z]+)/gi)].map(([, token = '', verb = '']) => [
      verb.toLowerCase(),
      token.toLowerCase() === 'going' ? going : otherHalf(going),
    ]),
  );

/** A set-up that begins with the breath of the way back. */
const COMING_FIRST = /^[^{]*\{coming\}/i;
const otherHalf = (half: 'in' | 'out'): 'in' | 'out' => (half === 'in' ? 'out' : 'in');

/**
 * Words written out that say another breath than the approach has: in or out as a movement goes, or another way
 * for the breath to leave. Words with tokens follow the approach by themselves.
 */
export const breathWords = eachStep(({ step, move, variant }, { resolved }): Finding[] => {
  const { outlet } = cueContext(move, resolved.approach);
  const going = goingBreath(move, resolved.approach);
  const { say, go, breathe } = cuesOf(variant);
  const texts = [step.words ?? say, go, breathe].filter((t) => t !== undefined);
  const at = { code: 'breathWords', weight: 'look', stepIds: [step.id], move: move.name } as const;
  for (const text of texts) {
    const said = OUTLET.exec(text)?.[1]?.toLowerCase();
    if (said && said !== outlet && move.kind !== 'breathe')
      return [{ ...at, words: `out through ${said}`, usual: `out through ${outlet}` }];
    const known = going && text === step.words ? verbsOf(say, going) : new Map<string, 'in' | 'out'>();
    const verbs = [...text.matchAll(SAID_VERB)].flatMap(([, said = '', verb = '']) => {
      const usual = known.get(verb.toLowerCase());
      return usual ? [{ said: said.toLowerCase(), usual }] : [];
    });
    const wrong = verbs.find(({ said, usual }) => said !== usual);
    if (wrong) return [{ ...at, words: `breathe ${wrong.said}`, usual: `breathe ${wrong.usual}` }];
    if (verbs.length > 0) continue;
    const half = going && halfOf(text);
    // The first half that is named is the one that the move's own words name first.
    const first = going && text === step.words && COMING_FIRST.test(say) ? otherHalf(going) : going;
    if (half && half !== first) return [{ ...at, words: `breathe ${half}`, usual: `breathe ${first}` }];
  }
  return [];
});
