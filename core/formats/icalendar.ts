import ical, { ICalCalendarMethod } from 'ical-generator';
import { DateTime } from 'luxon';
import type { Group, IsoDate, MinuteOfDay, Week } from '../model';
import { kindOf, plannedBreaks } from '../schedule';

/** What a calendar says of a break that has been chosen. */
export interface CalendarBreak {
  name: string;
  lines: readonly string[];
}

/** What the iCalendar file of a week is made from. */
export interface WeekCalendar {
  week: Week;
  group: Group;
  /** Version of the week; SEQUENCE of its events (RFC 5545, 3.8.7.4). */
  version: number;
  /** When the week was last changed, ISO with zone; DTSTAMP of its events. */
  stamp: string;
  breakOf: (breakId: string) => CalendarBreak | undefined;
  /** The VTIMEZONE of an IANA zone. */
  timeZoneBlock: (zone: string) => string | null;
}

const at = (date: IsoDate, minute: MinuteOfDay, zone: string): DateTime =>
  // Hours and minutes are set on the local clock, so a day on which the clocks change is right too.
  DateTime.fromISO(date, { zone }).set({ hour: Math.floor(minute / 60), minute: minute % 60 });

/**
 * A group's week as an iCalendar file (RFC 5545): local times with their VTIMEZONE, one event a break, its UID
 * kept for as long as the break is. Breaks not yet chosen are there with a plain name.
 */
export const weekToICalendar = ({
  week,
  group,
  version,
  stamp,
  breakOf,
  timeZoneBlock,
}: WeekCalendar): string => {
  const zone = group.timeZone;
  const calendar = ical({
    name: `Stretch breaks · ${group.name}`,
    prodId: { company: 'Kotabi', product: 'Week', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
    // No zone of the calendar itself: with one, the library writes DTSTAMP in it, and RFC 5545 wants UTC.
    timezone: { name: null, generator: timeZoneBlock },
  });
  for (const planned of plannedBreaks(week)) {
    const start = at(planned.date, planned.startMin, zone);
    const chosen = planned.breakId ? breakOf(planned.breakId) : undefined;
    calendar.createEvent({
      id: `${week.id}.${planned.id}@kotabi`,
      sequence: version,
      stamp: DateTime.fromISO(stamp, { zone: 'utc' }),
      start,
      end: start.plus({ minutes: kindOf(week.rule, planned).lengthMin }),
      timezone: zone,
      summary: chosen ? chosen.name : 'Stretch break',
      description: chosen ? chosen.lines.join('\n') : 'Stand by for a short stretch break.',
      location: group.site || null,
    });
  }
  return calendar.toString();
};
