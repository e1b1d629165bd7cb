import { IANAZone } from 'luxon';

const DAY_MS = 86_400_000;
/** Clocks are looked at so often: no zone changes them there and back within a week. */
const STEP_MS = 7 * DAY_MS;

/** A change of the clocks: when, and the minutes east of UTC before and after. */
interface Change {
  utcMs: number;
  before: number;
  after: number;
}

/** The moment, to the minute, at which the clocks change between two moments. */
const momentOf = (zone: IANAZone, from: number, until: number): number => {
  const before = zone.offset(from);
  let [low, high] = [from, until];
  while (high - low > 60_000) {
    const middle = low + Math.floor((high - low) / 120_000) * 60_000;
    if (middle === low) break;
    if (zone.offset(middle) === before) low = middle;
    else high = middle;
  }
  return high;
};

const changesIn = (zone: IANAZone, year: number): Change[] => {
  const changes: Change[] = [];
  const end = Date.UTC(year + 1, 0, 2);
  let at = Date.UTC(year, 0, 1) - DAY_MS;
  let before = zone.offset(at);
  while (at < end) {
    const next = Math.min(at + STEP_MS, end);
    const after = zone.offset(next);
    if (after !== before) changes.push({ utcMs: momentOf(zone, at, next), before, after });
    at = next;
    before = after;
  }
  return changes;
};

/** What a zone's clocks say over one year: where they stand at its start, and their changes. */
interface Year {
  first: number;
  changes: Change[];
}

/** The clocks of a zone of the tz database, worked out once for each year that is asked for. */
export class ZoneClock {
  private readonly zone: IANAZone;
  private readonly years = new Map<number, Year>();

  constructor(name: string) {
    this.zone = IANAZone.create(name);
  }

  private yearOf(year: number): Year {
    let known = this.years.get(year);
    if (!known) {
      known = {
        first: this.zone.offset(Date.UTC(year, 0, 1) - DAY_MS),
        changes: changesIn(this.zone, year),
      };
      this.years.set(year, known);
    }
    return known;
  }

  /**
   * Minutes east of UTC at a local time, given as if it were UTC. A time that the clocks jump over is told by the clock
   * of before the jump, and of one that comes twice the first is meant (RFC 5545, 3.3.5).
   */
  offsetAt(localMs: number): number {
    const { first, changes } = this.yearOf(new Date(localMs).getUTCFullYear());
    let offset = first;
    for (const { utcMs, before, after } of changes) {
      if (localMs < utcMs + Math.max(before, after) * 60_000) break;
      offset = after;
    }
    return offset;
  }
}
