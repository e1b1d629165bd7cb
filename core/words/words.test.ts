import { describe, expect, it } from 'vitest';
import { en, english, remembered, type SaidKey } from '.';

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
      'one breath',
      '2 breaths',
    ]);
  });
});

describe('what is remembered of a text', () => {
  it('is worked out once, also where nothing was found, and anew when too much is remembered', () => {
    const asked: string[] = [];
    const longest = remembered((text) => {
      asked.push(text);
      return text === '' ? null : (text.split(' ').sort((a, b) => b.length - a.length)[0] ?? null);
    });
    expect(['turn the head', '', 'turn the head', ''].map(longest)).toEqual(['turn', null, 'turn', null]);
    expect(asked).toEqual(['turn the head', '']);
    for (let i = 0; i < 20_010; i++) longest(`text ${i}`);
    expect(longest('turn the head')).toBe('turn');
    expect(asked.filter((text) => text === 'turn the head')).toHaveLength(2);
  });
});
