import { describe, expect, it } from 'vitest';
import { type BusyTime, type Frequency, Group, type IsoDate, WeekRule } from '../model';
import {
  addDays,
  dayInput,
  freeGaps,
  type PlanResult,
  placeInRule,
  planBestDays,
  planDay,
  withFrequency,
} from '.';

// What each rule says, and what a person who chose it expects of an empty, a usual and a full week. The sentence is what is
// checked: counts, spread, lengths, windows. Common practice, no source.

const MONDAY = '2026-11-23' as IsoDate;
const DAY = { from: 540, noon: 750, after: 795, until: 1050 };
const group = Group.parse({
  id: 'g',
  name: 'Desk',
  timeZone: 'Europe/Lisbon',
  days: [1, 2, 3, 4, 5],
  hours: { startMin: DAY.from, endMin: DAY.until },
  lunch: { startMin: DAY.noon, endMin: DAY.after },
});
const meeting = (startMin: number, endMin: number): BusyTime => ({
  id: `m${startMin}`,
  label: '',
  use: 'meeting',
  calendarId: null,
  startMin,
  endMin,
});
/** Meetings of each weekday. */
const WEEKS: Record<string, BusyTime[][]> = {
  empty: [[], [], [], [], []],
  usual: [
    [meeting(570, 630), meeting(840, 930)],
    [meeting(600, 660)],
    [meeting(570, 630), meeting(660, 720), meeting(900, 960)],
    [],
    [meeting(540, 600), meeting(960, 1020)],
  ],
  full: Array.from({ length: 5 }, () => [
    meeting(540, 600),
    meeting(610, 700),
    meeting(710, 750),
    meeting(795, 880),
    meeting(890, 970),
    meeting(980, 1045),
  ]),
};

interface Planned {
  date: IsoDate;
  starts: number[];
  lengths: number[];
  busy: readonly BusyTime[];
}
const planned = (frequency: Frequency, busy: readonly BusyTime[][], weeksOn = 0): Planned[] => {
  const rule = withFrequency(WeekRule.parse({}), frequency);
  const dates = busy.map((_, i) => addDays(MONDAY, i + 7 * weeksOn));
  const inputs = busy.map((b, i) =>
    dayInput(group, rule, { date: dates[i] as IsoDate, busy: b, breaks: [] }),
  );
  const results: PlanResult[] =
    frequency.code === 'best days' ? planBestDays(inputs, frequency.days) : inputs.map((d) => planDay(d));
  return results.map((r, i) => {
    if (!r.ok) throw new Error(`${frequency.code} ${dates[i]}: ${JSON.stringify(r.failure)}`);
    const lengthOf = (id: string): number => rule.kinds.find((k) => k.id === id)?.lengthMin ?? 0;
    return {
      date: dates[i] as IsoDate,
      starts: r.plan.breaks.map((b) => b.startMin),
      lengths: r.plan.breaks.map((b) => lengthOf(b.kindId)),
      busy: busy[i] as BusyTime[],
    };
  });
};
const counts = (week: readonly Planned[]): number[] => week.map((d) => d.starts.length);
const inHalves = ({ starts }: Planned): [number, number] => [
  starts.filter((m) => m < DAY.noon).length,
  starts.filter((m) => m >= DAY.after).length,
];
/** The longest time at the desk without a break, lunch aside. */
const longestRun = ({ starts, lengths }: Planned): number => {
  const stops = [
    { from: DAY.noon, until: DAY.after },
    ...starts.map((m, i) => ({ from: m, until: m + (lengths[i] ?? 0) })),
    { from: DAY.until, until: DAY.until },
  ].sort((a, b) => a.from - b.from);
  let last = DAY.from;
  let longest = 0;
  for (const { from, until } of stops) {
    longest = Math.max(longest, from - last);
    last = until;
  }
  return longest;
};

interface Sentence {
  says: string;
  rule: Frequency;
  holds: (week: Planned[], name: string) => void;
}
const sentences: Sentence[] = [
  {
    says: 'As often as keeps runs short: on a free day nobody sits much more than half an hour',
    rule: { code: 'by cost' },
    holds: (week, name) => {
      if (name === 'empty') for (const d of week) expect(longestRun(d)).toBeLessThanOrEqual(45);
      for (const d of week) expect(d.starts.length).toBeGreaterThan(0);
    },
  },
  {
    says: 'About every 50 minutes: runs of about 50 minutes where the day is free',
    rule: { code: 'every minutes', minutes: 50 },
    holds: (week, name) => {
      for (const d of week) expect(d.starts.length).toBeLessThanOrEqual(10);
      if (name === 'empty')
        for (const d of week) expect(Math.abs(longestRun(d) - 50)).toBeLessThanOrEqual(10);
    },
  },
  {
    says: 'Three a day: three, every day, not crowded together',
    rule: { code: 'a day', count: 3 },
    holds: (week, name) => {
      expect(counts(week)).toEqual([3, 3, 3, 3, 3]);
      if (name !== 'full')
        for (const { starts } of week)
          for (const [i, m] of starts.entries())
            if (i > 0) expect(m - (starts[i - 1] ?? 0)).toBeGreaterThanOrEqual(60);
    },
  },
  {
    says: 'Once or twice a day: one or two',
    rule: { code: 'once or twice' },
    holds: (week) => {
      for (const n of counts(week)) expect([1, 2]).toContain(n);
    },
  },
  {
    says: 'Once every day: one',
    rule: { code: 'every day' },
    holds: (week) => expect(counts(week)).toEqual([1, 1, 1, 1, 1]),
  },
  {
    says: 'Once in the morning, once in the afternoon: one and one',
    rule: { code: 'both halves' },
    holds: (week) => expect(week.map(inHalves)).toEqual(Array.from({ length: 5 }, () => [1, 1])),
  },
  {
    says: 'Twice a week, best days: two days, one break each, and not two days running in a week that is the same every day',
    rule: { code: 'best days', days: 2 },
    holds: (week, name) => {
      const days = counts(week).flatMap((n, i) => (n > 0 ? [i] : []));
      expect(counts(week).reduce((a, b) => a + b, 0)).toBe(2);
      expect(days).toHaveLength(2);
      if (name !== 'usual') expect((days[1] ?? 0) - (days[0] ?? 0)).toBeGreaterThanOrEqual(2);
    },
  },
  {
    says: 'Three times a week: Monday, Wednesday and Friday in a week that is the same every day',
    rule: { code: 'best days', days: 3 },
    holds: (week, name) => {
      if (name !== 'usual') expect(counts(week)).toEqual([1, 0, 1, 0, 1]);
    },
  },
  {
    says: 'Whenever 10 minutes are free between two busy times: one in each such gap, none elsewhere',
    rule: { code: 'gaps', minutes: 10 },
    holds: (week) => {
      const rule = WeekRule.parse({ frequency: { code: 'gaps', minutes: 10 } });
      for (const d of week) {
        const gaps = freeGaps(dayInput(group, rule, { date: d.date, busy: [...d.busy], breaks: [] }), 10);
        expect(d.starts.length).toBe(gaps.length);
        for (const gap of gaps)
          expect(d.starts.filter((m) => m >= gap.startMin && m < gap.endMin)).toHaveLength(1);
      }
    },
  },
  {
    says: 'Short ones hourly and one longer: about one an hour, one of them of ten minutes',
    rule: { code: 'hourly', longer: 1 },
    holds: (week, name) => {
      for (const d of week) {
        expect(d.lengths.filter((n) => n === 10)).toHaveLength(name === 'full' ? 1 : 1);
        expect(d.starts.length).toBeLessThanOrEqual(8);
        if (name === 'empty') expect(d.starts.length).toBeGreaterThanOrEqual(6);
      }
    },
  },
  {
    says: 'One area a day, in turn: one long break a day',
    rule: { code: 'rota', areas: ['neck', 'shoulder', 'upper back', 'hand', 'hip'] },
    holds: (week) => expect(week.map((d) => d.lengths)).toEqual(Array.from({ length: 5 }, () => [10])),
  },
  {
    says: 'Start with two, one more each week up to four',
    rule: { code: 'ramp', start: 2, add: 1, most: 4, from: MONDAY },
    holds: (week) => expect(counts(week)).toEqual([2, 2, 2, 2, 2]),
  },
];

describe.each(Object.entries(WEEKS))('in a week that is %s', (name, busy) => {
  it.each(sentences.map((s) => [s.says, s] as const))('%s', (_, { rule, holds }) => {
    holds(planned(rule, busy), name);
  });
});

describe('a rule over weeks, and looked at', () => {
  it('grows from the week it was given for, not from the week it happens to be', () => {
    const ramp: Frequency = { code: 'ramp', start: 2, add: 1, most: 4, from: MONDAY };
    const week = WEEKS.empty as BusyTime[][];
    expect([0, 1, 2, 3].map((w) => counts(planned(ramp, week, w))[0])).toEqual([2, 3, 4, 4]);
  });

  it('says where in it a week is, with the count that is planned there', () => {
    const ramp: Frequency = { code: 'ramp', start: 2, add: 1, most: 4, from: MONDAY };
    const week = WEEKS.empty as BusyTime[][];
    for (const w of [0, 1, 2, 3, 7]) {
      const at = placeInRule(ramp, addDays(MONDAY, 7 * w), []);
      expect(at).toMatchObject({
        code: 'ramp',
        week: w + 1,
        weeks: 3,
        count: counts(planned(ramp, week, w))[0],
      });
      const after = counts(planned(ramp, week, w + 1))[0];
      expect(at).toMatchObject({ next: w < 2 ? after : null });
    }
    expect(placeInRule(ramp, addDays(MONDAY, -7), [])).toMatchObject({ week: 0, count: 2, next: null });
    const areas: Frequency = { code: 'rota', areas: ['neck', 'hand'] };
    const days = [0, 1, 2, 4].map((d) => addDays(MONDAY, d));
    expect(placeInRule(areas, MONDAY, days)).toEqual({
      code: 'rota',
      days: ['neck', 'hand', 'neck', 'neck'].map((area, i) => ({ date: days[i], area })),
    });
    for (const { rule } of sentences)
      expect(placeInRule(rule, MONDAY, days) === null, rule.code).toBe(
        rule.code !== 'ramp' && rule.code !== 'rota',
      );
  });

  it('leaves nothing behind when it is only looked at', () => {
    const before = WeekRule.parse({});
    const codes: Frequency[] = sentences.map((s) => s.rule);
    for (const looked of codes)
      expect(withFrequency(withFrequency(before, looked), before.frequency)).toEqual(before);
    // What has been planned with it stays.
    const hourly = withFrequency(before, { code: 'hourly', longer: 1 });
    expect(withFrequency(hourly, { code: 'every day' }, new Set(['long'])).kinds).toEqual(hourly.kinds);
  });

  it('“at least” takes what was put there by hand and adds none', () => {
    for (const code of ['every day', 'both halves'] as const) {
      const rule = WeekRule.parse({ frequency: { code } });
      const breaks = [600, 660, 840].map((startMin, i) => ({
        id: `b${i}`,
        startMin,
        kindId: 'short',
        breakId: null,
        locked: true,
      }));
      const result = planDay(dayInput(group, rule, { date: MONDAY, busy: [], breaks }));
      expect(result.ok && result.plan.breaks.map((b) => b.startMin)).toEqual([600, 660, 840]);
    }
  });
});
