import { describe, expect, it } from 'vitest';
import { DayInput } from '../model';
import { planDay } from '.';

type Input = Partial<import('zod').z.input<typeof DayInput>>;
const KINDS = [
  { id: 'short', lengthMin: 5, relief: 1 },
  { id: 'long', lengthMin: 10, relief: 1 },
];
const day = (more: Input = {}) =>
  DayInput.parse({ startMin: 540, endMin: 1050, kinds: KINDS, offDesk: [], ...more });
const failure = (more: Input) => {
  const result = planDay(day(more));
  return result.ok ? null : result.failure;
};
const locked = (...starts: [number, string?][]) =>
  starts.map(([startMin, kindId = 'short']) => ({ startMin, kindId }));

describe('what is looked at before a day is planned', () => {
  it('lets locked breaks stand end to end, and no minute closer, in whatever order they are given', () => {
    expect(failure({ minGapMin: 0, locked: locked([605], [600]) })).toBeNull();
    expect(failure({ minGapMin: 0, locked: locked([604], [600]) })).toEqual({
      code: 'lockedDoesNotFit',
      startMin: 604,
      why: 'overlap',
    });
    // A longer one before it reaches further.
    expect(failure({ minGapMin: 0, locked: locked([605], [600, 'long']) })).toMatchObject({ startMin: 605 });
    expect(failure({ minGapMin: 0, locked: locked([610], [600, 'long']) })).toBeNull();
  });

  it('lets them stand at both ends of the day, and not beyond', () => {
    expect(failure({ locked: locked([540], [1045]) })).toBeNull();
    expect(failure({ locked: locked([539]) })).toMatchObject({ startMin: 539, why: 'outside' });
    expect(failure({ locked: locked([1046]) })).toMatchObject({ startMin: 1046, why: 'outside' });
  });

  it('counts those of the day against its most', () => {
    const three = locked([600], [700], [800]);
    expect(failure({ maxCount: 3, locked: three })).toBeNull();
    expect(failure({ maxCount: 2, locked: three })).toEqual({
      code: 'tooManyLocked',
      maxCount: 2,
      locked: 3,
    });
  });

  it('counts those of a kind, and those of a stretch, by themselves', () => {
    const kinds = [{ ...KINDS[0]!, maxCount: 1 }, KINDS[1]!];
    expect(failure({ kinds, locked: locked([600], [700, 'long'], [800, 'long']) })).toBeNull();
    expect(failure({ kinds, locked: locked([600], [700]) })).toEqual({
      code: 'tooManyLocked',
      maxCount: 1,
      locked: 2,
      kindId: 'short',
    });
    const windows = [{ fromMin: 600, untilMin: 700, least: 0, most: 1 }];
    // The stretch has its first minute and not its last.
    expect(failure({ windows, locked: locked([595], [600], [700]) })).toBeNull();
    expect(failure({ windows, locked: locked([600], [695]) })).toEqual({
      code: 'tooManyLocked',
      maxCount: 1,
      locked: 2,
      fromMin: 600,
      untilMin: 700,
    });
  });

  it('counts their minutes, and tells of minutes', () => {
    const three = locked([600], [700, 'long'], [800, 'long']);
    expect(failure({ maxMinutes: 25, locked: three })).toBeNull();
    expect(failure({ maxMinutes: 24, locked: three })).toEqual({
      code: 'tooManyLocked',
      maxCount: 24,
      locked: 25,
      minutes: true,
    });
  });

  it('says that nothing fits into a stretch that lies before the day', () => {
    const windows = [{ fromMin: 480, untilMin: 540, least: 1, most: 3 }];
    expect(failure({ windows })).toEqual({
      code: 'tooFewFit',
      minCount: 1,
      possible: 0,
      fromMin: 480,
      untilMin: 540,
    });
    expect(failure({ windows: [{ ...windows[0]!, least: 0 }] })).toBeNull();
    expect(failure({ windows: [{ ...windows[0]!, untilMin: 560 }] })).toBeNull();
  });

  it('refuses more counts than anybody would write', () => {
    // One inside the other: each has to be counted for as long as the widest goes on.
    const windows = Array.from({ length: 12 }, (_, i) => ({
      fromMin: 540 + 5 * i,
      untilMin: 1050 - 5 * i,
      least: 1,
      most: 8,
    }));
    expect(failure({ windows })).toMatchObject({ code: 'tooManyCounts' });
    expect(failure({ windows: windows.slice(0, 2) })).toBeNull();
  });
});
