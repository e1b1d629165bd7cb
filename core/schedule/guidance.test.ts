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

  it('is met by exactly what it asks for, and by no empty week', () => {
    const kind = { id: 'five', lengthMin: 5, relief: 1 };
    // From nine on, every hour at the hour: the longest stretch is just an hour.
    const input = DayInput.parse({ startMin: 540, endMin: 845, kinds: [kind], minCount: 0 });
    const at = (...minutes: number[]) => ({
      input,
      breaks: minutes.map((startMin) => ({ startMin, kindId: 'five' })),
    });
    const [hour, , extra] = weekGuidance([at(600, 665, 730, 795)]);
    expect(hour).toMatchObject({ met: true, longestMin: 60 });
    expect(extra).toMatchObject({ met: true, meanADay: 4 });
    expect(metOf([at(601, 665, 730, 795)])).toMatchObject({ 'every hour': false });
    expect(metOf([at(600, 665, 730)])).toMatchObject({ 'extra breaks': false });
    expect(weekGuidance([at(600, 665, 730, 795), at()])[2]).toMatchObject({ met: false, meanADay: 2 });
    expect(weekGuidance([])[2]).toMatchObject({ meanADay: 0 });
    expect(metOf([])).toMatchObject({ 'every hour': false, interrupted: false, 'extra breaks': false });
  });

  it('goes by the length of the kind of each break, and takes one without a kind for none', () => {
    const kinds = [
      { id: 'tiny', lengthMin: 1, relief: 0.5 },
      { id: 'five', lengthMin: 5, relief: 1 },
    ];
    const input = DayInput.parse({ startMin: 540, endMin: 660, kinds, minCount: 0 });
    const mean = (kindId: string) => weekGuidance([{ input, breaks: [{ startMin: 600, kindId }] }])[2];
    expect([mean('five'), mean('tiny'), mean('gone')].map((g) => g && 'meanADay' in g && g.meanADay)).toEqual(
      [1, 0, 0],
    );
  });

  it('does not count breaks of a minute as the breaks it speaks of', () => {
    const tiny = { ...day, kinds: [{ id: 'tiny', lengthMin: 1, relief: 0.5 }] };
    expect(metOf([plannedDay(tiny)])).toMatchObject({ 'every hour': false, 'extra breaks': false });
  });
});
