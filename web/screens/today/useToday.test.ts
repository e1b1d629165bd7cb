import { Break, Group, Week } from '@kotabi/core/model';
import { describe, expect, it } from 'vitest';
import {
  comingText,
  dayText,
  lacksText,
  lacksTitle,
  nextDayText,
  stateText,
  weeksAhead,
} from '../../words/today';
import { spanOf } from './MiniBand';
import { groupToday } from './useToday';

const group = Group.parse({
  id: 'g',
  name: 'Quay',
  timeZone: 'Europe/Lisbon',
  days: [1, 2, 3, 4, 5],
  hours: { startMin: 540, endMin: 1050 },
  lunch: null,
});
const brk = Break.parse({ id: 'b1', name: 'Neck', slotSec: 300, items: [] });
const breaks = new Map([['b1', brk]]);
const week = (starts: number[]) =>
  Week.parse({
    id: 'w',
    groupId: 'g',
    startDate: '2026-11-23',
    rule: {},
    days: ['2026-11-26', '2026-11-27'].map((date) => ({
      date,
      breaks: starts.map((startMin, i) => ({ id: `${date}.${i}`, startMin, kindId: 'short', breakId: 'b1' })),
    })),
  });
const at = new Date('2026-11-26T10:36:00Z');
const given = (w: Week) => ({ givenAt: '2026-11-22T10:00:00.000Z', week: w, hasBefore: false });

describe('today of a group', () => {
  it('has what is to come, the one that runs first, and not what is over', () => {
    const w = week([600, 634, 660]);
    const { coming, state } = groupToday(group, w, given(w), breaks, at);
    expect(state).toBe('given out');
    expect(coming.map((c) => [c.date, c.startMin, c.inMin])).toEqual([
      ['2026-11-26', 634, -2],
      ['2026-11-26', 660, 24],
      ['2026-11-27', 600, 1404],
      ['2026-11-27', 634, 1438],
      ['2026-11-27', 660, 1464],
    ]);
    expect(coming.slice(0, 3).map(comingText)).toEqual([
      'running now',
      'next · in 24 minutes',
      'next · tomorrow',
    ]);
  });

  it('shows what others were told of, not what is drafted since, and says how much waits', () => {
    const told = groupToday(group, week([700]), given(week([660])), breaks, at);
    expect(told.coming.filter((c) => c.date === '2026-11-26').map((c) => c.startMin)).toEqual([660]);
    expect([told.state, told.changes, stateText(told)]).toEqual(['changed', 2, '2 changes not given out']);
  });

  it('says why there is no day to show', () => {
    const saturday = new Date('2026-11-28T10:00:00Z');
    const free = Week.parse({ ...week([660]), days: [{ date: '2026-11-26', off: 'Harbour day' }] });
    expect([
      groupToday(group, week([660]), null, breaks, at).without,
      groupToday(group, null, null, breaks, at).without,
      groupToday(group, week([660]), null, breaks, saturday).without,
      groupToday(group, free, null, breaks, at).without,
    ]).toEqual(['', 'Nothing is planned today.', 'Nobody works today.', 'Nobody works today: Harbour day.']);
  });

  it('tells a draft from nothing planned', () => {
    expect(groupToday(group, week([660]), null, breaks, at).state).toBe('draft');
    expect(groupToday(group, week([]), null, breaks, at).state).toBe('not planned');
    expect(groupToday(group, null, null, breaks, at)).toMatchObject({
      state: 'not planned',
      day: null,
      coming: [],
    });
  });

  it('adds up in a line', () => {
    const w = week([660, 700]);
    const groups = [groupToday(group, w, given(w), breaks, at), groupToday(group, w, null, breaks, at)];
    expect(dayText(groups)).toBe('2 groups · 4 breaks to come today · 1 week not given out');
    expect(dayText([])).toBe('0 groups · nothing more today');
  });
});

describe('the week that is looked at', () => {
  const friday = new Date('2026-11-27T17:30:00Z');
  it('is the next one as soon as nothing of this one is left, and says so', () => {
    const w = Week.parse({ ...week([660]), startDate: '2026-11-30' });
    const days = w.days.map((d, i) => ({ ...d, date: ['2026-11-30', '2026-12-04'][i] as string }));
    const next = Week.parse({ ...w, days });
    const over = groupToday(group, next, given(next), breaks, friday);
    expect([over.monday, over.isNext, stateText(over)]).toEqual(['2026-11-30', true, 'next week: given out']);
    expect(over.coming.map(comingText)).toEqual(['next · on Monday', 'next · on Friday 4 December']);
    const sunday = groupToday(group, next, null, breaks, new Date('2026-11-29T10:00:00Z'));
    expect(sunday.coming.map(comingText)[0]).toBe('next · tomorrow');
    expect(nextDayText(sunday.coming)).toBe('Tomorrow: a break at 11:00.');
    const two = sunday.coming.map((c) => ({ ...c, inDays: 2, date: '2026-12-01' }));
    expect(nextDayText(two)).toBe('On Tuesday: 2 breaks, the first at 11:00.');
    expect(nextDayText([])).toBe('');
    expect(stateText(sunday)).toBe('next week: not given out');
  });

  it('is called by what it is for all groups together', () => {
    const [now, next] = [{ isNext: false }, { isNext: true }];
    expect([[now], [next], [now, next]].map(weeksAhead)).toEqual([
      'the rest of this week',
      'next week',
      'the days to come',
    ]);
    expect([[now], [next], [now, next]].map(lacksTitle)).toEqual([
      'What the rest of this week lacks',
      'What next week lacks',
      'What the days to come lack',
    ]);
  });
});

describe('what a week still lacks', () => {
  const row = { planned: 5, chosen: 5, open: 0, ahead: { longestMin: 50, overMin: 0 }, missed: [] };
  it('is said in a phrase each, and not at all where nothing is planned', () => {
    expect(lacksText(row, 0)).toEqual([]);
    expect(lacksText({ ...row, planned: 0, open: 0 }, 3)).toEqual([]);
    // What has passed cannot be put right any more.
    expect(lacksText({ ...row, open: 3, ahead: null }, 0)).toEqual([]);
    expect(
      lacksText(
        {
          ...row,
          open: 1,
          ahead: { longestMin: 90, overMin: 30 },
          missed: [{ muscle: 'pectorals', side: 'left' }] as never,
        },
        2,
      ),
    ).toEqual([
      '2 breaks in the way of what calendars have now',
      '1 time without a break chosen',
      'longest run at the desk to come 90 min, 30 min over the limit in all',
      'aims missed: pectorals left',
    ]);
    // Where nothing is chosen at all, aims are not even begun.
    expect(
      lacksText({ ...row, chosen: 0, open: 5, missed: [{ muscle: 'pectorals', side: 'left' }] as never }, 0),
    ).toEqual(['5 times without a break chosen']);
  });
});

describe('the days of all groups', () => {
  it('stand on one scale, from the first that begins to the last that ends', () => {
    const day = (startMin: number, endMin: number) => ({ day: { input: { startMin, endMin } } }) as never;
    expect(spanOf([day(540, 1020), { day: null }, day(360, 840)])).toEqual({ startMin: 360, endMin: 1020 });
    expect(spanOf([{ day: null }])).toBe(null);
  });
});
