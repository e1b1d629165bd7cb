import { describe, expect, it } from 'vitest';
import { nightFrom, toInterval, toRange } from './hours';

const through = (startMin: number, endMin: number, from = 0) =>
  toInterval(toRange({ startMin, endMin }), from);

describe('hours as a picker has them', () => {
  it('are the same hours again, over midnight as well', () => {
    expect(through(540, 1050)).toEqual({ startMin: 540, endMin: 1050 });
    expect(through(1320, 1800)).toEqual({ startMin: 1320, endMin: 1800 });
    expect(toInterval(null)).toBeNull();
    expect(toRange(null)).toBeNull();
  });

  it('put the lunch of a night shift on the day on which it is', () => {
    const hours = { startMin: 1320, endMin: 1800 };
    expect(nightFrom(hours)).toBe(1320);
    expect(through(1560, 1590, nightFrom(hours))).toEqual({ startMin: 1560, endMin: 1590 });
    expect(through(1410, 1440, nightFrom(hours))).toEqual({ startMin: 1410, endMin: 1440 });
    expect(nightFrom({ startMin: 540, endMin: 1050 })).toBe(0);
  });
});
