import type { Kind } from '../model';
import { meanwhileWords } from './dose';
import type { Part } from './timeline';

const TITLES = {
  position: 'getting into place',
  fetch: 'taking what is needed',
  note: 'a word',
  return: 'back to neutral',
} as const;

/** What works on the body. Of everything else there is nothing to be said here: “close” would read as a command. */
const WORKS: readonly Kind[] = ['mobilise', 'stretch', 'activate', 'massage', 'release'];

/** What a part is, in a few words: which side or way, which direction, which set; or what is done between. */
export const partTitle = (part: Part): string => {
  if (part.kind === 'position' || part.kind === 'fetch' || part.kind === 'note') return TITLES[part.kind];
  const way = part.way === 'left' || part.way === 'right' ? `${part.way} side` : part.way;
  if (part.kind === 'return') return [way, TITLES.return].filter(Boolean).join(' · ');
  const set = 'sets' in part && part.sets > 1 ? `set ${part.set} of ${part.sets}` : null;
  if (part.kind === 'rest') return [way, 'rest', `${set} comes next`].filter(Boolean).join(' · ');
  const both = WORKS.includes(part.moveKind) ? 'both sides together' : '';
  const meanwhile = part.kind === 'work' && part.meanwhile ? meanwhileWords(part.meanwhile) : null;
  return [way || both, part.direction, set, meanwhile].filter(Boolean).join(' · ');
};
