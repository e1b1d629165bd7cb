import { describe, expect, it } from 'vitest';
import { audienceOf, codes, found, framed, libStep, mended } from '../../../testing/review';

const fold = libStep('fold-between-knees', { rung: 'hanging' });
const hinge = libStep('hip-hinge-reps');

describe('head low', () => {
  it('stops a low head for those who should not', () => {
    const low = found([hinge, fold], [], {}, audienceOf([['dizziness'], [], ['blood or eye pressure']]));
    expect(low[0]).toMatchObject({ code: 'headLow', weight: 'stop', who: ['Ada', 'Cy'] });
  });

  it('says nothing when nobody minds, or nobody is known', () => {
    expect(codes(found([hinge, fold], [], {}, audienceOf([['knee']])))).not.toContain('headLow');
    expect(codes(found([hinge, fold]))).not.toContain('headLow');
  });

  it('offers what the first of them can do', () => {
    const audience = audienceOf([['dizziness']]);
    expect(mended(framed([hinge, fold], []), [], 'headLow', audience).codes).not.toContain('headLow');
  });
});
