import { shareEstimate } from '@kotabi/core/stats';
import { describe, expect, it } from 'vitest';
import { betweenText } from './trends';

describe('two shares beside each other', () => {
  it('are told apart only beyond chance, and in which way', () => {
    expect(betweenText(shareEstimate(48, 80), shareEstimate(56, 70))).toBe(
      '20 percentage points more done in the second (95 %: 5 to 33).',
    );
    expect(betweenText(shareEstimate(56, 70), shareEstimate(48, 80))).toBe(
      '20 percentage points fewer done in the second (95 %: 5 to 33).',
    );
    expect(betweenText(shareEstimate(5, 10), shareEstimate(6, 10))).toMatch(
      /^10 percentage points more .*: it cannot be told apart from chance\.$/,
    );
    expect(betweenText(null, shareEstimate(6, 10))).toBe('');
  });
});
