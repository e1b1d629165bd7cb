import { describe, expect, it } from 'vitest';
import { armAt } from './ClockFace';

describe('pressing the clock', () => {
  it.each([
    [-10, 90, 'left', 0.0],
    [-90, 0, 'left', 3],
    [90, 0, 'right', 3],
    [-60, -60, 'left', 4.5],
    [40, 70, 'right', 1],
    [-1, -90, 'left', 6],
  ] as const)('%i beside and %i below the middle is the %s arm, %f hours up', (dx, dy, side, up) => {
    expect(armAt(dx, dy)).toEqual({ side, up });
  });
});
