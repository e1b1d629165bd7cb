import { describe, expect, it } from 'vitest';
import { brk } from '../../../testing/build';
import { codes, findings, found, framed, libStep, mended } from '../../../testing/review';

const loud = libStep('arms-wide-fingers');

describe('call', () => {
  it('wants nothing that is heard or noticed on a call', () => {
    expect(codes(findings(brk([loud], { onCall: true, slotSec: 60 }), []))).toContain('notDiscreet');
    expect(codes(findings(brk([loud], { slotSec: 60 }), []))).not.toContain('notDiscreet');
    expect(codes(findings(brk([libStep('toes-up')], { onCall: true, slotSec: 60 }), []))).not.toContain(
      'notDiscreet',
    );
  });

  it('does something quiet instead, or leaves it out', () => {
    const b = { ...framed([loud], []), onCall: true };
    const count = (list: readonly string[]) => list.filter((c) => c === 'notDiscreet').length;
    expect(count(mended(b, [], 'notDiscreet').codes)).toBe(
      count(codes(found([loud], [], { onCall: true }))) - 1,
    );
  });
});
