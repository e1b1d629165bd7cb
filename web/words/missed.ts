import type { OfficeRow } from '../week/office-row';

/** So many muscles are named; more are counted. */
const NAMED = 2;

/** What the aims of a week lack, in a phrase. */
export const missedText = ({
  missed,
  planned,
  chosen,
}: Pick<OfficeRow, 'missed' | 'planned' | 'chosen'>): string => {
  if (planned === 0) return '–';
  if (chosen === 0) return 'no break chosen';
  if (missed.length === 0) return 'all met';
  const sides = new Map<string, string[]>();
  for (const { muscle, side } of missed) sides.set(muscle, [...(sides.get(muscle) ?? []), side]);
  const named = [...sides]
    .slice(0, NAMED)
    .map(([muscle, list]) => (list.length === 2 ? muscle : `${muscle} ${list[0]}`));
  const more = sides.size > NAMED ? ` and ${sides.size - NAMED} more` : '';
  return `missed: ${named.join(', ')}${more}`;
};
