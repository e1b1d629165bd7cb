import ical, {
  ICalAlarmType,
  type ICalCalendar,
  ICalCalendarMethod,
  ICalEventStatus,
  ICalEventTransparency,
} from 'ical-generator';
import { DateTime } from 'luxon';
import type { Group, IsoDate, MinuteOfDay, Minutes, Week } from '../model';
import { kindOf, plannedBreaks } from '../schedule';

/** What a calendar says of a break that has been chosen. */
export interface CalendarBreak {
  name: string;
  lines: readonly string[];
}

/** One break as a calendar shows it. */
export interface CalendarEntry {
  /** Stays the same for as long as the planned break is the same one (RFC 7986, 5.3). */
  uid: string;
  date: IsoDate;
  startMin: MinuteOfDay;
  lengthMin: Minutes;
  zone: string;
  summary: string;
  description: string;
  location: string;
}

/** An entry as it was given out last. */
export interface PublishedEntry extends CalendarEntry {
  /** Rises by 1 with each change (RFC 5545, 3.8.7.4). */
  sequence: number;
  /** When it was changed last, ISO with zone. */
  stamp: string;
  /** It was given out once and is not planned any more. */
  cancelled: boolean;
}

/** The moment of a minute on a local date; minutes beyond 1440 are on the next day. */
export const momentOf = (date: IsoDate, minute: MinuteOfDay, zone: string): DateTime => {
  const day = DateTime.fromISO(date, { zone }).plus({ days: Math.floor(minute / 1440) });
  // Hours and minutes are set on the local clock, so a day on which the clocks change is right too.
  return day.set({ hour: Math.floor((minute % 1440) / 60), minute: minute % 60 });
};

/** The breaks of a week that will be held, as calendar entries. Breaks not yet chosen have a plain name. */
export const entriesOf = (
  week: Week,
  group: Pick<Group, 'timeZone' | 'site'>,
  breakOf: (breakId: string) => CalendarBreak | undefined,
): CalendarEntry[] =>
  plannedBreaks(week).map((planned) => {
    const chosen = planned.breakId ? breakOf(planned.breakId) : undefined;
    const led = planned.led ? 'Led: ' : '';
    return {
      uid: `${week.id}.${planned.id}@kotabi`,
      date: planned.date,
      startMin: planned.startMin,
      lengthMin: kindOf(week.rule, planned).lengthMin,
      zone: group.timeZone,
      summary: led + (chosen ? chosen.name : 'Stretch break'),
      description: chosen ? chosen.lines.join('\n') : 'Stand by for a short stretch break.',
      location: group.site,
    };
  });

const shows = (e: CalendarEntry): string =>
  JSON.stringify([e.date, e.startMin, e.lengthMin, e.zone, e.summary, e.description, e.location]);

/**
 * What to give out now, from what was given out last and what is planned: an entry that changed gets the next
 * sequence, one that is gone is withdrawn once, everything else stays as it was.
 */
export const nextEntries = (
  before: readonly PublishedEntry[],
  now: readonly CalendarEntry[],
  stamp: string,
): PublishedEntry[] => {
  const old = new Map(before.map((e) => [e.uid, e]));
  const planned = new Set(now.map((e) => e.uid));
  return [
    ...now.map((entry): PublishedEntry => {
      const last = old.get(entry.uid);
      if (!last) return { ...entry, sequence: 0, stamp, cancelled: false };
      if (!last.cancelled && shows(last) === shows(entry)) return last;
      return { ...entry, sequence: last.sequence + 1, stamp, cancelled: false };
    }),
    ...before
      .filter((e) => !planned.has(e.uid))
      .map((e) => (e.cancelled ? e : { ...e, sequence: e.sequence + 1, stamp, cancelled: true })),
  ];
};

const escapeText = (text: string): string =>
  text.replace(/[\\;,]/g, (c) => `\\${c}`).replace(/\r?\n/g, '\\n');

/** What a calendar is made from. */
export interface CalendarText {
  name: string;
  entries: readonly PublishedEntry[];
  /** Minutes before the start at which a calendar reminds; null for no reminder. */
  alarmMin: Minutes | null;
  /** How often a subscriber should ask again (RFC 7986, 5.7); left out of files. */
  refreshMin?: Minutes;
  /** The VTIMEZONE of an IANA zone. */
  timeZoneBlock: (zone: string) => string | null;
}

/** An event as the library writes it, in a calendar of its own. */
const addEvent = (calendar: ICalCalendar, entry: PublishedEntry, alarmMin: number | null): void => {
  const start = momentOf(entry.date, entry.startMin, entry.zone);
  const event = calendar.createEvent({
    id: entry.uid,
    sequence: entry.sequence,
    stamp: DateTime.fromISO(entry.stamp, { zone: 'utc' }),
    start,
    end: start.plus({ minutes: entry.lengthMin }),
    timezone: entry.zone,
    summary: entry.summary,
    description: entry.description,
    location: entry.location || null,
    status: entry.cancelled ? ICalEventStatus.CANCELLED : ICalEventStatus.CONFIRMED,
    transparency: entry.cancelled ? ICalEventTransparency.TRANSPARENT : ICalEventTransparency.OPAQUE,
  });
  if (alarmMin !== null && !entry.cancelled)
    event.createAlarm({
      type: ICalAlarmType.display,
      triggerBefore: alarmMin * 60,
      description: entry.summary,
    });
};

const EVENT = /^BEGIN:VEVENT\r\n[\s\S]*?^END:VEVENT\r\n/gm;
/** So many events are kept as they were written: writing one takes a millisecond, and they seldom change. */
const MOST_WRITTEN = 20_000;
const written = new Map<string, string>();

const eventText = (entry: PublishedEntry, alarmMin: number | null): string => {
  const key = `${alarmMin} ${JSON.stringify(entry)}`;
  let text = written.get(key);
  if (text === undefined) {
    const calendar = ical();
    addEvent(calendar, entry, alarmMin);
    text = `${calendar.toString()}\r\n`.match(EVENT)?.[0] ?? '';
    if (written.size >= MOST_WRITTEN) written.clear();
    written.set(key, text);
  }
  return text;
};

/**
 * Planned breaks as an iCalendar text (RFC 5545, RFC 7986): local times with their VTIMEZONE, one event a break,
 * its steps in plain text, a reminder before the start. Breaks that were given out and are not planned any more
 * are there as cancelled.
 */
export const calendarText = ({
  name,
  entries,
  alarmMin,
  refreshMin,
  timeZoneBlock,
}: CalendarText): string => {
  const calendar = ical({
    // The library escapes texts of events and leaves this one as it is (RFC 5545, 3.3.11).
    name: escapeText(name),
    prodId: { company: 'Kotabi', product: 'Week', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
    ...(refreshMin !== undefined && { ttl: refreshMin * 60 }),
    // No zone of the calendar itself: with one, the library writes DTSTAMP in it, and RFC 5545 wants UTC.
    timezone: { name: null, generator: timeZoneBlock },
  });
  // One event of each zone, so that the library writes all that stands around events; then the events themselves.
  const zones = new Map(entries.map((entry) => [entry.zone, entry]));
  for (const entry of zones.values()) addEvent(calendar, entry, alarmMin);
  const frame = calendar.toString();
  if (entries.length === 0) return frame;
  const at = frame.search(EVENT);
  return (
    frame.slice(0, at) +
    entries.map((entry) => eventText(entry, alarmMin)).join('') +
    frame.slice(at).replace(EVENT, '')
  );
};
