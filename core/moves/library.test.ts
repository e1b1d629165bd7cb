import { describe, expect, it } from 'vitest';
import { countWords, resolveCue } from '../cues';
import { Area, defaultPace } from '../model';
import { published } from '../reference';
import { brk, compile } from '../testing/build';
import { library, moveLookup, stepOf } from '.';

const sides = ['left', 'right'] as const;

describe('the library', () => {
  it('holds at least twenty moves over breath, neck, shoulder, spine and wrist, each with its own id and name', () => {
    expect(library.length).toBeGreaterThanOrEqual(20);
    for (const key of ['id', 'name'] as const)
      expect(new Set(library.map((m) => m[key])).size).toBe(library.length);
    expect(new Set(library.map((m) => m.region))).toEqual(
      new Set(['breath', 'neck', 'shoulder', 'spine', 'wrist']),
    );
    expect(library.some((m) => m.kind === 'close')).toBe(true);
  });

  describe.each(library.map((m) => [m.name, m] as const))('%s', (_, move) => {
    const { cues, ways } = move;
    const directions = ways.directions ?? [null];
    const passes = ways.pattern === 'together' ? [null] : sides;

    it('leaves no token unresolved in any side and direction', () => {
      for (const side of passes)
        for (const direction of directions)
          for (const cue of Object.values(cues))
            expect(resolveCue(cue ?? '', { side, direction })).not.toMatch(/[{}]/);
    });

    it('names its side by tokens only, and says the other side differently', () => {
      for (const cue of Object.values(cues)) expect(cue).not.toMatch(/\b(left|right)\b/i);
      if (ways.pattern === 'together') return;
      for (const cue of [cues.say, cues.again ?? ''])
        expect(resolveCue(cue, { side: 'left' })).not.toBe(resolveCue(cue, { side: 'right' }));
    });

    it('is felt where its ways say: the feel cue names the same side as the ledger', () => {
      if (ways.pattern === 'together' || ways.felt === 'both')
        return expect(cues.feel).not.toMatch(/\{(side|other)\}/);
      if (/\{(side|other)\}/.test(cues.feel)) {
        expect(cues.feel.includes('{other}')).toBe(ways.felt === 'opposite');
      }
      const spots = move.pose?.felt.filter((s) => / (left|right)$/.test(s)) ?? [];
      const felt = ways.felt === 'same' ? 'left' : 'right';
      expect(spots.length).toBeGreaterThan(0);
      for (const spot of spots) expect(spot.endsWith(felt)).toBe(true);
    });

    it('is short enough to listen to, and fits its usual dose without a finding of length', () => {
      // Common practice, no source: a set-up of more than 15 s loses the room (35 words at 140 a minute).
      expect(countWords(cues.say)).toBeLessThanOrEqual(35);
      const { parts } = compile(brk([stepOf(move, 's')]), [move]);
      const work = parts.filter((p) => p.kind === 'work').reduce((sum, p) => sum + p.lengthMs, 0);
      const spoken = (countWords(`${cues.feel} ${cues.check}`) / defaultPace.wordsPerMinute) * 60_000;
      expect(spoken).toBeLessThanOrEqual(work);
    });
  });

  it('can mobilise every area it stretches', () => {
    const warmed = new Set(library.filter((m) => m.kind === 'mobilise').flatMap((m) => m.areas));
    for (const move of library.filter((m) => m.kind === 'stretch'))
      expect(warmed.has(move.areas[0])).toBe(true);
    for (const area of warmed) expect(Area.options).toContain(area);
  });

  it('holds stretches inside the published 10 to 30 s', () => {
    // ACSM position stand, Garber et al., Med Sci Sports Exerc 2011;43(7):1334-59: 10-30 s (value from memory).
    for (const { dose, kind } of library)
      if (kind === 'stretch' && dose.usual.measure === 'seconds') {
        expect(dose.usual.amount).toBeGreaterThanOrEqual(published.staticHold.leastSec);
        expect(dose.usual.amount).toBeLessThanOrEqual(published.staticHold.mostSec);
      }
  });

  it('lets an own move stand before a library move of the same id', () => {
    const own = { ...library[0], name: 'My own' };
    expect(moveLookup([own])(own.id)?.name).toBe('My own');
    expect(moveLookup()(own.id)?.name).toBe(library[0].name);
    expect(moveLookup()('nowhere')).toBeUndefined();
  });
});
