import { describe, expect, it } from 'vitest';
import { areasNamed, likelyAreas, tighterSide } from './likely';

describe('what a break for a group is likely wanted for', () => {
  it.each([
    ['Stiff necks after the late shift', ['neck']],
    ['shoulders and wrists, please', ['shoulder', 'forearm']],
    ['Something against lower back pain', ['low back']],
    ['our backs', ['upper back', 'low back']],
    ['get back to work awake', []],
    ['a calm head before the phones start', ['neck', 'breath']],
    ['', []],
  ] as const)('reads “%s”', (hopes, areas) => {
    expect(areasNamed(hopes)).toEqual(areas);
  });

  const tight = (...areas: ['neck' | 'hip' | 'shoulder', 'left' | 'right' | 'both'][]) => ({
    tight: areas.map(([area, side]) => ({ area, side })),
  });

  it('puts first what most speaks for, with the reasons, and no more than three', () => {
    const people = [tight(['neck', 'left']), tight(['neck', 'both'], ['hip', 'right']), tight()];
    expect(likelyAreas({ hopes: 'wrists', people, lacking: ['neck', 'chest', 'low back'] })).toEqual([
      { area: 'neck', why: ['tight', 'lacking'] },
      { area: 'forearm', why: ['hopes'] },
      { area: 'chest', why: ['lacking'] },
    ]);
    expect(likelyAreas({ hopes: '', people: [], lacking: [] })).toEqual([]);
  });

  it('knows the tighter side only where more than half are', () => {
    const [a, b] = [tight(['neck', 'left']), tight(['neck', 'left'])];
    expect(tighterSide([a, b, tight()], ['neck'])).toBe('left');
    expect(tighterSide([a, b, tight()], ['hip'])).toBeNull();
    expect(tighterSide([a, tight(['neck', 'right'])], ['neck'])).toBeNull();
    expect(tighterSide([], ['neck'])).toBeNull();
  });
});
