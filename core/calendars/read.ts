import ICAL from 'ical.js';
import { DateTime } from 'luxon';
import { isRealDate, tidyLines } from './lines';
import { Endless, instancesOf } from './series';
import { namedZones, unknownZones } from './zones';

/** One time of a calendar, as it will happen. */
export interface ReadTime {
  /** The same for the same event (and the same instance of a series) in every reading of its calendar. */
  key: string;
  /** Milliseconds since 1970 UTC; the end is not included. */
  startMs: number;
  endMs: number;
  allDay: boolean;
  show: 'busy' | 'tentative' | 'free';
  /** Null unless titles were asked for. */
  title: string | null;
}

/** Why a calendar cannot be read at all. */
export type CalendarProblem =
  | { code: 'tooLarge'; bytes: number; most: number }
  | { code: 'notCalendar'; reason: string }
  | { code: 'tooMany'; events: number; most: number };

/** Why one event of a calendar is left out. */
export type Skipped =
  | { code: 'unknownZone'; uid: string; zone: string }
  | { code: 'endless'; uid: string; most: number }
  | { code: 'badEvent'; uid: string; reason: string }
  | { code: 'badLine'; uid: ''; lines: number };

export type CalendarRead =
  | { ok: true; times: ReadTime[]; events: number; cancelled: number; skipped: Skipped[] }
  | { ok: false; problem: CalendarProblem };

export interface ReadOptions {
  /** Only what touches this stretch of time is given, ms since 1970 UTC. */
  fromMs: number;
  untilMs: number;
  /** Zone of times that name none. */
  zone: string;
  keepTitles: boolean;
}

/** Largest calendar that is read: room for 10,000 events with long texts. */
export const MOST_BYTES = 20_000_000;
export const MOST_EVENTS = 10_000;
/** Instances of one series that are looked at. */
export const MOST_INSTANCES = 20_000;
/** Times that one calendar can give. */
const MOST_TIMES = 100_000;
/** Nothing that people are busy with lasts longer, ms. */
const LONGEST_MS = 366 * 86_400_000;

class Unreadable extends Error {
  constructor(readonly problem: CalendarProblem) {
    super(problem.code);
  }
}
/** One event that has to be left out. */
class Skip extends Error {
  constructor(readonly skipped: Skipped) {
    super(skipped.code);
  }
}

const uidOf = (event: ICAL.Component): string => String(event.getFirstPropertyValue('uid') ?? 'without UID');

/** Milliseconds since 1970 UTC; a time without a zone is one of the reader's own. */
const msOf = (time: ICAL.Time, zone: string): number => {
  const floating = time.isDate || time.zone === ICAL.Timezone.localTimezone;
  if (!floating) return time.toUnixTime() * 1000;
  const { year, month, day, hour, minute, second } = time;
  return DateTime.fromObject({ year, month, day, hour, minute, second }, { zone }).toMillis();
};

const showOf = (event: ICAL.Component): ReadTime['show'] => {
  if (event.getFirstPropertyValue('transp') === 'TRANSPARENT') return 'free';
  return event.getFirstPropertyValue('status') === 'TENTATIVE' ? 'tentative' : 'busy';
};

/** All values of a property that may come several times, each with several. */
const valuesOf = <T>(event: ICAL.Component, name: string): T[] =>
  event.getAllProperties(name).flatMap((p) => p.getValues() as unknown as T[]);

const isTooLong = (length: ICAL.Duration): boolean => !(Math.abs(length.toSeconds()) * 1000 <= LONGEST_MS);

const endOf = ({ start, end, duration }: ICAL.Period): ICAL.Time => {
  if (end) return end;
  if (duration && isTooLong(duration))
    throw new Skip({ code: 'badEvent', uid: start.toString(), reason: 'it lasts longer than a year' });
  const until = start.clone();
  if (duration) until.addDuration(duration);
  return until;
};

/** What an event says that is no date of any year. */
const unreal = (event: ICAL.Component): string | undefined =>
  DATED.flatMap((name) => event.getAllProperties(name))
    .flatMap((p) => (p.jCal as unknown[]).slice(3))
    .find((value): value is string => typeof value === 'string' && !isRealDate(value));
const DATED = ['dtstart', 'dtend', 'recurrence-id', 'exdate', 'rdate'] as const;

const isPeriod = (value: ICAL.Time | ICAL.Period): value is ICAL.Period => value.icalclass === 'icalperiod';

/** Which instance of a series a changed one stands for. */
interface Changed {
  ofMs: number;
  /** The day it is of, where it names no time. */
  ofDay: string | null;
}
/** Whether a changed instance is of an instance of the series; one that names only the day is of that day's. */
const isOf = ({ ofMs, ofDay }: Changed, instance: ICAL.Time, ms: number): boolean =>
  ofMs === ms || (ofDay !== null && !instance.isDate && ofDay === dayOf(instance));
const dayNamed = (time: ICAL.Time): string | null => (time.isDate ? dayOf(time) : null);
const dayOf = ({ year, month, day }: ICAL.Time): string => `${year}-${month}-${day}`;

/**
 * When an event, or an instance of a series, ends. One with an end, or with a length in hours, lasts exactly as long
 * each time, also over a change of the clocks; days and weeks are by the calendar (RFC 5545, 3.8.5.3 and 3.3.6).
 */
const endAfter = (event: ICAL.Event, zone: string): ((start: ICAL.Time, startMs: number) => number) => {
  const { duration, startDate } = event;
  if (!startDate.isDate && event.component.hasProperty('dtend')) {
    const lengthMs = msOf(event.endDate, zone) - msOf(startDate, zone);
    return (_, startMs) => startMs + lengthMs;
  }
  if (duration.weeks === 0 && duration.days === 0) {
    const lengthMs = duration.toSeconds() * 1000;
    return (_, startMs) => startMs + lengthMs;
  }
  return (start) => {
    const end = start.clone();
    end.addDuration(duration);
    return msOf(end, zone);
  };
};
/** When an event that stands for itself ends. */
const endOfEvent = (event: ICAL.Event, zone: string): number =>
  endAfter(event, zone)(event.startDate, msOf(event.startDate, zone));

/** The times of one event: itself, or the instances of its series within the stretch asked for. */
const timesOf = (main: ICAL.Component, exceptions: ICAL.Component[], options: ReadOptions): ReadTime[] => {
  const { fromMs, untilMs, zone, keepTitles } = options;
  const uid = uidOf(main);
  const times: ReadTime[] = [];
  const bad = (reason: string): never => {
    throw new Skip({ code: 'badEvent', uid, reason });
  };
  for (const component of [main, ...exceptions]) {
    const date = unreal(component);
    if (date !== undefined) bad(`there is no ${date.slice(0, 10)}`);
    // Looked at before it is added to anything: the library counts long ones out day by day.
    const length = component.getFirstPropertyValue('duration');
    if (length instanceof ICAL.Duration && isTooLong(length)) bad('it lasts longer than a year');
  }
  const shown = new Map([main, ...exceptions].map((c) => [c, showOf(c)]));
  const keep = (component: ICAL.Component, start: ICAL.Time, endMs: number, instance: string): void => {
    const startMs = msOf(start, zone);
    if (endMs < startMs) bad('it ends before it starts');
    if (endMs - startMs > LONGEST_MS) bad('it lasts longer than a year');
    if (endMs <= startMs || endMs <= fromMs || startMs >= untilMs) return;
    const title = keepTitles ? String(component.getFirstPropertyValue('summary') ?? '') : null;
    times.push({
      key: `${uid}|${instance}`,
      startMs,
      endMs,
      allDay: start.isDate,
      show: shown.get(component) ?? 'busy',
      title,
    });
  };
  const isCancelled = (c: ICAL.Component): boolean => c.getFirstPropertyValue('status') === 'CANCELLED';
  // The exceptions are given as none, or the library looks for them among all events, for each event anew.
  const changed = exceptions.map((component) => ({
    component,
    event: new ICAL.Event(component, { exceptions: [] }),
    ofMs: msOf(component.getFirstPropertyValue('recurrence-id') as ICAL.Time, zone),
    ofDay: dayNamed(component.getFirstPropertyValue('recurrence-id') as ICAL.Time),
    andFuture: component.getFirstProperty('recurrence-id')?.getFirstParameter('range') === 'THISANDFUTURE',
  }));
  for (const { component, event } of changed)
    if (!isCancelled(component))
      keep(component, event.startDate, endOfEvent(event, zone), String(event.recurrenceId ?? ''));
  if (isCancelled(main)) return times;

  const event = new ICAL.Event(main, { exceptions: [] });
  const { startDate, duration } = event;
  const rdates = valuesOf<ICAL.Time | ICAL.Period>(main, 'rdate');
  for (const period of rdates.filter(isPeriod))
    keep(main, period.start, msOf(endOf(period), zone), period.start.toString());
  const rules = valuesOf<ICAL.Recur>(main, 'rrule');
  if (rules.length === 0 && rdates.length === 0) {
    keep(main, startDate, endOfEvent(event, zone), String(event.recurrenceId ?? ''));
    return times;
  }
  const moment = (ms: number): ICAL.Time => {
    const time = ICAL.Time.fromJSDate(new Date(ms), true);
    return startDate.zone === ICAL.Timezone.localTimezone ? time : time.convertToZone(startDate.zone);
  };
  if (isTooLong(duration)) bad('it lasts longer than a year');
  // A day's room on both sides, for long events and for zones.
  const room = 86_400_000 + Math.abs(duration.toSeconds()) * 1000;
  const without = new Set(valuesOf<ICAL.Time>(main, 'exdate').map((t) => msOf(t, zone)));
  const instances = [
    ...instancesOf(startDate, rules, moment(fromMs - room), moment(untilMs + room), MOST_INSTANCES),
    ...rdates.filter((v): v is ICAL.Time => !isPeriod(v)),
  ];
  const seen = new Set<number>();
  const ends = endAfter(event, zone);
  // Those from which on the series is another one, the latest first.
  const lasting = changed.filter((c) => c.andFuture).sort((a, b) => b.ofMs - a.ofMs);
  for (const instance of instances) {
    const ms = msOf(instance, zone);
    if (without.has(ms) || seen.has(ms) || changed.some((c) => isOf(c, instance, ms))) continue;
    seen.add(ms);
    const last = lasting.find((c) => c.ofMs <= ms);
    if (last && isCancelled(last.component)) continue;
    if (!last) {
      keep(main, instance, ends(instance, ms), instance.toString());
      continue;
    }
    const start = instance.clone();
    start.addDuration(last.event.startDate.subtractDateTz(last.event.recurrenceId));
    keep(last.component, start, endAfter(last.event, zone)(start, msOf(start, zone)), instance.toString());
  }
  return times;
};

/** The busy stretches that a free/busy component lists. */
const freeBusy = (component: ICAL.Component, { fromMs, untilMs, zone }: ReadOptions): ReadTime[] =>
  component.getAllProperties('freebusy').flatMap((property) => {
    const type = String(property.getParameter('fbtype') ?? 'BUSY');
    return (property.getValues() as unknown as ICAL.Period[]).flatMap((period): ReadTime[] => {
      const startMs = msOf(period.start, zone);
      const endMs = msOf(endOf(period), zone);
      if (endMs - startMs > LONGEST_MS)
        throw new Skip({ code: 'badEvent', uid: 'free/busy', reason: 'it lasts longer than a year' });
      if (endMs <= fromMs || startMs >= untilMs || endMs <= startMs) return [];
      const show = type === 'FREE' ? 'free' : type === 'BUSY-TENTATIVE' ? 'tentative' : 'busy';
      return [
        { key: `free/busy|${period.start.toString()}`, startMs, endMs, allDay: false, show, title: null },
      ];
    });
  });

/** Everything between the lines of one event (or zone, or list of busy times), these lines included. */
const PART = /^BEGIN:(VEVENT|VFREEBUSY|VTIMEZONE)\r\n[\s\S]*?^END:\1$\r?\n?/gim;

/** Parses a text. Where the parser refuses it, each part is tried by itself, and those that it refuses are left out. */
const parseParts = (text: string): { parsed: unknown[]; broken: Skipped[] } => {
  try {
    return { parsed: ICAL.parse(text), broken: [] };
  } catch (whole) {
    const broken: Skipped[] = [];
    const rest = text.replace(PART, (part) => {
      try {
        ICAL.parse(part);
        return part;
      } catch (error) {
        const uid = /^UID:(.*)$/im.exec(part)?.[1]?.trim() ?? 'without UID';
        broken.push({ code: 'badEvent', uid, reason: (error as Error).message.slice(0, 160) });
        return '';
      }
    });
    if (broken.length === 0) throw whole;
    return { parsed: ICAL.parse(rest), broken };
  }
};

const parseText = (whole: string): { calendars: ICAL.Component[]; dropped: number; broken: Skipped[] } => {
  const bytes = new TextEncoder().encode(whole).length;
  if (bytes > MOST_BYTES) throw new Unreadable({ code: 'tooLarge', bytes, most: MOST_BYTES });
  const { text, dropped } = tidyLines(whole.replace(/^\uFEFF/, ''));
  if (!/^\s*BEGIN:VCALENDAR/i.test(text))
    throw new Unreadable({ code: 'notCalendar', reason: 'it does not begin with BEGIN:VCALENDAR' });
  if (!/END:VCALENDAR\s*$/i.test(text))
    throw new Unreadable({
      code: 'notCalendar',
      reason: 'it ends before END:VCALENDAR; something is cut off',
    });
  try {
    const { parsed, broken } = parseParts(text);
    const list = Array.isArray(parsed[0]) ? parsed : [parsed];
    return { calendars: list.map((c) => new ICAL.Component(c as never)), dropped, broken };
  } catch (error) {
    throw new Unreadable({ code: 'notCalendar', reason: (error as Error).message.slice(0, 160) });
  }
};

/** Looks each zone up once: the library looks through all events for one that the file does not define, at every time. */
const rememberZones = (calendar: ICAL.Component): void => {
  const known = new Map<string, ICAL.Timezone | null>();
  const find = calendar.getTimeZoneByID.bind(calendar);
  // The library says that it always finds one, and gives null where it does not.
  calendar.getTimeZoneByID = (zone): ICAL.Timezone => {
    let found = known.get(zone);
    if (found === undefined) {
      found = find(zone);
      known.set(zone, found);
    }
    return found as ICAL.Timezone;
  };
};

/**
 * Reads an iCalendar file (RFC 5545): single events and series with their rules, exceptions, extra dates and
 * changed instances, time zones also when the file defines them itself, all-day events, free/busy marks and
 * VFREEBUSY. Cancelled events are left out. Nothing but times is given unless titles are asked for. An event that
 * cannot be read is named and left out, the others are given; only what is no calendar gives one problem and no times.
 */
export const readCalendar = (text: string, options: ReadOptions): CalendarRead => {
  try {
    const times: ReadTime[] = [];
    let events = 0;
    let cancelled = 0;
    const { calendars, dropped, broken } = parseText(text);
    const skipped = [...broken];
    if (dropped > 0) skipped.push({ code: 'badLine', uid: '', lines: dropped });
    /** Adds what some work gives; what it cannot read is named instead. */
    const add = (uid: string, work: () => ReadTime[]): void => {
      const found = orSkipped(uid, work);
      if (Array.isArray(found)) times.push(...found);
      else skipped.push(found);
      if (times.length > MOST_TIMES)
        throw new Unreadable({ code: 'tooMany', events: times.length, most: MOST_TIMES });
    };
    for (const calendar of calendars) {
      const all = calendar.getAllSubcomponents('vevent');
      events += all.length;
      if (events > MOST_EVENTS) throw new Unreadable({ code: 'tooMany', events, most: MOST_EVENTS });
      const unknown = unknownZones(calendar);
      rememberZones(calendar);
      cancelled += all.filter((e) => e.getFirstPropertyValue('status') === 'CANCELLED').length;
      const byUid = new Map<string, ICAL.Component[]>();
      for (const [i, event] of all.entries()) {
        // Events without an identity stand for themselves.
        const uid = event.hasProperty('uid') ? uidOf(event) : `without UID ${i}`;
        byUid.set(uid, [...(byUid.get(uid) ?? []), event]);
      }
      for (const [uid, list] of byUid)
        add(uid, () => {
          const zone = list.flatMap((event) => [...namedZones(event)]).find((name) => unknown.has(name));
          if (zone !== undefined) throw new Skip({ code: 'unknownZone', uid, zone });
          return ofOneUid(uid, list, options);
        });
      for (const component of calendar.getAllSubcomponents('vfreebusy'))
        add('free/busy', () => freeBusy(component, options));
    }
    times.sort((a, b) => a.startMs - b.startMs || a.endMs - b.endMs || (a.key < b.key ? -1 : 1));
    return { ok: true, times, events, cancelled, skipped };
  } catch (error) {
    if (error instanceof Unreadable) return { ok: false, problem: error.problem };
    throw error;
  }
};

/** What some work gives; or, where an event is beyond reading, what is said of it. */
const orSkipped = (uid: string, work: () => ReadTime[]): ReadTime[] | Skipped => {
  try {
    return work();
  } catch (error) {
    if (error instanceof Unreadable) throw error;
    if (error instanceof Skip) return error.skipped;
    if (error instanceof Endless) return { code: 'endless', uid, most: MOST_INSTANCES };
    // The libraries throw whatever they like at what they cannot read.
    return { code: 'badEvent', uid, reason: (error as Error).message.slice(0, 160) };
  }
};

const sequenceOf = (event: ICAL.Component): [number, string] => [
  Number(event.getFirstPropertyValue('sequence') ?? 0),
  String(event.getFirstPropertyValue('dtstamp') ?? ''),
];
/** The newest state of an event that comes in several: the highest sequence, then the latest stamp. */
const newest = (events: readonly ICAL.Component[]): ICAL.Component | undefined =>
  events.reduce<ICAL.Component | undefined>((best, event) => {
    if (!best) return event;
    const [a, b] = [sequenceOf(best), sequenceOf(event)];
    return b[0] > a[0] || (b[0] === a[0] && b[1] >= a[1]) ? event : best;
  }, undefined);

const ofOneUid = (uid: string, list: ICAL.Component[], options: ReadOptions): ReadTime[] => {
  for (const event of list)
    if (!event.hasProperty('dtstart'))
      throw new Skip({ code: 'badEvent', uid, reason: 'it has no start (DTSTART)' });
  const main = newest(list.filter((e) => !e.hasProperty('recurrence-id')));
  // An instance that was changed several times comes several times as well.
  const byInstance = new Map<string, ICAL.Component[]>();
  for (const event of list.filter((e) => e.hasProperty('recurrence-id'))) {
    const of = String(event.getFirstPropertyValue('recurrence-id'));
    byInstance.set(of, [...(byInstance.get(of) ?? []), event]);
  }
  const exceptions = [...byInstance.values()].flatMap((events) => newest(events) ?? []);
  // Changed instances whose series is not in the file stand for themselves.
  return main ? timesOf(main, exceptions, options) : exceptions.flatMap((e) => timesOf(e, [], options));
};
