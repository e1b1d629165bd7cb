import { describe, expect, it } from 'vitest';
import { audienceOf, codes, found, libStep } from '../../../testing/review';

const standing = [libStep('walk-about', { dose: { measure: 'seconds', amount: 60 } })];

describe('idle', () => {
  it('sees who has nothing left to do for more than half a minute', () => {
    const audience = audienceOf([['recent surgery'], []]);
    const idle = found([libStep('shoulder-rolls'), ...standing], [], {}, audience).filter(
      (f) => f.code === 'leftIdle',
    );
    expect(idle).toMatchObject([
      { who: 'Ada', stepIds: ['warm', 'shoulder-rolls', 'walk-about', 'release'] },
    ]);
  });

  it('says nothing where there is another rung or another move', () => {
    expect(codes(found([libStep('shoulder-rolls')], [], {}, audienceOf([['neck']])))).not.toContain(
      'leftIdle',
    );
  });
});
