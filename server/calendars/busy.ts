import { busyOnDay } from '@kotabi/core/calendars';
import type { BusyTime, Group, Interval, IsoDate, Person } from '@kotabi/core/model';
import { frameOf, hoursOn } from '@kotabi/core/schedule';
import type { Context } from '../context';
import { calendarRows, eventId, timesOf } from './copies';

/** Whose busy times are asked for. */
export interface Whose {
  group: Group;
  /** Null for the whole group: then only calendars of the whole group count. */
  person: Person | null;
  /** The instructor's own calendars instead. */
  instructor?: boolean;
}

/** Busy times by date from the calendars of a group, of a person of it, or of the instructor. */
export const busyFrom = async (
  ctx: Context,
  { group, person, instructor = false }: Whose,
  dates: readonly IsoDate[],
  hours?: Interval,
): Promise<Map<IsoDate, BusyTime[]>> => {
  const rows = (await calendarRows(ctx, group.id)).filter((r) => {
    const { instructor: own } = r.data as { instructor?: boolean };
    if (instructor || own) return instructor && own;
    return r.personId === null || r.personId === person?.id;
  });
  const frame = frameOf(group, person);
  return new Map(
    dates.map((date) => [
      date,
      rows
        .flatMap((row) =>
          busyOnDay(
            timesOf(row),
            { date, hours: hours ?? hoursOn(frame, date) ?? frame.hours },
            group.timeZone,
            row.id,
            (key) => eventId(row.id, key),
          ),
        )
        .sort((a, b) => a.startMin - b.startMin)
        // A day of a week has room for so many, those entered by hand among them.
        .slice(0, 40),
    ]),
  );
};
