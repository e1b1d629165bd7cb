import { describe, expect, it } from 'vitest';
import { codes, found, framed, libStep, mended } from '../../../testing/review';

const open = libStep('clasp-behind');
const round = libStep('clasp-forward');
const warm = libStep('elbow-circles');
const chestAndBack = (list: readonly string[]) =>
  list.filter((c) => c === 'chestWithoutRound' || c === 'roundWithoutChest');

describe('chest and upper back', () => {
  it('each want the other', () => {
    const sweep = libStep('sweep-out-and-home');
    expect(chestAndBack(codes(found([sweep, open])))).toEqual(['chestWithoutRound']);
    expect(chestAndBack(codes(found([libStep('blade-circles-arms-out'), round])))).toEqual([
      'roundWithoutChest',
    ]);
    expect(chestAndBack(codes(found([warm, open, round])))).toEqual([]);
  });

  it('put in what is missing', () => {
    const opened = framed([libStep('sweep-out-and-home'), open], [], { slotSec: 600 });
    expect(chestAndBack(mended(opened, [], 'chestWithoutRound').codes)).toEqual([]);
    const rounded = framed([libStep('blade-circles-arms-out'), round], [], { slotSec: 600 });
    expect(chestAndBack(mended(rounded, [], 'roundWithoutChest').codes)).toEqual([]);
  });
});
