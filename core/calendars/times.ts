import ICAL from 'ical.js';
import { DateTime } from 'luxon';
import { type ReadOptions, type ReadTime, Skip } from './found';
import { isRealDate } from './lines';
import { instancesOf } from './series';

/** Instances of one series that are looked at. */
export const MOST_INSTANCES = 20_000;
/** Nothing that people are busy with lasts longer, ms. */
const LONGEST_MS = 366 * 86_400_000;

/** The name of an event, the same in every reading of its calendar. */
export const uidOf = (event: ICAL.Component): string =>
  String(event.getFirstPropertyValue('uid') ?? 'without UID');

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
export const timesOf = (
  main: ICAL.Component,
  exceptions: ICAL.Component[],
  options: ReadOptions,
): ReadTime[] => {
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
export const freeBusy = (component: ICAL.Component, { fromMs, untilMs, zone }: ReadOptions): ReadTime[] =>
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
