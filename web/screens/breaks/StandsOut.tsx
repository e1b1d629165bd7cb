import type { Shelf } from '@kotabi/core/library';
import type { Approach, Break } from '@kotabi/core/model';
import { reviewed } from '@kotabi/core/review';
import { findingWords } from '../../words/findings';

/** What a review of a break says in a line: the weightiest finding, and how many more there are. */
const StandsOut = ({ brk, shelf, approach }: { brk: Break; shelf: Shelf; approach: Approach }) => {
  const judged = reviewed(brk, shelf, approach);
  if (!judged.ok) return null;
  const [first, ...more] = judged.findings;
  if (!first) return 'nothing stands out';
  return `${findingWords(first).title}${more.length > 0 ? `, and ${more.length} more` : ''}`;
};
export default StandsOut;
