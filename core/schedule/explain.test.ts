import { describe, expect, it } from 'vitest';
import { DayInput } from '../model';
import { planDay, readDay, whyHere, whyNotMore } from '.';

const day = DayInput.parse({
  startMin: 540,
  endMin: 1050,
  offDesk: [{ startMin: 750, endMin: 795 }],
  blocked: [
    { startMin: 570, endMin: 630 },
    { startMin: 840, endMin: 930 },
  ],
});
const planOf = (input: DayInput) => {
  const result = planDay(input);
  if (!result.ok) throw new Error('not planned');
  return result.plan;
};

describe('why a break is where it is', () => {
  it('names what is in the way, and what another time would cost', () => {
    const { breaks } = planOf(day);
    const i = breaks.findIndex((b) => b.startMin === 630);
    const why = whyHere(day, breaks, i)!;
    // It comes right after a meeting of an hour, 5 minutes after a break before it.
    expect(why.runMin).toBe(60);
    expect(why.earlier).toEqual({ code: 'in the way', what: 'blocked' });
    expect(why.later).toMatchObject({ code: 'dearer' });
    expect(why.without.longestRunMin).toBeGreaterThanOrEqual(90);
  });

  it('never finds a better place beside a break of the best plan', () => {
    const { breaks } = planOf(day);
    for (const [i] of breaks.entries()) {
      const why = whyHere(day, breaks, i)!;
      for (const side of [why.earlier, why.later])
        if (side.code === 'dearer')
          expect(side.overMin > 0 || (side.overMin === 0 && side.cost >= 0)).toBe(true);
      expect(why.without.overMin).toBeGreaterThanOrEqual(readDay(day, breaks).overMin);
    }
    expect(whyHere(day, breaks, 99)).toBeNull();
  });
});

describe('why there is not one more', () => {
  it('because it would cost more than it saves', () => {
    const plan = planOf(day);
    const why = whyNotMore(day, plan.breaks);
    expect(why.code).toBe('dearer');
    if (why.code === 'dearer') expect(why.overMin * 1e6 + why.cost).toBeGreaterThan(0);
  });

  it('because the rule allows no more, or none fits', () => {
    expect(whyNotMore({ ...day, maxCount: 3 }, planOf({ ...day, maxCount: 3 }).breaks)).toEqual({
      code: 'most',
      most: 3,
    });
    const full = { ...day, blocked: [{ startMin: 540, endMin: 1050 }] };
    expect(whyNotMore(full, [])).toEqual({ code: 'none fits' });
  });

  it('or one more would be better, when breaks were taken out by hand', () => {
    const { breaks } = planOf(day);
    expect(whyNotMore(day, breaks.slice(1))).toMatchObject({ code: 'better' });
  });
});
