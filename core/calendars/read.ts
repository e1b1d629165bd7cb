import ICAL from 'ical.js';
import { DateTime } from 'luxon';
import { Endless, instancesOf } from './series';
import { unknownZone } from './zones';

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

/** Why a calendar cannot be read. */
export type CalendarProblem =
  | { code: 'tooLarge'; bytes: number; most: number }
  | { code: 'notCalendar'; reason: string }
  | { code: 'unknownZone'; zone: string }
  | { code: 'tooMany'; events: number; most: number }
  | { code: 'endless'; uid: string; most: number }
  | { code: 'badEvent'; uid: string; reason: string };

export type CalendarRead =
  | { ok: true; times: ReadTime[]; events: number; cancelled: number }
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
export const MOST_INSTANCES = 50_000;

class Unreadable extends Error {
  constructor(readonly problem: CalendarProblem) {
    super(problem.code);
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

const endOf = ({ start, end, duration }: ICAL.Period): ICAL.Time => {
  if (end) return end;
  const until = start.clone();
  if (duration) until.addDuration(duration);
  return until;
};

const isPeriod = (value: ICAL.Time | ICAL.Period): value is ICAL.Period => value.icalclass === 'icalperiod';

/** The times of one event: itself, or the instances of its series within the stretch asked for. */
const timesOf = (main: ICAL.Component, exceptions: ICAL.Component[], options: ReadOptions): ReadTime[] => {
  const { fromMs, untilMs, zone, keepTitles } = options;
  const uid = uidOf(main);
  const times: ReadTime[] = [];
  const keep = (component: ICAL.Component, start: ICAL.Time, end: ICAL.Time, instance: string): void => {
    const [startMs, endMs] = [msOf(start, zone), msOf(end, zone)];
    if (endMs < startMs) throw new Unreadable({ code: 'badEvent', uid, reason: 'it ends before it starts' });
    if (endMs <= startMs || endMs <= fromMs || startMs >= untilMs) return;
    const title = keepTitles ? String(component.getFirstPropertyValue('summary') ?? '') : null;
    times.push({
      key: `${uid}|${instance}`,
      startMs,
      endMs,
      allDay: start.isDate,
      show: showOf(component),
      title,
    });
  };
  const isCancelled = (c: ICAL.Component): boolean => c.getFirstPropertyValue('status') === 'CANCELLED';
  // The exceptions are given as none, or the library looks for them among all events, for each event anew.
  const changed = exceptions.map((component) => ({
    component,
    event: new ICAL.Event(component, { exceptions: [] }),
    ofMs: msOf(component.getFirstPropertyValue('recurrence-id') as ICAL.Time, zone),
    andFuture: component.getFirstProperty('recurrence-id')?.getFirstParameter('range') === 'THISANDFUTURE',
  }));
  for (const { component, event } of changed)
    if (!isCancelled(component))
      keep(component, event.startDate, event.endDate, String(event.recurrenceId ?? ''));
  if (isCancelled(main)) return times;

  const event = new ICAL.Event(main, { exceptions: [] });
  const { startDate, duration } = event;
  const rdates = valuesOf<ICAL.Time | ICAL.Period>(main, 'rdate');
  for (const period of rdates.filter(isPeriod))
    keep(main, period.start, endOf(period), period.start.toString());
  const rules = valuesOf<ICAL.Recur>(main, 'rrule');
  if (rules.length === 0 && rdates.length === 0) {
    keep(main, startDate, event.endDate, String(event.recurrenceId ?? ''));
    return times;
  }
  const moment = (ms: number): ICAL.Time => {
    const time = ICAL.Time.fromJSDate(new Date(ms), true);
    return startDate.zone === ICAL.Timezone.localTimezone ? time : time.convertToZone(startDate.zone);
  };
  // A day's room on both sides, for long events and for zones.
  const room = 86_400_000 + duration.toSeconds() * 1000;
  const without = new Set(valuesOf<ICAL.Time>(main, 'exdate').map((t) => msOf(t, zone)));
  const instances = [
    ...instancesOf(startDate, rules, moment(fromMs - room), moment(untilMs + room), MOST_INSTANCES),
    ...rdates.filter((v): v is ICAL.Time => !isPeriod(v)),
  ];
  const seen = new Set<number>();
  for (const instance of instances) {
    const ms = msOf(instance, zone);
    if (without.has(ms) || seen.has(ms) || changed.some((c) => c.ofMs === ms)) continue;
    seen.add(ms);
    const last = changed.filter((c) => c.andFuture && c.ofMs <= ms).sort((a, b) => b.ofMs - a.ofMs)[0];
    if (last && isCancelled(last.component)) continue;
    const start = instance.clone();
    if (last) start.addDuration(last.event.startDate.subtractDateTz(last.event.recurrenceId));
    const end = start.clone();
    end.addDuration(last?.event.duration ?? duration);
    keep(last?.component ?? main, start, end, instance.toString());
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
      if (endMs <= fromMs || startMs >= untilMs || endMs <= startMs) return [];
      const show = type === 'FREE' ? 'free' : type === 'BUSY-TENTATIVE' ? 'tentative' : 'busy';
      return [
        { key: `free/busy|${period.start.toString()}`, startMs, endMs, allDay: false, show, title: null },
      ];
    });
  });

const parseText = (text: string): ICAL.Component[] => {
  const bytes = new TextEncoder().encode(text).length;
  if (bytes > MOST_BYTES) throw new Unreadable({ code: 'tooLarge', bytes, most: MOST_BYTES });
  if (!/^\uFEFF?\s*BEGIN:VCALENDAR/i.test(text))
    throw new Unreadable({ code: 'notCalendar', reason: 'it does not begin with BEGIN:VCALENDAR' });
  if (!/END:VCALENDAR\s*$/i.test(text))
    throw new Unreadable({
      code: 'notCalendar',
      reason: 'it ends before END:VCALENDAR; something is cut off',
    });
  try {
    const parsed = ICAL.parse(text.replace(/^\uFEFF/, '')) as unknown[];
    const list = Array.isArray(parsed[0]) ? parsed : [parsed];
    return list.map((c) => new ICAL.Component(c as never));
  } catch (error) {
    throw new Unreadable({ code: 'notCalendar', reason: (error as Error).message.slice(0, 160) });
  }
};

/**
 * Reads an iCalendar file (RFC 5545): single events and series with their rules, exceptions, extra dates and
 * changed instances, time zones also when the file defines them itself, all-day events, free/busy marks and
 * VFREEBUSY. Cancelled events are left out. Nothing but times is given unless titles are asked for. A file that
 * cannot be read as a whole gives one problem and no times.
 */
export const readCalendar = (text: string, options: ReadOptions): CalendarRead => {
  try {
    const times: ReadTime[] = [];
    let events = 0;
    let cancelled = 0;
    for (const calendar of parseText(text)) {
      const all = calendar.getAllSubcomponents('vevent');
      events += all.length;
      if (events > MOST_EVENTS) throw new Unreadable({ code: 'tooMany', events, most: MOST_EVENTS });
      const unknown = unknownZone(calendar);
      if (unknown !== null) throw new Unreadable({ code: 'unknownZone', zone: unknown });
      cancelled += all.filter((e) => e.getFirstPropertyValue('status') === 'CANCELLED').length;
      const byUid = new Map<string, ICAL.Component[]>();
      for (const [i, event] of all.entries()) {
        // Events without an identity stand for themselves.
        const uid = event.hasProperty('uid') ? uidOf(event) : `without UID ${i}`;
        byUid.set(uid, [...(byUid.get(uid) ?? []), event]);
      }
      for (const [uid, list] of byUid) times.push(...ofOneUid(uid, list, options));
      for (const component of calendar.getAllSubcomponents('vfreebusy'))
        times.push(...freeBusy(component, options));
    }
    times.sort((a, b) => a.startMs - b.startMs || a.endMs - b.endMs || (a.key < b.key ? -1 : 1));
    return { ok: true, times, events, cancelled };
  } catch (error) {
    if (error instanceof Unreadable) return { ok: false, problem: error.problem };
    throw error;
  }
};

const ofOneUid = (uid: string, list: ICAL.Component[], options: ReadOptions): ReadTime[] => {
  const mains = list.filter((e) => !e.hasProperty('recurrence-id'));
  const exceptions = list.filter((e) => e.hasProperty('recurrence-id'));
  for (const event of list)
    if (!event.hasProperty('dtstart'))
      throw new Unreadable({ code: 'badEvent', uid, reason: 'it has no start (DTSTART)' });
  try {
    const [main, ...more] = mains;
    // Changed instances whose series is not in the file stand for themselves.
    if (!main) return exceptions.flatMap((e) => timesOf(e, [], options));
    return [main, ...more].flatMap((m, i) => timesOf(m, i === 0 ? exceptions : [], options));
  } catch (error) {
    if (error instanceof Unreadable) throw error;
    if (error instanceof Endless) throw new Unreadable({ code: 'endless', uid, most: MOST_INSTANCES });
    throw new Unreadable({ code: 'badEvent', uid, reason: (error as Error).message.slice(0, 160) });
  }
};
