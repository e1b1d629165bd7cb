import { remembered } from '../../../words';
import { eachStep } from '../../each-step';
import type { Finding } from '../../finding';
import { allSaid } from './said-in';

/** What only somebody who may examine people can name. Common words, no source. */
const ILL =
  '(?:(?:herniated|slipped|bulging|worn) discs?|arthr\\w+|tend[io]n\\w*itis|carpal tunnel\\w*|sciatica|(?:pinched|trapped|irritated|damaged) nerves?|impingement|frozen shoulder|rsi|scoliosis|bursitis|whiplash|inflam\\w+|torn \\w+|an? injury|weak (?:core|muscles?|back|neck))';
const PERHAPS = '(?: (?:may|might|could|must|probably|surely|likely|usually|often|always|clearly))*';
const FOUND: readonly string[] = [
  `you${PERHAPS} (?:have|got|suffer from|developed)(?: got)? (?:a |an |the )?${ILL}`,
  `(?:this|that|it|the|your)(?: \\w+)?${PERHAPS} (?:is|means|shows|comes from|points to)${PERHAPS}(?: that)?(?: you have)? (?:a |an |your |the )?${ILL}`,
  'your (?:spine|back|neck|pelvis|hips?|shoulders?|discs?) (?:is|are) (?:probably |clearly |a little )*(?:crooked|out of (?:place|line|alignment)|misaligned|degenerat\\w+|slipped|worn|damaged|unstable|inflamed)',
  `(?:signs?|symptoms?) of (?:a |an |your )?${ILL}`,
];
const DIAGNOSIS = new RegExp(`\\b(?:${FOUND.join('|')})\\b`, 'gi');
/** “If you have arthritis, …” and “whoever has …” find nothing: they take care. */
const IN_CASE = /\b(?:if|when|whether|should|do|unless|in case|where)\s*$/i;

/** What a text says that somebody has, as nobody who leads a break can know; null where it says nothing of the kind. */
export const illIn = remembered((text): string | null => {
  for (const match of text.matchAll(DIAGNOSIS))
    if (!IN_CASE.test(text.slice(0, match.index))) return match[0].toLowerCase();
  return null;
});

/** A diagnosis in own words, or in those of an own move. */
export const wordsIlls = eachStep((at): Finding[] => {
  const said = illIn(allSaid(at));
  return said === null ? [] : [{ code: 'wordsIll', weight: 'caution', stepIds: [at.step.id], said }];
});
