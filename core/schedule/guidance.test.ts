import { describe, expect, it } from 'vitest';
import { DayInput } from '../model';
import { planDay, weekGuidance } from '.';

const day = DayInput.parse({ startMin: 540, endMin: 1050, offDesk: [{ startMin: 750, endMin: 795 }] });
const plannedDay = (input: DayInput) => {
  const result = planDay(input);
  if (!result.ok) throw new Error('not planned');
  return { input, breaks: result.plan.breaks };
};
const metOf = (days: Parameters<typeof weekGuidance>[0]) =>
  Object.fromEntries(weekGuidance(days).map((g) => [g.code, g.met]));

describe('what published guidance says of a plan', () => {
  it('quotes its figures', () => {
    const [hour, , extra, done] = weekGuidance([plannedDay(day)]);
    // HSE INDG36/L26: 5 to 10 min every hour. Galinsky et al. 2000: four of 5 min a day. 2007: 25 % and 39 %. From memory.
    expect(hour).toMatchObject({ leastMin: 5, mostMin: 10 });
    expect(extra).toMatchObject({ count: 4, lengthMin: 5 });
    expect(done).toMatchObject({ ordinary: 0.25, extra: 0.39, met: null });
    // Of ten breaks about four: what a real week makes of a plan is said beside the rule.
    const ten = weekGuidance([
      plannedDay({ ...day, minCount: 5, maxCount: 5 }),
      plannedDay({ ...day, minCount: 5, maxCount: 5 }),
    ]);
    expect(ten.find((g) => g.code === 'really done')).toMatchObject({ planned: 10, done: 4 });
  });

  it('is met by a break about every forty minutes, and not by two a day', () => {
    expect(metOf([plannedDay(day)])).toEqual({
      'every hour': true,
      interrupted: true,
      'extra breaks': true,
      'really done': null,
    });
    expect(metOf([plannedDay({ ...day, minCount: 2, maxCount: 2 })])).toMatchObject({
      'every hour': false,
      interrupted: true,
      'extra breaks': false,
    });
    expect(metOf([plannedDay({ ...day, minCount: 0, maxCount: 0 })])).toMatchObject({ interrupted: false });
  });

  it('does not count breaks of a minute as the breaks it speaks of', () => {
    const tiny = { ...day, kinds: [{ id: 'tiny', lengthMin: 1, relief: 0.5 }] };
    expect(metOf([plannedDay(tiny)])).toMatchObject({ 'every hour': false, 'extra breaks': false });
  });
});
