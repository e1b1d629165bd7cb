import type ICAL from 'ical.js';
import { type CalendarRead, type ReadOptions, type ReadTime, Skip, type Skipped, Unreadable } from './found';
import { parseText } from './parse';
import { Endless } from './series';
import { freeBusy, MOST_INSTANCES, timesOf, uidOf } from './times';
import { namedZones, unknownZones } from './zones';

/** Events of one calendar that are read. */
export const MOST_EVENTS = 10_000;
/** Times that one calendar can give. */
const MOST_TIMES = 100_000;

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
