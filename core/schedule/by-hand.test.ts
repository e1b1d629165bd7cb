import { describe, expect, it } from 'vitest';
import { DayInput } from '../model';
import { freeStart, middleOfLongestRun, obstacle, tooClose } from '.';

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

  it('says how much of the gap is missing, before or after, and nothing where it is kept', () => {
    const rule = {
      minGapMin: 20,
      kinds: [
        { id: 'short', lengthMin: 5, relief: 1 },
        { id: 'tiny', lengthMin: 1, relief: 0.5, minGapMin: 5 },
      ],
    };
    const others = [
      { startMin: 600, kindId: 'short' },
      { startMin: 660, kindId: 'short' },
    ];
    const at = (startMin: number, kindId = 'short') => tooClose(rule, others, { startMin, kindId });
    expect(at(624)).toEqual({ to: 'before', haveMin: 19, askedMin: 20 });
    expect(at(625)).toBeNull();
    expect(at(635)).toBeNull();
    expect(at(636)).toEqual({ to: 'after', haveMin: 19, askedMin: 20 });
    expect(at(575)).toBeNull();
    expect(at(576)).toEqual({ to: 'after', haveMin: 19, askedMin: 20 });
    // A kind with a gap of its own needs only that to what came before; what comes after keeps its own.
    expect(at(610, 'tiny')).toBeNull();
    expect(at(609, 'tiny')).toEqual({ to: 'before', haveMin: 4, askedMin: 5 });
    expect(at(645, 'tiny')).toEqual({ to: 'after', haveMin: 14, askedMin: 20 });
    expect(tooClose(rule, [], { startMin: 600, kindId: 'short' })).toBeNull();
  });
});
