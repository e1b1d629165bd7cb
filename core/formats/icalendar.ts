import ical, {
  ICalAlarmType,
  type ICalCalendar,
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
  /** The moment at which it starts, ISO in UTC; what was given out before this was kept has none. */
  startsAt?: string;
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

/**
 * The moment of a minute of a day by the clock on the wall; minutes beyond 1440 are on the next day. A time that is there
 * twice, when the clocks go back, is the first of the two; one that is left out, when they go forward, is the moment at which
 * they do.
 */
export const momentOf = (date: IsoDate, minute: MinuteOfDay, zone: string): DateTime => {
  const day = DateTime.fromISO(date, { zone }).plus({ days: Math.floor(minute / 1440) });
  const [hour, minutes] = [Math.floor((minute % 1440) / 60), minute % 60];
  let at = day.set({ hour, minute: minutes });
  if (at.hour === hour && at.minute === minutes) return at;
  // The library goes on by as much as is left out; back to where it begins to be so late.
  for (let before = at.minus({ minutes: 1 }); before.offset === at.offset; before = at.minus({ minutes: 1 }))
    at = before;
  return at;
};

/** Whether the clocks went forward within the last hours. */
const goneForward = (at: DateTime): boolean => at.offset > at.minus({ hours: 3 }).offset;

/**
 * The breaks of a week that will be held, as calendar entries. Breaks not yet chosen have a plain name. In a night in which
 * the clocks go forward those of the hour that is left out follow each other where it would have been: nothing changes
 * places and nothing overlaps.
 */
export const entriesOf = (
  week: Week,
  group: Pick<Group, 'timeZone' | 'site'>,
  breakOf: (breakId: string) => CalendarBreak | undefined,
): CalendarEntry[] => {
  let free: DateTime | null = null;
  return [...plannedBreaks(week)]
    .sort((a, b) => (a.date === b.date ? a.startMin - b.startMin : a.date < b.date ? -1 : 1))
    .map((planned) => {
      const chosen = planned.breakId ? breakOf(planned.breakId) : undefined;
      const led = planned.led ? LED : '';
      const { lengthMin } = kindOf(week.rule, planned);
      const wall = momentOf(planned.date, planned.startMin, group.timeZone);
      // Just after the clocks went forward the one before may still be going on.
      const start: DateTime = free && free > wall && goneForward(wall) ? free : wall;
      free = start.plus({ minutes: lengthMin });
      return {
        uid: `${week.id}.${planned.id}@kotabi`,
        date: planned.date,
        startMin: planned.startMin,
        startsAt: start.toUTC().toISO({ suppressMilliseconds: true }) ?? '',
        lengthMin,
        zone: group.timeZone,
        summary: led + (chosen ? chosen.name : 'Stretch break'),
        description: chosen ? chosen.lines.join('\n') : 'Stand by for a short stretch break.',
        location: group.site,
      };
    });
};

/** Begins the words of a break that the instructor leads. */
const LED = 'Led: ';

/** True for what the instructor leads. */
export const isLed = ({ summary }: Pick<CalendarEntry, 'summary'>): boolean => summary.startsWith(LED);

/** Entries of a group as the calendar of whoever leads them shows them: only what is led, and for which group. */
export const ledEntries = (entries: readonly PublishedEntry[], groupName: string): PublishedEntry[] =>
  entries
    .filter(isLed)
    // An address of its own, so that following the group's calendar as well shows both.
    .map((e) => ({ ...e, uid: `led.${e.uid}`, summary: `${groupName}: ${e.summary.slice(LED.length)}` }));

/** When an entry starts. */
const momentOfEntry = ({ startsAt, date, startMin, zone }: CalendarEntry): DateTime =>
  startsAt ? DateTime.fromISO(startsAt, { zone: 'utc' }) : momentOf(date, startMin, zone).toUTC();

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

/** What an entry does in a calendar. */
export interface EntryWish {
  /** Minutes before the start at which a calendar reminds; null for no reminder. */
  alarmMin: Minutes | null;
  /** Whoever has it is busy then: nobody else finds the time free. A break need not do that to a whole office. */
  busy?: boolean;
  /** How long an entry is; as long as the break is planned where left out. */
  lengthMin?: Minutes | null;
}

/** What a calendar is made from. */
export interface CalendarText extends EntryWish {
  name: string;
  entries: readonly PublishedEntry[];
  /** How often a subscriber should ask again (RFC 7986, 5.7); left out of files. */
  refreshMin?: Minutes;
}

/** An event as the library writes it, in a calendar of its own. */
const addEvent = (
  calendar: ICalCalendar,
  entry: PublishedEntry,
  { alarmMin, busy, lengthMin }: EntryWish,
): void => {
  // In UTC: the hour that is there twice when the clocks go back cannot be said by the clock on the wall.
  const start = momentOfEntry(entry);
  const event = calendar.createEvent({
    id: entry.uid,
    sequence: entry.sequence,
    stamp: DateTime.fromISO(entry.stamp, { zone: 'utc' }),
    start,
    end: start.plus({ minutes: lengthMin ?? entry.lengthMin }),
    summary: entry.summary,
    description: entry.description,
    location: entry.location || null,
    status: entry.cancelled ? ICalEventStatus.CANCELLED : ICalEventStatus.CONFIRMED,
    transparency: busy && !entry.cancelled ? ICalEventTransparency.OPAQUE : ICalEventTransparency.TRANSPARENT,
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

const eventText = (entry: PublishedEntry, wish: EntryWish): string => {
  const key = `${wish.alarmMin} ${wish.busy} ${wish.lengthMin} ${JSON.stringify(entry)}`;
  let text = written.get(key);
  if (text === undefined) {
    const calendar = ical();
    addEvent(calendar, entry, wish);
    text = `${calendar.toString()}\r\n`.match(EVENT)?.[0] ?? '';
    if (written.size >= MOST_WRITTEN) written.clear();
    written.set(key, text);
  }
  return text;
};

/**
 * Planned breaks as an iCalendar text (RFC 5545, RFC 7986): one event a break with its steps in plain text, times in UTC, a
 * reminder before the start, each line ended. Breaks that were given out and are not planned any more are there as cancelled.
 * No METHOD: that is for invitations, which have an organizer (RFC 5546, 3.2.1).
 */
export const calendarText = ({ name, entries, refreshMin, ...wish }: CalendarText): string => {
  const calendar = ical({
    // The library escapes texts of events and leaves this one as it is (RFC 5545, 3.3.11).
    name: escapeText(name),
    prodId: { company: 'Kotabi', product: 'Week', language: 'EN' },
    ...(refreshMin !== undefined && { ttl: refreshMin * 60 }),
  });
  // One event, so that the library writes all that stands around events; then the events themselves.
  const [first] = entries;
  if (first) addEvent(calendar, first, wish);
  const frame = `${calendar.toString()}\r\n`;
  if (!first) return frame;
  const at = frame.search(EVENT);
  return (
    frame.slice(0, at) +
    entries.map((entry) => eventText(entry, wish)).join('') +
    frame.slice(at).replace(EVENT, '')
  );
};
