import type { Shelf } from '../library';
import type { Approach, Break } from '../model';
import { needsTable } from '../needs';
import { type Audience, reviewed } from '../review';

/**
 * True when a break must not be chosen for those who take part: it has something that stops for one of them; or, in
 * somebody's own week, a step that they cannot do as it is. In a group's week they have their own version beside it.
 * Whether a break fits its time is looked at elsewhere.
 */
export const isStopped = (
  brk: Break,
  shelf: Pick<Shelf, 'library' | 'lookup'>,
  approach: Approach,
  audience: Audience,
  whose: 'group' | 'person',
): boolean => {
  const judged = reviewed(brk, shelf, approach, audience);
  if (judged.ok && judged.findings.some((f) => f.weight === 'stop' && f.code !== 'overSlot')) return true;
  if (whose === 'group') return false;
  return needsTable(brk, audience.people, audience.room, shelf.lookup).some(
    ({ worst }) => worst === 'another move' || worst === 'leave out',
  );
};
