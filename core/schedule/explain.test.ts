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

describe('what stands beside a break', () => {
  const plain = DayInput.parse({
    startMin: 540,
    endMin: 720,
    gridMin: 5,
    kinds: [
      { id: 'short', lengthMin: 5, relief: 1 },
      { id: 'long', lengthMin: 10, relief: 1 },
    ],
    minGapMin: 20,
    targetMin: 0,
    lambda: 100,
    offDesk: [{ startMin: 600, endMin: 620 }],
    blocked: [{ startMin: 660, endMin: 675 }],
  });
  const at = (startMin: number, kindId = 'short') => ({ startMin, kindId });
  const beside = (day: DayInput, breaks: ReturnType<typeof at>[], index: number) => {
    const why = whyHere(day, breaks, index)!;
    return [why.earlier, why.later];
  };

  it('is named: the edges of the day, time off the desk, a meeting, another break, the gap to one', () => {
    const way = (what: string) => ({ code: 'in the way', what });
    expect(beside(plain, [at(540)], 0)[0]).toEqual(way('outside'));
    expect(beside(plain, [at(715)], 0)[1]).toEqual(way('outside'));
    expect(beside(plain, [at(590, 'long')], 0)[1]).toEqual(way('off desk'));
    expect(beside(plain, [at(620)], 0)[0]).toEqual(way('off desk'));
    expect(beside(plain, [at(655)], 0)[1]).toEqual(way('blocked'));
    expect(beside(plain, [at(640, 'long'), at(650)], 1)[0]).toEqual(way('overlap'));
    expect(beside(plain, [at(550), at(575)], 1)[0]).toEqual({ code: 'too close', gapMin: 20 });
  });

  it('or what it would come to, counted anew', () => {
    const breaks = [at(640), at(570)];
    const now = readDay(plain, breaks);
    const then = (startMin: number) => readDay(plain, [at(570), at(startMin)]);
    for (const [i, startMin] of [635, 645].entries())
      expect(beside(plain, breaks, 0)[i]).toEqual({
        code: 'dearer',
        overMin: then(startMin).overMin - now.overMin,
        cost: then(startMin).cost - now.cost,
      });
    expect(then(635).cost).not.toBe(now.cost);
  });

  it('and how long the run is that it ends, and the day without it', () => {
    const breaks = [at(570), at(640)];
    const { overMin, cost, longestRunMin } = readDay(plain, [at(570)]);
    expect(whyHere(plain, breaks, 1)).toMatchObject({
      runMin: 20,
      without: { overMin, cost, longestRunMin },
    });
    expect(whyHere(plain, [at(540)], 0)?.runMin).toBe(0);
    expect(whyHere(plain, [at(545)], 0)?.runMin).toBe(5);
    expect(whyHere(plain, [at(570, 'nothing')], 0)).toBeNull();
  });
});

describe('why there is not one more', () => {
  it('because the minutes of the day are used up', () => {
    const kinds = [
      { id: 'short', lengthMin: 5, relief: 1 },
      { id: 'long', lengthMin: 10, relief: 1 },
    ];
    const short = (startMin: number) => ({ startMin, kindId: 'short' });
    const breaks = [short(640), short(700)];
    const most = (maxMinutes: number) => DayInput.parse({ ...day, kinds, maxMinutes });
    expect(whyNotMore(most(14), breaks)).toEqual({ code: 'minutes', most: 14 });
    expect(whyNotMore(most(15), breaks).code).not.toBe('minutes');
    expect(whyNotMore(most(19), [{ startMin: 640, kindId: 'long' }, short(700)])).toEqual({
      code: 'minutes',
      most: 19,
    });
    expect(whyNotMore({ ...day, maxCount: 3 }, breaks).code).not.toBe('most');
  });

  it('with what one more would come to', () => {
    const { breaks } = planOf(day);
    const more = planOf({ ...day, minCount: breaks.length + 1, maxCount: breaks.length + 1 });
    const now = readDay(day, breaks);
    expect(whyNotMore(day, breaks)).toEqual({
      code: 'dearer',
      overMin: more.overMin - now.overMin,
      cost: more.cost - now.cost,
      longestRunMin: more.longestRunMin,
    });
  });

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
