import dayjs from 'dayjs';
import type { Coming, GroupToday } from '../screens/today/useToday';
import type { OfficeRow } from '../week/office-row';
import { missedText } from './missed';
import { clock } from './time';

const HOUR = 60;
const DAY = 1440;

/** The day of what is to come, in words: "tomorrow", "on Friday", "on Friday 4 December". */
const dayAhead = ({ inDays, date }: Pick<Coming, 'inDays' | 'date'>): string => {
  if (inDays === 0) return 'later today';
  if (inDays === 1) return 'tomorrow';
  return `on ${dayjs(date).format(inDays < 7 ? 'dddd' : 'dddd D MMMM')}`;
};

/** How long from now, in words: "in 24 minutes", "in about 2 h", "tomorrow", "on Friday", "on Friday 4 December". */
export const comingText = (coming: Pick<Coming, 'inMin' | 'inDays' | 'date'>): string => {
  const { inMin } = coming;
  if (inMin <= 0) return 'running now';
  if (inMin < HOUR) return `next · in ${inMin} minute${inMin === 1 ? '' : 's'}`;
  if (inMin < DAY / 2) return `next · in about ${Math.round(inMin / HOUR)} h`;
  return `next · ${dayAhead(coming)}`;
};

/** The next day with breaks, in words: "Tomorrow: 2 breaks, the first at 07:55."; empty where none is to come. */
export const nextDayText = (coming: readonly Pick<Coming, 'inDays' | 'date' | 'startMin'>[]): string => {
  const [first] = coming;
  if (!first) return '';
  const all = coming.filter((c) => c.date === first.date).length;
  const day = dayAhead(first);
  const when = `${day.charAt(0).toUpperCase()}${day.slice(1)}`;
  return `${when}: ${all === 1 ? 'a break' : `${all} breaks, the first`} at ${startText(first)}.`;
};

/** When it starts. */
export const startText = ({ startMin }: Pick<Coming, 'startMin'>): string => clock(startMin % DAY);

const stateOf = ({ state, changes }: Pick<GroupToday, 'state' | 'changes'>): string => {
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

/** Whether others see the week of a group, in words; where that is the next one, it says so. */
export const stateText = (
  week: Pick<GroupToday, 'state' | 'changes'> & Partial<Pick<GroupToday, 'isNext'>>,
): string => `${week.isNext ? 'next week: ' : ''}${stateOf(week)}`;

/** What the weeks that are looked at are called together. */
export const weeksAhead = (
  groups: readonly Pick<GroupToday, 'isNext'>[],
): 'the rest of this week' | 'next week' | 'the days to come' => {
  if (groups.every((g) => !g.isNext)) return 'the rest of this week';
  return groups.every((g) => g.isNext) ? 'next week' : 'the days to come';
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

/** What stands above what the weeks that are looked at lack. */
export const lacksTitle = (groups: readonly Pick<GroupToday, 'isNext'>[]): string => {
  const ahead = weeksAhead(groups);
  return `What ${ahead} ${ahead === 'the days to come' ? 'lack' : 'lacks'}`;
};

/** What the rest of a week still lacks, a phrase each; nothing where it has passed, or nothing is planned yet: that is said elsewhere. */
export const lacksText = (
  row: Pick<OfficeRow, 'planned' | 'chosen' | 'open' | 'ahead' | 'missed'>,
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
    ...(row.missed.length > 0 && row.chosen > 0 ? [`aims ${missedText(row)}`] : []),
  ];
};
