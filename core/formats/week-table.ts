import Papa from 'papaparse';
import type { Group, Minutes, Week } from '../model';
import { kindOf } from '../schedule';
import { momentOf } from './icalendar';

const COLUMNS = ['Date', 'Day', 'Start', 'End', 'Minutes', 'Break', 'Led', 'Set by hand', 'Held'] as const;

/**
 * A week as a CSV table (RFC 4180): one row a planned break, local times, breaks that will not be held among
 * them. A day off has no rows.
 */
export const weekToCsv = (
  week: Week,
  { timeZone }: Pick<Group, 'timeZone'>,
  nameOf: (breakId: string) => string | undefined,
): string => {
  const rows = week.days.flatMap((day) =>
    day.off !== undefined
      ? []
      : day.breaks.map((b) => {
          const lengthMin: Minutes = kindOf(week.rule, b).lengthMin;
          const start = momentOf(day.date, b.startMin, timeZone);
          const yes = (on: boolean | undefined): string => (on ? 'yes' : 'no');
          return [
            start.toFormat('yyyy-MM-dd'),
            start.setLocale('en').toFormat('EEEE'),
            start.toFormat('HH:mm'),
            start.plus({ minutes: lengthMin }).toFormat('HH:mm'),
            String(lengthMin),
            (b.breakId && nameOf(b.breakId)) || '',
            yes(b.led),
            yes(b.locked),
            yes(!b.skipped),
          ];
        }),
  );
  return `${Papa.unparse([[...COLUMNS], ...rows], { newline: '\r\n', escapeFormulae: true })}\r\n`;
};
