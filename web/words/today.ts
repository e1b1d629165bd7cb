import dayjs from 'dayjs';
import type { Coming, GroupToday } from '../screens/today/useToday';
import type { OfficeRow } from '../week/office-row';
import { missedText } from './missed';
import { clock } from './time';

const HOUR = 60;
const DAY = 1440;

/** How long from now, in words: "in 24 minutes", "in 2 hours", "on Friday". */
export const comingText = ({ inMin, date }: Pick<Coming, 'inMin' | 'date'>): string => {
  if (inMin <= 0) return 'running now';
  if (inMin < HOUR) return `next · in ${inMin} minute${inMin === 1 ? '' : 's'}`;
  if (inMin < DAY / 2) return `next · in about ${Math.round(inMin / HOUR)} h`;
  return `next · on ${dayjs(date).format('dddd')}`;
};

/** When it starts. */
export const startText = ({ startMin }: Pick<Coming, 'startMin'>): string => clock(startMin % DAY);

/** Whether others see the week of a group, in words. */
export const stateText = ({ state, changes }: Pick<GroupToday, 'state' | 'changes'>): string => {
  switch (state) {
    case 'given out':
      return 'given out';
    case 'changed':
      return `${changes} change${changes === 1 ? '' : 's'} not given out`;
    case 'draft':
      return 'not given out';
    case 'not planned':
      return 'nothing planned';
  }
};

/** The day at a look: "3 groups · 5 breaks to come today · 1 week not given out". */
export const dayText = (groups: readonly GroupToday[]): string => {
  const ahead = groups.reduce((sum, g) => sum + g.coming.filter((c) => c.date === g.now.date).length, 0);
  const waiting = groups.filter((g) => g.state === 'draft' || g.state === 'changed').length;
  return [
    `${groups.length} group${groups.length === 1 ? '' : 's'}`,
    ahead === 0 ? 'nothing more today' : `${ahead} break${ahead === 1 ? '' : 's'} to come today`,
    ...(waiting > 0 ? [`${waiting} week${waiting === 1 ? '' : 's'} not given out`] : []),
  ].join(' · ');
};

/** What the rest of a week still lacks, a phrase each; nothing where it has passed, or nothing is planned yet: that is said elsewhere. */
export const lacksText = (
  row: Pick<OfficeRow, 'planned' | 'open' | 'ahead' | 'missed'>,
  inTheWay: number,
): string[] => {
  const { ahead } = row;
  if (row.planned === 0 || !ahead) return [];
  const breaks = (n: number): string => `${n} break${n === 1 ? '' : 's'}`;
  return [
    ...(inTheWay > 0 ? [`${breaks(inTheWay)} in the way of what calendars have now`] : []),
    ...(row.open > 0 ? [`${row.open} time${row.open === 1 ? '' : 's'} without a break chosen`] : []),
    ...(ahead.overMin > 0
      ? [
          `longest run at the desk to come ${ahead.longestMin} min, ${ahead.overMin} min over the limit in all`,
        ]
      : []),
    ...(row.missed.length > 0 && row.open < row.planned ? [`aims ${missedText(row)}`] : []),
  ];
};
