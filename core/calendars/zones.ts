import ICAL from 'ical.js';
import { DateTime, IANAZone } from 'luxon';

/** A zone by its rules in the system's tz database, which knows past years as well. */
class SystemZone extends ICAL.Timezone {
  constructor(private readonly iana: string) {
    super({ tzid: iana } as never);
  }

  /** Seconds east of UTC at a local time. */
  override utcOffset({ year, month, day, hour, minute, second }: ICAL.Time): number {
    const time = { year, month, day, hour, minute, second };
    return DateTime.fromObject(time, { zone: this.iana }).offset * 60;
  }
}

/** Every zone that a component or one of its parts names. */
const namedZones = (component: ICAL.Component, into = new Set<string>()): Set<string> => {
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
  return [3, 2, 1].map((n) => words.slice(-n).join('/')).find((name) => IANAZone.isValidZone(name));
};

/**
 * Makes known the zones that a calendar names without defining them. Gives the first one that nobody knows, or
 * null. What is made known for the whole program are names of the tz database only, which mean the same in every
 * file; a file's own definition goes before them.
 */
export const unknownZone = (calendar: ICAL.Component): string | null => {
  const defined = new Set(
    calendar.getAllSubcomponents('vtimezone').map((z) => String(z.getFirstPropertyValue('tzid'))),
  );
  for (const zone of namedZones(calendar)) {
    if (defined.has(zone) || ICAL.TimezoneService.has(zone)) continue;
    const iana = ianaOf(zone);
    if (iana === undefined) return zone;
    ICAL.TimezoneService.register(new SystemZone(iana), zone);
  }
  return null;
};
