import ICAL from 'ical.js';
import { IANAZone } from 'luxon';
import { findIana } from 'windows-iana';
import { ZoneClock } from './offsets';

/** A zone by its rules in the system's tz database, which knows past years as well. */
class SystemZone extends ICAL.Timezone {
  private readonly clock: ZoneClock;

  constructor(iana: string) {
    super({ tzid: iana } as never);
    this.clock = new ZoneClock(iana);
  }

  /** Seconds east of UTC at a local time. */
  override utcOffset({ year, month, day, hour, minute, second }: ICAL.Time): number {
    return this.clock.offsetAt(Date.UTC(year, month - 1, day, hour, minute, second)) * 60;
  }
}

/** Every zone that a component or one of its parts names. */
export const namedZones = (component: ICAL.Component, into = new Set<string>()): Set<string> => {
  for (const property of component.getAllProperties()) {
    const tzid = property.getFirstParameter('tzid');
    if (tzid) into.add(tzid);
  }
  for (const part of component.getAllSubcomponents()) namedZones(part, into);
  return into;
};

/** The IANA name in a zone's name, which may carry a path in front, as in `/example.org/Europe/Lisbon`. */
const ianaOf = (zone: string): string | undefined => {
  const words = zone.split('/').filter((w) => w !== '');
  const found = [3, 2, 1].map((n) => words.slice(-n).join('/')).find((name) => IANAZone.isValidZone(name));
  // Windows has names of its own for zones.
  return found ?? findIana(zone)[0];
};

/**
 * Makes known the zones that a calendar names without defining them. Gives those that nobody knows, and those that it
 * defines by rules that would never be done with. What is made known for the whole program are names of the tz database only, which mean the same in every
 * file; a file's own definition goes before them.
 */
export const unknownZones = (calendar: ICAL.Component): Set<string> => {
  const unknown = new Set<string>();
  const defined = new Set(
    calendar.getAllSubcomponents('vtimezone').map((z) => String(z.getFirstPropertyValue('tzid'))),
  );
  for (const zone of namedZones(calendar)) {
    if (defined.has(zone) || ICAL.TimezoneService.has(zone)) continue;
    const iana = ianaOf(zone);
    if (iana === undefined) unknown.add(zone);
    else ICAL.TimezoneService.register(new SystemZone(iana), zone);
  }
  for (const zone of calendar.getAllSubcomponents('vtimezone'))
    if (!isTame(zone)) unknown.add(String(zone.getFirstPropertyValue('tzid')));
  return unknown;
};

/** The parts of a rule by which clocks are changed somewhere, with what they may say. */
const CLOCK_RULE: Record<string, RegExp> = {
  FREQ: /^YEARLY$/,
  INTERVAL: /^1$/,
  BYMONTH: /^([1-9]|1[0-2])$/,
  BYDAY: /^([+-]?[1-5])?(MO|TU|WE|TH|FR|SA|SU)$/,
  BYMONTHDAY: /^-?([1-9]|[12]\d|3[01])(,-?([1-9]|[12]\d|3[01]))*$/,
  UNTIL: /^[\dTZ:-]+$/,
  COUNT: /^[1-9]\d{0,3}$/,
  WKST: /^[A-Z]{2}$/,
};
/** Days that every month that is named really has. */
const hasItsDays = (parts: ReadonlyMap<string, string>): boolean => {
  const last = new Date(Date.UTC(2028, Number(parts.get('BYMONTH') ?? 1), 0)).getUTCDate();
  return (parts.get('BYMONTHDAY') ?? '1').split(',').some((day) => Math.abs(Number(day)) <= last);
};
const isClockRule = (rule: string): boolean => {
  const parts = new Map(
    rule.split(';').map((part): [string, string] => {
      const [name = '', value = ''] = part.split('=');
      return [name, value];
    }),
  );
  return [...parts].every(([name, value]) => CLOCK_RULE[name]?.test(value)) && hasItsDays(parts);
};

/** A zone of a file whose clocks change once a year by a rule that has an end to it, from a year one can count from. */
const isTame = (zone: ICAL.Component): boolean =>
  [...zone.getAllSubcomponents('standard'), ...zone.getAllSubcomponents('daylight')].every((part) => {
    const start = part.getFirstPropertyValue('dtstart');
    return (
      start instanceof ICAL.Time &&
      start.year >= 1600 &&
      start.year <= 2200 &&
      part.getAllProperties('rrule').every((p) => isClockRule(String(p.getFirstValue())))
    );
  });
