import { library } from '@kotabi/core/library/all';
import {
  type BusyTime,
  DayInput,
  defaultApproach,
  type Frequency,
  Group,
  Week,
  WeekRule,
} from '@kotabi/core/model';
import { planDay, withFrequency } from '@kotabi/core/schedule';
import { compareRules, SimSettings } from '@kotabi/core/simulate';
import { describe, expect, it } from 'vitest';
import { clustered } from '../screens/compare/cluster';
import { ruleChoices, ruleDays } from '../screens/compare/rule-choices';
import { withSessions } from '../screens/gather/takeOver';
import { skipOfGroup, usualLongRun } from '../week/sim-usual';
import { listed } from './listed';
import { movesThatHold, unmetText } from './unmet';
import {
  changeText,
  doesText,
  frequencyText,
  nightStart,
  placeText,
  tooCloseText,
  whyNotMoreText,
  whyText,
} from './week';

const rule = WeekRule.parse({});
const week = Week.parse({
  id: 'w',
  groupId: 'g',
  startDate: '2026-11-23',
  rule,
  days: ['2026-11-23', '2026-11-24'].map((date) => ({
    date,
    breaks: [
      { id: `${date}.1`, startMin: 600, kindId: 'short' },
      { id: `${date}.2`, startMin: 700, kindId: 'short' },
    ],
  })),
});
const group = Group.parse({
  id: 'g',
  name: 'Desk',
  timeZone: 'Europe/Lisbon',
  days: [1, 2],
  hours: { startMin: 540, endMin: 1050 },
  lunch: { startMin: 750, endMin: 795 },
});

describe('the rule in words', () => {
  it('has a phrase for every frequency', () => {
    const all: Frequency[] = [
      { code: 'by cost' },
      { code: 'every minutes', minutes: 50 },
      { code: 'a day', count: 4 },
      { code: 'once or twice' },
      { code: 'best days', days: 2 },
      { code: 'every day' },
      { code: 'gaps', minutes: 10 },
      { code: 'rota', areas: ['neck'] },
      { code: 'hourly', longer: 1 },
      { code: 'ramp', start: 2, add: 1, most: 5, from: '2026-11-23' },
      { code: 'both halves' },
    ];
    expect(new Set(all.map(frequencyText)).size).toBe(all.length);
    expect(frequencyText(all[1]!)).toBe('about every 50 min');
  });

  it('says where in it one is', () => {
    const ramp = { code: 'ramp', weeks: 3, from: '2026-11-30' } as const;
    expect(
      [
        { week: 0, count: 2, next: null },
        { week: 1, count: 2, next: 3 },
        { week: 3, count: 4, next: null },
        { week: 9, count: 4, next: null },
      ].map((at) => placeText({ ...ramp, ...at })),
    ).toEqual([
      'Begins in the week of 30 November 2026; until then 2 a day.',
      'Week 1 of 3: 2 a day, from next week 3.',
      'Week 3 of 3: 4 a day, and so it stays.',
      'Stays at 4 a day since week 3; this is week 9.',
    ]);
    expect(placeText({ code: 'rota', days: [{ date: '2026-11-30', area: 'neck' }] })).toBe(
      'This week: Mon neck.',
    );
  });

  it('gets a longer kind where its words speak of one', () => {
    expect(withFrequency(rule, { code: 'hourly', longer: 1 }).kinds.map((k) => k.lengthMin)).toEqual([5, 10]);
    expect(withFrequency(rule, { code: 'every day' }).kinds).toEqual(rule.kinds);
    const long = { ...rule, kinds: [{ id: 'l', lengthMin: 15, relief: 1 }] };
    expect(withFrequency(long, { code: 'rota', areas: ['neck'] }).kinds).toEqual(long.kinds);
  });

  it('knows a night shift', () => {
    expect(nightStart({ startMin: 1320, endMin: 1800 })).toBe(1320);
    expect(nightStart({ startMin: 540, endMin: 1050 })).toBe(0);
  });
});

describe('why, in sentences', () => {
  const day = DayInput.parse({ startMin: 540, endMin: 1050 });
  it('names the run it ends, and both neighbours', () => {
    const text = whyText(day, {
      runMin: 55,
      without: { overMin: 20, cost: 1, longestRunMin: 80 },
      earlier: { code: 'in the way', what: 'blocked' },
      later: { code: 'too close', gapMin: 30 },
    });
    expect(text).toEqual([
      'It ends a run of 55 min. Without it the longest run is 80 min, 20 min of them over the limit.',
      '5 min earlier there is a meeting; 5 min later it would be closer than 30 min to another.',
    ]);
  });
  it('says why there is not one more', () => {
    expect(whyNotMoreText({ code: 'most', most: 4 })).toContain('allows 4');
    expect(whyNotMoreText({ code: 'dearer', overMin: 0, cost: 80, longestRunMin: 50 })).toBe(
      'There is not one more: it would shorten the runs too little for the time it takes (longest run then 50 min).',
    );
    expect(whyNotMoreText({ code: 'better', overMin: -10, cost: 0, longestRunMin: 50 })).toContain(
      '10 min less over',
    );
    expect(whyNotMoreText({ code: 'none fits' })).toContain('none fits');
  });
});

it('no sentence about a plan speaks as a solver does', () => {
  const neighbours = [-5, 0, 5].flatMap((cost) =>
    [-5, 0, 5].map((overMin) => ({ code: 'dearer' as const, overMin, cost })),
  );
  const said = [
    ...neighbours.flatMap((n) =>
      whyText(DayInput.parse({ startMin: 540, endMin: 1050 }), {
        runMin: 55,
        without: { overMin: 0, cost: 9, longestRunMin: 80 },
        earlier: n,
        later: n,
      }),
    ),
    ...neighbours.flatMap((n) => [
      whyNotMoreText({ ...n, longestRunMin: 40 }),
      whyNotMoreText({ ...n, code: 'better', longestRunMin: 40 }),
    ]),
    ...(['by cost', 'once or twice', 'every day', 'both halves'] as const).map((code) =>
      frequencyText({ code }),
    ),
  ];
  for (const sentence of said) expect(sentence).not.toMatch(/\bcosts?\b|\bpays?\b|optim|lambda|\bgap of\b/i);
});

/** Long before: all of the week is still to come. */
const BEFORE = { date: '2026-01-01', minute: 0 };

describe('rules to compare', () => {
  it('are each possible on a plain day, the own one first', () => {
    const choices = ruleChoices(week);
    expect(choices[0]).toMatchObject({ id: 'own', name: 'This week: as often as keeps runs short' });
    for (const choice of choices)
      for (const input of ruleDays(choice, week, group).days)
        expect(planDay(input).ok, choice.name).toBe(true);
    const outcomes = compareRules(
      choices.slice(1, 5).map((c) => ruleDays(c, week, group)),
      SimSettings.parse({ weeks: 20 }),
      90,
    );
    const minutes = outcomes.map((o) => o.minutesADay);
    // Every 30, 50, 60, 90 min: fewer and fewer.
    expect([...minutes].sort((a, b) => b - a)).toEqual(minutes);
    expect(new Set(minutes).size).toBe(4);
  });

  it('are drawn as one point where they could not be told apart', () => {
    const at = (letter: string, minutesADay: number, longRun: number) =>
      ({ letter, name: letter, minutesADay, longRun }) as Parameters<typeof clustered>[0][number];
    const points = clustered([at('A', 30, 0.5), at('B', 30.5, 0.52), at('C', 30, 0.7)]);
    expect(points.map((p) => p.letters)).toEqual(['A B', 'C']);
  });

  it('call a run long from twice the limit on', () => {
    expect(usualLongRun(60)).toBe(120);
    expect(usualLongRun(45)).toBe(90);
  });
});

describe('led sessions in a week', () => {
  it('name a few people, and count the rest of sixty', () => {
    const names = Array.from({ length: 60 }, (_, i) => `P${i + 1}`);
    expect(listed(names)).toBe('P1, P2, P3, P4, P5, P6 and 54 more');
    expect(listed(names.slice(0, 7))).toBe('P1, P2, P3, P4, P5, P6 and P7');
    expect([listed(['A']), listed([])]).toEqual(['A', '']);
  });
  it('take the break that is led in them along', () => {
    const one = withSessions(week, [{ date: '2026-11-23', startMin: 595 }], 10, BEFORE, 'b9');
    expect(one.days[0]!.breaks.map((b) => b.breakId)).toEqual(['b9', null]);
  });
  it('take the place of breaks they land on and of earlier sessions', () => {
    const session = { date: '2026-11-23', startMin: 595 };
    const once = withSessions(week, [session], 10, BEFORE);
    const monday = (w: Week) => w.days[0]!.breaks.map((b) => [b.startMin, b.led ?? false]);
    expect(monday(once)).toEqual([
      [595, true],
      [700, false],
    ]);
    expect(monday(withSessions(once, [{ ...session, startMin: 660 }], 10, BEFORE))).toEqual([
      [660, true],
      [700, false],
    ]);
    expect(Week.parse(once)).toEqual(once);
    // The planner never places such a kind by itself.
    expect(once.rule.kinds.at(-1)).toMatchObject({ lengthMin: 10, onlyByHand: true });
  });
});

describe('what the log and filling say', () => {
  it('a group’s own answers count, and only from twenty on', () => {
    const answer = (i: number, groupId: string) =>
      ({ id: `${i}`, groupId, answer: i % 4 === 0 ? 'not today' : 'did it' }) as Parameters<
        typeof skipOfGroup
      >[0][number];
    const list = Array.from({ length: 20 }, (_, i) => answer(i, 'g'));
    expect(skipOfGroup(list, 'g')).toEqual({ done: 15, skipped: 5, chance: 0.25 });
    expect(skipOfGroup(list.slice(1), 'g').chance).toBeNull();
    expect(skipOfGroup(list, 'other')).toEqual({ done: 0, skipped: 0, chance: null });
  });

  it('both sides of a muscle are said together where the same is true of both', () => {
    const unmet = (['left', 'right'] as const).map((side) => ({
      muscle: 'scalenes' as const,
      side,
      daysReached: 1,
      why: 'no room' as const,
    }));
    expect(unmetText(unmet)).toEqual([
      'scalenes left and right, 1 of 2 days: there is not room for everything',
    ]);
    expect(unmetText([{ ...unmet[0]!, daysReached: 0 }, unmet[1]!])).toHaveLength(2);
    // Where no break holds it, moves that would are named.
    const [text] = unmetText([{ ...unmet[0]!, why: 'no break holds it' }], (muscle) =>
      movesThatHold(library, muscle, defaultApproach),
    );
    expect(text).toContain('no break of yours holds it; add “');
  });
});

describe('what changed in a calendar, in words', () => {
  const a: BusyTime = {
    id: 'a',
    label: 'crew call',
    use: 'meeting',
    calendarId: 'c',
    startMin: 600,
    endMin: 660,
  };
  it('says moved, new or gone', () => {
    const date = '2026-11-25';
    const text = (before: BusyTime | null, now: BusyTime | null) => changeText({ date, before, now });
    expect(text(a, { ...a, startMin: 630 })).toBe('Wed: crew call moved from 10:00 to 10:30');
    expect(text(null, { ...a, label: '' })).toBe('Wed: a busy time from 10:00 to 11:00 is new');
    expect(text(a, null)).toBe('Wed: crew call at 10:00 is gone');
  });
});

describe('a break on the band', () => {
  const of = (sides: Record<string, [number, number]>) =>
    new Map(Object.entries(sides).map(([area, [left, right]]) => [area as never, { left, right }]));
  it('says what it does, longest first, and both sides', () => {
    const heldAreas = of({ hand: [10, 10], neck: [40, 40], shoulder: [20, 20], hip: [5, 5] });
    expect(doesText({ heldAreas, movedAreas: of({ eyes: [9, 9] }) })).toBe(
      'holds neck, shoulder, hand and 1 more · 75 s each side',
    );
    expect(doesText({ heldAreas: of({ neck: [15, 30] }), movedAreas: of({}) })).toBe(
      'holds neck · left 15 s, right 30 s',
    );
    expect(doesText({ heldAreas: of({}), movedAreas: of({ shoulder: [30, 30] }) })).toBe(
      'moves shoulder · 30 s each side',
    );
    expect(doesText({ heldAreas: of({}), movedAreas: of({}) })).toBe('');
  });
  it('says that it is too close to its neighbour', () => {
    expect(tooCloseText({ to: 'before', haveMin: 10, askedMin: 30 })).toBe(
      'Only 10 min after the break before; the rule keeps 30.',
    );
    expect(tooCloseText({ to: 'after', haveMin: 0, askedMin: 20 })).toBe(
      'Only 0 min before the next break; the rule keeps 20.',
    );
  });
});
