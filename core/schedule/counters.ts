import type { DayInput, MinuteOfDay } from '../model';

/** What a count is about: breaks of one kind, or within a stretch of the day, or all of them. */
export interface CountOf {
  kindId?: string;
  fromMin?: MinuteOfDay;
  untilMin?: MinuteOfDay;
  /** It counts minutes of break, not breaks. */
  minutes?: true;
}

/** A count that must stay within bounds. */
export interface Counter extends CountOf {
  kinds: ReadonlySet<string> | null;
  from: MinuteOfDay;
  until: MinuteOfDay;
  least: number;
  most: number | null;
  /** What a break of each kind counts for; one where it is left out. */
  weights?: ReadonlyMap<string, number>;
}

/** What a counter is about. */
export const spanOf = (counter: Counter): CountOf => ({
  ...(counter.kindId !== undefined && { kindId: counter.kindId }),
  ...(counter.fromMin !== undefined && { fromMin: counter.fromMin }),
  ...(counter.untilMin !== undefined && { untilMin: counter.untilMin }),
  ...(counter.minutes && { minutes: counter.minutes }),
});

/** What a break of a kind adds to a counter that counts it. */
export const weightOf = ({ weights }: Counter, kindId: string): number => weights?.get(kindId) ?? 1;

const divisor = (a: number, b: number): number => (b === 0 ? a : divisor(b, a % b));

/**
 * The minutes that all breaks of a day may last together, counted in the largest step that all lengths have in common: with
 * breaks of five and ten minutes that is five, and twenty minutes are four steps.
 */
const minutesCounter = ({ kinds, maxMinutes, startMin, endMin }: DayInput): Counter[] => {
  if (maxMinutes === null) return [];
  const step = kinds.reduce((sum, k) => divisor(sum, k.lengthMin), 0);
  return [
    {
      minutes: true,
      from: startMin,
      until: endMin,
      kinds: null,
      least: 0,
      most: Math.floor(maxMinutes / step),
      weights: new Map(kinds.map((k) => [k.id, k.lengthMin / step])),
    },
  ];
};

/** Counts that only differ in their most are one, that of the smaller most. */
const merged = (counters: readonly Counter[]): Counter[] => {
  const same = (a: Counter, b: Counter): boolean =>
    a.kinds === null && b.kinds === null && a.from === b.from && a.until === b.until;
  const plain = (c: Counter): boolean =>
    c.least === 0 && [...(c.weights?.values() ?? [])].every((w) => w === 1);
  return counters.filter(
    (c) =>
      !plain(c) ||
      !counters.some(
        (other) =>
          other !== c &&
          plain(other) &&
          same(other, c) &&
          ((other.most ?? 0) < (c.most ?? 0) ||
            (other.most === c.most && counters.indexOf(other) < counters.indexOf(c))),
      ),
  );
};

/** All counts a day has to keep: of the whole day, of each kind, of its windows, and of its minutes. */
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
    ...minutesCounter(day),
  ];
  return merged(counters.filter((c) => c.least > 0 || c.most !== null));
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
      const weight = weightOf(place.counter, kindId);
      if (most !== null && digit + weight > most) return null;
      next += Math.min(weight, (most ?? least) - digit) * place.factor;
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
