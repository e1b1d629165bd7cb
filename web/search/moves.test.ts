import { library } from '@kotabi/core/library/all';
import { describe, expect, it } from 'vitest';
import { searchMoves } from './moves';

const first = (text: string): string | undefined => searchMoves(library, text)[0]?.id;

describe('finding a move', () => {
  it.each([
    ['ear toward', 'ear-to-shoulder'],
    ['chin tuck', 'chin-glide'],
    ['sholder rolls', 'shoulder-rolls'],
    ['figre four', 'ankle-on-knee'],
    ['pryer', 'prayer-press'],
    ['Windscreen', 'knees-side-to-side'],
  ])('%s finds %s first', (text, id) => {
    expect(first(text)).toBe(id);
  });

  it('finds by muscle, with a typo', () => {
    const found = searchMoves(library, 'trapezuis').map((m) => m.id);
    expect(found).toContain('ear-to-shoulder');
    expect(found.length).toBeGreaterThan(8);
    const piriformis = searchMoves(library, 'piriformis');
    for (const m of piriformis.slice(0, 5))
      expect([...m.muscles, ...m.otherNames].join(' ').toLowerCase()).toContain('piriformis');
  });

  it('wants every word, and shows all when none is typed', () => {
    expect(searchMoves(library, '  ')).toHaveLength(library.length);
    expect(searchMoves(library, 'wrist xylophone')).toEqual([]);
  });
});
