import type { Shelf } from '@kotabi/core/library';
import type { Approach, Break } from '@kotabi/core/model';
import { reviewed } from '@kotabi/core/review';
import { useMemo } from 'react';
import { findingWords } from '../../words/findings';
import { useAudience } from '../break/useTimed';

/** What a review of a break says in a line, its group and room looked at: the weightiest finding, and how many more. */
const StandsOut = ({ brk, shelf, approach }: { brk: Break; shelf: Shelf; approach: Approach }) => {
  const audience = useAudience(brk.groupId);
  const judged = useMemo(() => reviewed(brk, shelf, approach, audience), [brk, shelf, approach, audience]);
  if (!judged.ok) return null;
  const [first, ...more] = judged.findings;
  if (!first) return 'nothing stands out';
  return `${findingWords(first).title}${more.length > 0 ? `, and ${more.length} more` : ''}`;
};
export default StandsOut;
