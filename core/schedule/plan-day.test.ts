import { describe, expect, it } from 'vitest';
import { DayInput } from '../model';
import { published } from '../reference';
import { planDay } from './plan-day';
import { readDay } from './run';

type Input = Partial<import('zod').z.input<typeof DayInput>>;

const t = (clock: string): number => {
  const [h, m] = clock.split(':').map(Number);
  return h! * 60 + (m ?? 0);
};
const span = (from: string, to: string) => ({ startMin: t(from), endMin: t(to) });

// The day of the worked examples: 09:00 to 17:30, lunch 12:30 to 13:15, breaks of 5 minutes.
const day = (more: Input = {}) =>
  DayInput.parse({ startMin: t('9:00'), endMin: t('17:30'), offDesk: [span('12:30', '13:15')], ...more });
const plan = (more: Input = {}) => {
  const result = planDay(day(more));
  if (!result.ok) throw new Error(JSON.stringify(result.failure));
  return result.plan;
};

describe('worked days', () => {
  const short = { id: 'short', lengthMin: 5, relief: 1 };
  const cases: [string, Input, number, number, number][] = [
    ['nothing blocked', {}, 0, 4945, 40],
    [
      'four meetings',
      {
        blocked: [
          span('9:30', '10:30'),
          span('11:00', '12:00'),
          span('14:00', '15:30'),
          span('16:00', '16:30'),
        ],
      },
      30,
      6965,
      90,
    ],
    [
      'two meetings, exactly four breaks',
      { blocked: [span('9:30', '10:30'), span('14:00', '15:30')], minCount: 4, maxCount: 4, minGapMin: 30 },
      105,
      10695,
      135,
    ],
    [
      'two meetings, also breaks of a minute',
      {
        blocked: [span('9:30', '10:30'), span('14:00', '15:30')],
        kinds: [short, { id: 'tiny', lengthMin: 1, relief: 0.5 }],
        minGapMin: 15,
        maxCount: 8,
      },
      30,
      6110,
      90,
    ],
    ['hardly any room', { blocked: [span('9:00', '12:30'), span('13:15', '17:00')] }, 315, 35900, 225],
  ];
  it.each(cases)('%s', (_, input, overMin, cost, longestRunMin) => {
    expect(plan(input)).toMatchObject({ overMin, cost, longestRunMin });
  });
});

describe('the planner', () => {
  it('is the same each time', () => expect(plan()).toEqual(plan()));

  it('keeps locked breaks and the gap to them', () => {
    const { breaks } = plan({ locked: [{ startMin: t('10:07'), kindId: 'short' }] });
    expect(breaks).toContainEqual({ startMin: t('10:07'), kindId: 'short' });
    for (const other of breaks.filter((b) => b.startMin !== t('10:07'))) {
      const gap = Math.max(other.startMin - t('10:12'), t('10:07') - (other.startMin + 5));
      expect(gap).toBeGreaterThanOrEqual(20);
    }
  });

  it('says which locked break cannot stay, and why', () => {
    const locked = [{ startMin: t('12:28'), kindId: 'short' }];
    expect(planDay(day({ locked }))).toEqual({
      ok: false,
      failure: { code: 'lockedDoesNotFit', startMin: t('12:28'), why: 'off desk' },
    });
    const blocked = [span('10:00', '11:00')];
    const inMeeting = planDay(day({ blocked, locked: [{ startMin: t('10:30'), kindId: 'short' }] }));
    expect(inMeeting).toMatchObject({ ok: false, failure: { why: 'blocked' } });
    const twice = [t('10:00'), t('10:04')].map((startMin) => ({ startMin, kindId: 'short' }));
    expect(planDay(day({ locked: twice }))).toMatchObject({ ok: false, failure: { why: 'overlap' } });
  });

  it('says how many fit when the least cannot be had', () => {
    const result = planDay(day({ blocked: [span('9:00', '12:30'), span('13:15', '17:00')], minCount: 4 }));
    // From 17:00 to 17:30 two breaks fit: 17:00 and, after a gap of 20 minutes, 17:25.
    expect(result).toEqual({ ok: false, failure: { code: 'tooFewFit', minCount: 4, possible: 2 } });
  });

  it('stays off the edges of the day when asked', () => {
    const { breaks } = plan({ edgeMin: 45, minCount: 9, minGapMin: 10 });
    for (const { startMin } of breaks) {
      expect(startMin).toBeGreaterThanOrEqual(t('9:45'));
      expect(startMin + 5).toBeLessThanOrEqual(t('16:45'));
    }
  });

  it('counts the grid from midnight', () => {
    for (const { startMin } of plan({ startMin: t('9:02'), gridMin: 10 }).breaks)
      expect(startMin % 10).toBe(0);
  });

  it('plans nothing when a break costs more than it saves', () => {
    expect(plan({ lambda: 100_000, limitMin: 900 }).breaks).toEqual([]);
  });
});

describe('reading a day', () => {
  it('rounds half a run up and goes on growing in a meeting', () => {
    const input = DayInput.parse({
      startMin: 0,
      endMin: 20,
      blocked: [{ startMin: 8, endMin: 12 }],
      kinds: [{ id: 'tiny', lengthMin: 1, relief: 0.5 }],
    });
    const { run, use } = readDay(input, [{ startMin: 7, kindId: 'tiny' }]);
    // Seven minutes, half of it is 3.5, rounded up to 4; the break minute itself does not grow the run.
    expect(run.slice(6, 10)).toEqual([7, 4, 5, 6]);
    expect(use.slice(6, 10)).toEqual(['desk', 'break', 'blocked', 'blocked']);
  });
});

describe('the rule as it comes, against published guidance', () => {
  // HSE (UK), INDG36 and L26, work with display screen equipment: breaks of 5-10 min every hour are better than
  // 20 min every 2 h; short and often (value from memory).
  it('gives each hour at the desk a break, on a day with nothing in the way', () => {
    const { breaks, longestRunMin } = plan();
    expect(longestRunMin).toBeLessThanOrEqual(published.screenBreaks.everyMin);
    const { run, use } = readDay(day(), breaks);
    for (let from = 0; from + 60 <= run.length; from++)
      expect(use.slice(from, from + 60).some((u) => u === 'break' || u === 'off desk')).toBe(true);
  });

  // Galinsky et al., Ergonomics 2000;43(5):622-38: extra breaks of 5 min in each hour without another break (four a
  // day) beside two of 15 min (values from memory).
  it('can follow the schedule of the study: two long breaks locked, four extra ones between', () => {
    const kinds = [
      { id: 'short', lengthMin: 5, relief: 1 },
      { id: 'long', lengthMin: 15, relief: 1 },
    ];
    const locked = [
      { startMin: t('10:30'), kindId: 'long' },
      { startMin: t('15:30'), kindId: 'long' },
    ];
    const { breaks, longestRunMin } = plan({ kinds, locked, minCount: 6, maxCount: 6, minGapMin: 30 });
    expect(breaks).toHaveLength(6);
    expect(breaks.filter((b) => b.kindId === 'long').length).toBeGreaterThanOrEqual(2);
    expect(longestRunMin).toBeLessThanOrEqual(75);
  });

  it('refuses a day with more ways than can be looked at, always the same ones', () => {
    const counted = DayInput.parse({
      startMin: 540,
      endMin: 1050,
      kinds: [
        { id: 'a', lengthMin: 2, relief: 0.5, minCount: 1, maxCount: 3 },
        { id: 'b', lengthMin: 5, relief: 1, minCount: 1, maxCount: 2 },
      ],
    });
    expect(planDay(counted).ok).toBe(true);
    const refused = { ok: false, failure: { code: 'tooManyWays', gridMin: 5, counted: 2 } };
    expect([planDay(counted, 5000), planDay(counted, 5000)]).toEqual([refused, refused]);
  });
});
