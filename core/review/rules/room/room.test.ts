import { describe, expect, it } from 'vitest';
import { audienceOf, codes, found, framed, libStep, mended } from '../../../testing/review';

const seats = { castors: true, arms: true, highBack: true };

describe('room', () => {
  it('names what chairs, space and things do not allow', () => {
    const found1 = found([libStep('strap-behind-back')], [], {}, audienceOf([], { things: ['chair'] }));
    expect(found1.find((f) => f.code === 'roomUnfit')).toMatchObject({ why: 'no strap at hand' });
    const out = found([libStep('turn-arms-out')], [], {}, audienceOf([], { room: 'little' }));
    expect(out.find((f) => f.code === 'roomUnfit')).toMatchObject({ weight: 'caution' });
  });

  it('knows castors and arms of the chair', () => {
    const audience = audienceOf([], { seats });
    const steps = ['hover', 'edge-leg-long', 'clasp-behind', 'side-reach'].map((id) =>
      libStep(id, id === 'hover' ? { rung: 'free' } : {}),
    );
    expect(codes(found(steps, [], {}, audience)).filter((c) => c === 'roomUnfit').length).toBeGreaterThan(0);
    expect(codes(found(steps, [], {}, audienceOf([])))).not.toContain('roomUnfit');
  });

  it('offers what the room allows', () => {
    const audience = audienceOf([], { things: ['chair'] });
    const b = framed([libStep('strap-behind-back')], []);
    expect(mended(b, [], 'roomUnfit', audience).codes).not.toContain('roomUnfit');
  });
});
