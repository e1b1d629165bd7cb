import type { DayInput, MinuteOfDay } from '../model';

/** What a count is about: breaks of one kind, or within a stretch of the day, or all of them. */
export interface CountOf {
  kindId?: string;
  fromMin?: MinuteOfDay;
  untilMin?: MinuteOfDay;
}

/** A count that must stay within bounds. */
export interface Counter extends CountOf {
  kinds: ReadonlySet<string> | null;
  from: MinuteOfDay;
  until: MinuteOfDay;
  least: number;
  most: number | null;
}

/** What a counter is about. */
export const spanOf = (counter: Counter): CountOf => ({
  ...(counter.kindId !== undefined && { kindId: counter.kindId }),
  ...(counter.fromMin !== undefined && { fromMin: counter.fromMin }),
  ...(counter.untilMin !== undefined && { untilMin: counter.untilMin }),
});

/** All counts a day has to keep: of the whole day, of each kind, of its windows */
export const countersOf = (day: DayInput): Counter[] => {
  const whole = { from: day.startMin, until: day.endMin };
  const counters: Counter[] = [
    { ...whole, kinds: null, least: day.minCount, most: day.maxCount },
    ...day.kinds.map((k) => ({
      ...whole,
      kindId: k.id,
      kinds: new Set([k.id]),
      least: k.minCount ?? 0,
      most: k.maxCount ?? null,
    })),
    ...day.windows.map((w) => ({
      fromMin: w.fromMin,
      untilMin: w.untilMin,
      from: Math.max(w.fromMin, day.startMin),
      until: Math.min(w.untilMin, day.endMin),
      kinds: w.kindIds ? new Set(w.kindIds) : null,
      least: w.least,
      most: w.most,
    })),
  ];
  return counters.filter((c) => c.least > 0 || c.most !== null);
};

/**
 * The counts of a state as one whole number, a digit each. A count that only has a least stops there: more of it
 * makes no difference. Counters whose stretches do not overlap share a digit, which is 0 again after each.
 */
export class Tally {
  private readonly places: { counter: Counter; factor: number; radix: number }[] = [];
  /** One more than the largest number a state can have. */
  readonly size: number;

  constructor(readonly counters: readonly Counter[]) {
    const digits: { until: MinuteOfDay; top: number; members: Counter[] }[] = [];
    for (const counter of [...counters].sort((a, b) => a.from - b.from)) {
      const top = counter.most ?? counter.least;
      const free = digits.find((d) => d.until <= counter.from);
      if (free) {
        free.until = counter.until;
        free.top = Math.max(free.top, top);
        free.members.push(counter);
      } else digits.push({ until: counter.until, top, members: [counter] });
    }
    let factor = 1;
    for (const { top, members } of digits) {
      for (const counter of members) this.places.push({ counter, factor, radix: top + 1 });
      factor *= top + 1;
    }
    this.size = factor;
  }

  private digit(counts: number, { factor, radix }: { factor: number; radix: number }): number {
    return Math.floor(counts / factor) % radix;
  }

  /** The counts after a break of a kind at a minute; null when that is one too many. */
  add(counts: number, minute: MinuteOfDay, kindId: string): number | null {
    let next = counts;
    for (const place of this.places) {
      const { kinds, from, until, most, least } = place.counter;
      if (minute < from || minute >= until || (kinds && !kinds.has(kindId))) continue;
      const digit = this.digit(counts, place);
      if (most !== null && digit >= most) return null;
      if (digit < (most ?? least)) next += place.factor;
    }
    return next;
  }

  /** Counters that end between two minutes, the later one included. */
  ending(after: MinuteOfDay, until: MinuteOfDay): Counter[] {
    return this.places
      .filter((p) => p.counter.until > after && p.counter.until <= until)
      .map((p) => p.counter);
  }

  /** How far a counter has come. */
  reached(counts: number, counter: Counter): number {
    const place = this.places.find((p) => p.counter === counter);
    return place ? this.digit(counts, place) : 0;
  }

  /** The counts without one that has ended. */
  without(counts: number, counter: Counter): number {
    const place = this.places.find((p) => p.counter === counter);
    return place ? counts - this.digit(counts, place) * place.factor : counts;
  }
}
