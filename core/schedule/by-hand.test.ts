import { describe, expect, it } from 'vitest';
import { DayInput } from '../model';
import { freeStart, middleOfLongestRun, obstacle } from '.';

const day = DayInput.parse({
  startMin: 540,
  endMin: 660,
  offDesk: [{ startMin: 630, endMin: 645 }],
  blocked: [{ startMin: 570, endMin: 600 }],
});
const other = [{ startMin: 610, endMin: 615 }];

describe('breaks set by hand', () => {
  it('says what stands in the way', () => {
    expect(obstacle(day, other, 540, { lengthMin: 5 })).toBeNull();
    expect(obstacle(day, other, 535, { lengthMin: 5 })).toBe('outside');
    expect(obstacle(day, other, 658, { lengthMin: 5 })).toBe('outside');
    expect(obstacle(day, other, 568, { lengthMin: 5 })).toBe('blocked');
    expect(obstacle(day, other, 565, { lengthMin: 5 })).toBeNull();
    expect(obstacle(day, other, 626, { lengthMin: 5 })).toBe('off desk');
    expect(obstacle(day, other, 612, { lengthMin: 5 })).toBe('overlap');
  });

  it('finds the nearest free time on the grid, the earlier on a tie', () => {
    expect(freeStart(day, other, { lengthMin: 5 }, 552)).toBe(550);
    expect(freeStart(day, other, { lengthMin: 5 }, 585)).toBe(600);
    expect(freeStart(day, other, { lengthMin: 5 }, 580)).toBe(565);
    expect(freeStart(day, [], { lengthMin: 5 }, 582.5)).toBe(565);
    expect(freeStart(day, other, { lengthMin: 5 }, 0)).toBe(540);
    expect(freeStart(day, other, { lengthMin: 5 }, 2000)).toBe(655);
  });

  it('says when there is none', () => {
    expect(freeStart(day, other, { lengthMin: 35 }, 560)).toBeNull();
    expect(freeStart(day, [{ startMin: 540, endMin: 660 }], { lengthMin: 5 }, 600)).toBeNull();
  });

  it('knows where one more break helps most', () => {
    // Without breaks the run grows from 09:00 to 10:30; its middle is 09:45.
    expect(middleOfLongestRun(day, [])).toBe(584);
  });
});
