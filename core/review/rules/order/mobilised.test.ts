import { describe, expect, it } from 'vitest';
import { breaths, hold, move, reps, step } from '../../../testing/build';
import { codes, found, framed, libStep, mended } from '../../../testing/review';

const chest = move('a', { name: 'Open', areas: ['upper arm', 'neck'] });
const warmed = move('m', { kind: 'mobilise', areas: ['upper arm'] });

describe('mobilised', () => {
  it('asks for movement before an area is held for more than 10 s', () => {
    expect(found([step('a')], [chest])).toMatchObject([
      { code: 'notMobilised', move: 'Open', area: 'upper arm', holdMs: 20_000 },
    ]);
    expect(found([step('a', { dose: hold(10) })], [chest])).toEqual([]);
    expect(codes(found([step('a', { dose: breaths(2) })], [chest]))).toEqual(['notMobilised']);
  });

  it('counts only movement that comes before', () => {
    const items = [step('a'), step('m', { dose: reps(3, 4) })];
    expect(codes(found(items, [chest, warmed]))).toContain('notMobilised');
    expect(codes(found([...items].reverse(), [chest, warmed]))).toEqual([]);
  });

  it('counts what is moved along with an area', () => {
    const flank = move('a', { name: 'Lean', areas: ['side'] });
    const back = move('m', { kind: 'mobilise', areas: ['upper back'] });
    const neck = move('m', { kind: 'mobilise', areas: ['neck'] });
    const items = [step('m', { dose: reps(3, 4) }), step('a')];
    expect(codes(found(items, [flank, back]))).not.toContain('notMobilised');
    expect(codes(found(items, [flank, neck]))).toContain('notMobilised');
  });

  it('puts a moving move for the area before it', () => {
    const b = framed([libStep('chair-back-chest')], [], { slotSec: 300 });
    const after = mended(b, [], 'notMobilised');
    expect(after.codes).not.toContain('notMobilised');
    expect(after.fix).toMatchObject({ do: 'add', beforeId: 'chair-back-chest' });
  });
});
