import { remembered } from '../../../words';
import { eachStep } from '../../each-step';
import type { Finding } from '../../finding';
import { allSaid, saidIn } from './said-in';

const ILLNESS =
  '(?:injur\\w*|headaches?|migraines?|carpal tunnel|tendon\\w*|sciatica|arthritis|rsi|hernias?|slipped discs?|insomnia|anxiety|depression|disease|strokes?|thrombos\\w*)';
const ILLS = `(?:pain|aches?|${ILLNESS})`;
const OWN =
  '(?:the |your |that |those |any |all |back |neck |shoulder |wrist |knee |chronic |tension |stubborn |nasty |bad )*';
const INNER =
  '(?:digestion|metabolism|immun\\w*|organs?|liver|kidneys?|thyroid|lymph\\w*|hormones?|blood pressure|blood sugar|nerves?)';

/** What nobody can promise of a stretch. Common practice: say ease of movement, a change of position, a rest, and no more. */
const CLAIMS: readonly string[] = [
  '(?:cure[sd]?|curing|heal(?:s|ed|ing)?|repair(?:s|ed|ing)?|regenerat\\w*|therapeutic|rejuvenat\\w*|anti-?age?ing|guarantee[sd]?)',
  '(?:detox\\w*|toxins?|flush(?:es)? out|meridians?|chakras?|energy channels?)',
  `(?:treat|prevent|relieve|stop|end|eliminate|remove|banish|reverse|fix|mend)(?:s|es|ing)? ${OWN}${ILLS}`,
  // To avoid pain is what one asks of everybody.
  `avoid(?:s|ing)? ${OWN}${ILLNESS}`,
  '(?:undo(?:es|ing)?|reverse(?:s|ing)?) (?:the |all |any )?(?:damage|ageing|aging|years)',
  'treats? (?:the|your|a)',
  `(?:takes?|melts?|washes|drives?|wipes?|sends?|chases?) (?:away |out )?${OWN}${ILLS}(?: (?:away|off|out))?`,
  `${ILLS} (?:will |soon |simply )*(?:go away|disappears?|vanish(?:es)?|melts? away)`,
  `(?:gets? rid of|no more|(?:becomes?|makes? you|keeps? you|lives?) free (?:of|from)|never (?:again )?(?:get|have|feel)|goodbye to|keeps? away) ${OWN}${ILLS}`,
  `(?:improve|boost|aid|help|stimulate|lower|regulate|balance|strengthen|cleanse?|purify|purifie|rinse|wring|massage)(?:s|es|ing)? (?:out )?${OWN}${INNER}`,
  `(?:good|great|healthy) for ${OWN}${INNER}`,
  '(?:fix(?:es)?|corrects?) your (?:back|neck|spine|posture)',
  '(?:realigns?|decompress(?:es)?|slipped disc|spares? the discs?|nerve[- ]friendly)',
  '(?:burns? (?:fat|calories)|los(?:e|es|ing) weight|slims?)',
];
export const CLAIM = new RegExp(`\\b(?:${CLAIMS.join('|')})\\b`, 'gi');

const claimIn = remembered((text) => saidIn(text, CLAIM));

/** A promise of healing in own words, or in those of an own move. */
export const wordsClaims = eachStep((at): Finding[] => {
  const said = claimIn(allSaid(at));
  return said === null ? [] : [{ code: 'wordsClaim', weight: 'caution', stepIds: [at.step.id], said }];
});
