import { describe, expect, it } from 'vitest';
import { codes, found, framed, libStep, mended } from '../../../testing/review';

const large = libStep('chin-half-circle');
const small = libStep('chin-nod');

describe('range', () => {
  it('wants small movements of an area before large ones', () => {
    expect(found([large, small])).toMatchObject([
      { code: 'largeFirst', stepIds: ['chin-half-circle', 'chin-nod'] },
    ]);
    expect(codes(found([small, large]))).toEqual([]);
  });

  it('does not compare areas with one another', () => {
    expect(codes(found([large, libStep('shoulder-rolls')]))).toEqual([]);
  });

  it('moves the small one up', () => {
    const after = mended(framed([large, small], []), [], 'largeFirst');
    expect(after.codes).toEqual([]);
  });
});
