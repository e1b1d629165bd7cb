import { describe, expect, it } from 'vitest';
import { codes, found, framed, libStep, mended } from '../../../testing/review';

const wrists = [libStep('wrist-circles'), libStep('fingers-up')];

describe('targets', () => {
  it('are missed when hardly anything is done for them', () => {
    expect(found(wrists, [], { targets: ['forearm', 'hip'] })).toMatchObject([
      { code: 'targetMissed', area: 'hip', heldMs: 0 },
    ]);
    expect(codes(found(wrists, [], { targets: ['forearm'] }))).toEqual([]);
  });

  it('are missed on one side as well', () => {
    const left = [wrists[0], { ...wrists[1], sides: 'left' as const }] as typeof wrists;
    expect(codes(found(left.slice(1), [], { targets: ['forearm'] }))).toContain('targetMissed');
  });

  it('are given a hold before the end', () => {
    const b = framed(wrists, [], { targets: ['hip'], slotSec: 400 });
    expect(mended(b, [], 'targetMissed').codes).not.toContain('targetMissed');
  });
});
