import type {
  BreakKind,
  CountWindow,
  DayInput,
  Frequency,
  Interval,
  IsoDate,
  Minutes,
  Rule,
  WeekRule,
} from '../model';
import { weeksSince } from './dates';
import { overlaps } from './run';

/** The times of a day that a frequency may look at. */
export type DayTimes = Pick<DayInput, 'startMin' | 'endMin' | 'offDesk' | 'blocked' | 'listening'>;

/**
 * What a break minute must cost so that breaks about every `everyMin` minutes are the cheapest, when every
 * minute of a run counts (target 0). In a steady day a break of length L that takes the share r of the run away
 * comes each N minutes; the run then swings between N(1-r)/r and N/r, so a round costs c N^2 + lambda L with
 * c = (2-r)/(2r), in N + L minutes. The mean is least where lambda = c (N^2/L + 2N).
 */
export const lambdaForEvery = (everyMin: Minutes, { lengthMin, relief }: BreakKind): number => {
  const r = Math.max(relief, 0.05);
  const c = (2 - r) / (2 * r);
  return Math.min(100_000, Math.round(c * (everyMin ** 2 / lengthMin + 2 * everyMin)));
};

const longest = (kinds: readonly BreakKind[]): BreakKind =>
  kinds.reduce((a, b) => (b.lengthMin > a.lengthMin ? b : a));

const every = (rule: Rule, minutes: Minutes, kind: BreakKind): Rule => ({
  ...rule,
  targetMin: 0,
  lambda: lambdaForEvery(minutes, kind),
  minGapMin: Math.min(rule.minGapMin, Math.floor(minutes / 2)),
});

/** The same number of breaks on every day. */
const exactly = (rule: Rule, count: number): Rule => ({ ...rule, minCount: count, maxCount: count });

/** The stretches between two busy times that are at least so long, in order. */
export const freeGaps = ({ offDesk, blocked, listening }: DayTimes, leastMin: Minutes): Interval[] => {
  const busy = [...offDesk, ...blocked, ...listening].sort((a, b) => a.startMin - b.startMin);
  const gaps: Interval[] = [];
  let until: number | null = null;
  for (const { startMin, endMin } of busy) {
    if (until !== null && startMin - until >= leastMin) gaps.push({ startMin: until, endMin: startMin });
    until = Math.max(until ?? 0, endMin);
  }
  return gaps;
};

const fitsSomewhere = (rule: Rule, day: DayTimes, gap: Interval): boolean =>
  rule.kinds.some((k) => {
    if (k.onlyByHand) return false;
    for (let m = Math.ceil(gap.startMin / rule.gridMin) * rule.gridMin; m < gap.endMin; m += rule.gridMin)
      if (
        m >= Math.max(day.startMin + rule.edgeMin, k.earliestMin ?? 0) &&
        m <= (k.latestMin ?? m) &&
        m + k.lengthMin <= Math.min(gap.endMin, day.endMin - rule.edgeMin) &&
        !overlaps([...day.blocked, ...day.offDesk, ...day.listening], m, m + k.lengthMin)
      )
        return true;
    return false;
  });

/** Noon of a day as this rule sees it: lunch, or the middle of the hours when there is none in between. */
const halves = ({ startMin, endMin, offDesk }: DayTimes): [Interval, Interval] => {
  const middle = Math.round((startMin + endMin) / 2);
  const [lunch] = offDesk
    .filter((o) => o.startMin > startMin && o.endMin < endMin)
    .sort((a, b) => Math.abs(a.startMin - middle) - Math.abs(b.startMin - middle));
  return [
    { startMin, endMin: lunch?.startMin ?? middle },
    { startMin: lunch?.endMin ?? middle, endMin },
  ];
};

const countIn = ({ startMin, endMin }: Interval, least: number, most: number | null): CountWindow => ({
  fromMin: startMin,
  untilMin: endMin,
  least,
  most,
});

/** Breaks a day in a week of a rule that grows from week to week. */
export const rampCount = (f: Extract<Frequency, { code: 'ramp' }>, date: IsoDate): number =>
  Math.min(Math.max(f.most, f.start), f.start + f.add * Math.max(0, weeksSince(f.from, date)));

/**
 * The rule for one day: what the words of a frequency mean in counts, windows and costs. `best days` allows one
 * break a day; on which days it is, the week decides.
 */
export const ruleOfDay = ({ frequency: f, ...rule }: WeekRule, day: DayTimes, date: IsoDate): Rule => {
  const free = rule.kinds.filter((k) => !k.onlyByHand);
  const [first] = (free.length > 0 ? free : rule.kinds) as [BreakKind];
  const long = longest(free.length > 0 ? free : rule.kinds);
  switch (f.code) {
    case 'by cost':
      return rule;
    case 'every minutes':
      return every(rule, f.minutes, first);
    case 'a day':
      return exactly(rule, f.count);
    case 'once or twice':
      return { ...rule, minCount: 1, maxCount: 2 };
    case 'best days':
      return { ...rule, minCount: 0, maxCount: 1 };
    case 'every day':
      return exactly(rule, 1);
    case 'gaps': {
      const gaps = freeGaps(day, f.minutes).filter((gap) => fitsSomewhere(rule, day, gap));
      return {
        ...rule,
        minGapMin: 0,
        minCount: 0,
        maxCount: gaps.length,
        windows: [...rule.windows, ...gaps.map((gap) => countIn(gap, 1, 1))],
      };
    }
    case 'rota':
      return {
        ...exactly(rule, 1),
        kinds: rule.kinds.map((k) => (k === long || k.onlyByHand ? k : { ...k, minCount: 0, maxCount: 0 })),
      };
    case 'hourly': {
      const short = free.find((k) => k !== long) ?? long;
      const hourly = every(rule, 60, short);
      if (short === long) return hourly;
      return {
        ...hourly,
        kinds: rule.kinds.map((k) => (k === long ? { ...k, minCount: f.longer, maxCount: f.longer } : k)),
      };
    }
    case 'ramp':
      return exactly(rule, rampCount(f, date));
    case 'both halves': {
      const windows = halves(day)
        .filter((half) => half.startMin < half.endMin)
        .map((half) => countIn(half, 1, 1));
      return { ...rule, minCount: 0, maxCount: null, windows: [...rule.windows, ...windows] };
    }
  }
};

/** The long breaks that some rules speak of, when the rule has only one kind so far. */
const LONG = { id: 'long', name: 'Longer', lengthMin: 10, relief: 1 };

const isLong = (kind: BreakKind): boolean =>
  kind.id === LONG.id &&
  kind.lengthMin === LONG.lengthMin &&
  Object.keys(kind).length === Object.keys(LONG).length;

/**
 * The rule with another frequency; one that speaks of longer breaks gets a longer kind when there is none. The kind goes
 * again with the frequency it came with, unless a break of it is planned (`used`) or it was changed: looking at a rule
 * leaves nothing behind.
 */
export const withFrequency = (
  rule: WeekRule,
  frequency: Frequency,
  used: ReadonlySet<string> = new Set(),
): WeekRule => {
  const own = rule.kinds.filter((k) => !isLong(k) || used.has(k.id));
  const plain = own.length > 0 ? own : rule.kinds;
  const wantsLong = frequency.code === 'hourly' || frequency.code === 'rota';
  const lengths = new Set(plain.filter((k) => !k.onlyByHand).map((k) => k.lengthMin));
  const long = Math.max(...lengths);
  const missing = wantsLong && (frequency.code === 'rota' ? long < LONG.lengthMin : lengths.size < 2);
  return { ...rule, frequency, kinds: missing ? [...plain, LONG] : plain };
};

/** The gaps a day has for a rule of gaps, and whether a break of the rule fits into each. */
export const gapsFor = (rule: WeekRule, day: DayTimes): { gaps: number; fitting: number } => {
  if (rule.frequency.code !== 'gaps') return { gaps: 0, fitting: 0 };
  const gaps = freeGaps(day, rule.frequency.minutes);
  return { gaps: gaps.length, fitting: gaps.filter((gap) => fitsSomewhere(rule, day, gap)).length };
};
