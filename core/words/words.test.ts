import { describe, expect, it } from 'vitest';
import { en, english, type SaidKey } from '.';

const names = Object.keys(en);

describe('what is said while a break is followed', () => {
  it('fills in whatever a sentence has a place for', () => {
    for (const name of names) {
      const text: string = en[name as keyof typeof en];
      const places = [...text.matchAll(/\{\{(\w+)\}\}/g)].map(([, place = '']) => place);
      const values = Object.fromEntries(places.map((place) => [place, `<${place}>`]));
      const key = name.replace(/_(one|other)$/, '') as SaidKey;
      const said = english(key, { ...values, ...(name.endsWith('_one') && { count: 1 }) });
      expect(said).not.toMatch(/[{}]/);
      for (const place of places) if (place !== 'count') expect(said).toContain(`<${place}>`);
    }
  });

  it('has every plural in both forms', () => {
    for (const name of names.filter((n) => n.includes('_'))) {
      expect(name).toMatch(/^[a-z]+_(one|other)$/i);
      expect(names).toContain(name.replace(/_(one|other)$/, (end) => (end === '_one' ? '_other' : '_one')));
    }
    expect([english('doseBreaths', { count: 1 }), english('doseBreaths', { count: 2 })]).toEqual([
      '1 breath',
      '2 breaths',
    ]);
  });
});
