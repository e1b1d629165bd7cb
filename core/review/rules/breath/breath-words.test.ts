import { describe, expect, it } from 'vitest';
import { cues, move, reps, step } from '../../../testing/build';
import { found, libStep } from '../../../testing/review';

const said = (say: string, more: Partial<Parameters<typeof move>[1]> = {}, approach = {}) =>
  found(
    [step('a', { dose: reps(3, 4) })],
    [move('a', { kind: 'mobilise', cues: { ...cues(10), say }, ...more })],
    { approach },
  ).flatMap((f) => (f.code === 'breathWords' ? [`${f.words}, usual ${f.usual}`] : []));
const rounding = { breath: { going: 'out', by: 'rounding' } } as const;

describe('breath words', () => {
  it('hears the half that goes the other way', () => {
    expect(said('Breathe in and round your back.', rounding)).toEqual(['breathe in, usual breathe out']);
    expect(said('Breathe out and round your back.', rounding)).toEqual([]);
    expect(said('Breathe out and round your back.', rounding, { rounding: 'inhale rounds' })).toEqual([
      'breathe out, usual breathe in',
    ]);
    expect(said('Breathe in and turn.')).toEqual([]);
  });

  it('hears another way out than the approach has', () => {
    expect(said('Let it go out through the nose.')).toEqual([
      'out through the nose, usual out through the mouth',
    ]);
    expect(said('Let it go out through the mouth.')).toEqual([]);
  });

  it('hears the own words of a step', () => {
    const step1 = libStep('round-and-lift', { words: 'Breathe in and round, breathe out and lift.' });
    expect(found([step1]).map((f) => f.code)).toContain('breathWords');
  });
});
