import { describe, expect, it } from 'vitest';
import { countWords, resolveCue } from '.';

describe('words', () => {
  it('puts the side in, and the other one', () => {
    const cue = '{Side} ear to the {side}; the {other} shoulder stays, {direction}.';
    expect(resolveCue(cue, { side: 'right', direction: 'back' })).toBe(
      'Right ear to the right; the left shoulder stays, back.',
    );
  });
  it('leaves a token without a meaning where it can be seen', () => {
    expect(resolveCue('the {side} and {sidde}', {})).toBe('the {side} and {sidde}');
  });
  it('counts what is spoken', () => {
    expect(countWords(' Sit tall – three  breaths, 20 s. ')).toBe(6);
    expect(countWords('')).toBe(0);
    expect(countWords('Épaule gauche')).toBe(2);
  });
});
