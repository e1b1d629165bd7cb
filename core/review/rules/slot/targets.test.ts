import { describe, expect, it } from 'vitest';
import { codes, found, framed, libStep, mended } from '../../../testing/review';

const wrists = [libStep('wrist-circles'), libStep('fingers-up'), libStep('fingers-down')];

describe('targets', () => {
  it('are missed when hardly anything is done for them', () => {
    expect(found(wrists, [], { targets: ['forearm', 'hip'] })).toMatchObject([
      { code: 'targetMissed', area: 'hip', heldMs: 0 },
    ]);
    expect(codes(found(wrists, [], { targets: ['forearm'] }))).toEqual([]);
  });

  it('are missed on one side as well', () => {
    const left = wrists.map((s, i) => (i === 0 ? s : { ...s, sides: 'left' as const }));
    expect(codes(found(left.slice(1), [], { targets: ['forearm'] }))).toContain('targetMissed');
  });

  it('are given a hold before the end', () => {
    const b = framed(wrists, [], { targets: ['hip'], slotSec: 400 });
    expect(mended(b, [], 'targetMissed').codes).not.toContain('targetMissed');
  });
});
