import { eachStep } from '../../each-step';
import type { Finding } from '../../finding';
import { allSaid, saidIn } from './said-in';

const ILLS =
  '(?:pain|injur\\w*|headaches?|migraines?|carpal tunnel|tendon\\w*|sciatica|arthritis|rsi|hernias?|slipped discs?|insomnia|anxiety|depression|disease|strokes?|thrombos\\w*)';
const OWN = '(?:the |your |any |all |back |neck |shoulder |wrist |knee |chronic )*';
const INNER =
  '(?:digestion|metabolism|immun\\w*|organs?|liver|kidneys?|thyroid|lymph\\w*|hormones?|blood pressure|blood sugar|nerves?)';

/** What nobody can promise of a stretch. Common practice: say ease of movement, a change of position, a rest, and no more. */
const CLAIMS: readonly string[] = [
  '(?:cure[sd]?|curing|heal(?:s|ed|ing)?|therapeutic|rejuvenat\\w*|anti-?age?ing)',
  '(?:detox\\w*|toxins?|flush(?:es)? out|meridians?|chakras?|energy channels?)',
  `(?:treat|prevent|relieve|stop|end|eliminate|remove|banish|avoid|reverse)(?:s|es|ing)? ${OWN}${ILLS}`,
  'treats? (?:the|your|a)',
  `(?:takes?|melts?|washes|drives?|wipes?|sends?|chases?) (?:away |out )?${OWN}${ILLS}(?: (?:away|off|out))?`,
  `${ILLS} (?:will |soon |simply )*(?:go away|disappears?|vanish(?:es)?|melts? away)`,
  `(?:gets? rid of|no more|free (?:of|from)|never (?:again )?(?:get|have|feel)|goodbye to|keeps? away) ${OWN}${ILLS}`,
  `(?:improve|boost|aid|help|stimulate|lower|regulate|balance|strengthen|cleanse|massage)(?:s|es|ing)? ${OWN}${INNER}`,
  `(?:good|great|healthy) for ${OWN}${INNER}`,
  '(?:fix(?:es)?|corrects?) your (?:back|neck|spine|posture)',
  '(?:realigns?|decompress(?:es)?|slipped disc|spares? the discs?|nerve[- ]friendly)',
  '(?:burns? (?:fat|calories)|los(?:e|es|ing) weight|slims?)',
];
export const CLAIM = new RegExp(`\\b(?:${CLAIMS.join('|')})\\b`, 'gi');

/** A promise of healing in own words, or in those of an own move. */
export const wordsClaims = eachStep((at): Finding[] => {
  const said = saidIn(allSaid(at), CLAIM);
  return said === null ? [] : [{ code: 'wordsClaim', weight: 'caution', stepIds: [at.step.id], said }];
});
