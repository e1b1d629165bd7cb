import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { measureOffset } from './clock';

describe('another clock', () => {
  it('is known to half of the quickest way there and back, however uneven the others were', async () => {
    const ways = fc.array(fc.tuple(fc.integer({ min: 1, max: 400 }), fc.integer({ min: 1, max: 400 })), {
      minLength: 6,
      maxLength: 6,
    });
    await fc.assert(
      fc.asyncProperty(ways, fc.integer({ min: -1e6, max: 1e6 }), async (delays, ahead) => {
        let now = 1_700_000_000_000;
        let i = 0;
        const ask = async (): Promise<number> => {
          const [there, back] = delays[i++ % 6] as [number, number];
          now += there;
          const theirs = now + ahead;
          now += back;
          return theirs;
        };
        const { offsetMs, roundMs } = await measureOffset(ask, () => now);
        expect(roundMs).toBe(Math.min(...delays.map(([a, b]) => a + b)));
        expect(Math.abs(offsetMs - ahead)).toBeLessThanOrEqual(roundMs / 2);
      }),
    );
  });
});
