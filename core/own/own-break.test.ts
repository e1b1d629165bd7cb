import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { moveLookup } from '../library/all';
import { defaultApproach, Limit, type Person, SIDED_LIMITS, stepsOf } from '../model';
import { needsTable } from '../needs';
import { breakFrom, starts } from '../starts';
import { compileTimeline, resolveBreak } from '../timing';
import { movesOf, ownBreak } from '.';

const lookup = moveLookup();
const room = {
  limits: [],
  things: ['wall', 'strap', 'towel', 'cushion', 'ball', 'mat', 'roll', 'footrest'] as const,
};
const everyBreak = starts.map((s, i) =>
  breakFrom(s, {
    lookup,
    approach: defaultApproach,
    newId: () => `s${i}.${Math.random().toString(36).slice(2, 8)}`,
  }),
);
const somebody = (more: Partial<Person>): Person => ({
  id: 'p',
  groupId: 'g',
  name: 'P',
  tight: [],
  limits: [],
  note: '',
  consent: true,
  measuring: false,
  ...more,
});
const version = (brk: (typeof everyBreak)[number], person: Person) =>
  ownBreak(brk, { person, room, lookup, approach: defaultApproach });

describe('a break as one person does it', () => {
  it('holds nothing that their limits exclude: every start, every limit, every pair of them', () => {
    const limits = Limit.options.map((limit) => ({
      limit,
      ...(SIDED_LIMITS.includes(limit) && { side: 'right' as const }),
    }));
    const pairs = limits.flatMap((a, i) => limits.slice(i).map((b) => (a === b ? [a] : [a, b])));
    const asked = new Set<string>();
    for (const brk of everyBreak)
      for (const pair of pairs) {
        const person = somebody({ limits: pair });
        const own = version(brk, person);
        if (!own) throw new Error(`${brk.name} cannot be timed`);
        const resolved = resolveBreak(own.brk, lookup, defaultApproach);
        expect(resolved.ok, `${brk.name} for ${pair.map((l) => l.limit)}`).toBe(true);
        for (const row of needsTable(own.brk, [person], room, lookup))
          for (const { answer } of row.answers)
            if (answer.verdict !== 'fine')
              asked.add(`${brk.name}: ${row.step.moveId} for ${pair.map((l) => l.limit)}: ${answer.verdict}`);
      }
    expect([...asked].slice(0, 10)).toEqual([]);
  });

  it('is the break itself for whoever has no limit and nothing tight', () => {
    for (const brk of everyBreak) {
      const own = version(brk, somebody({}));
      expect(own?.changed).toEqual([]);
      expect(own?.brk.items).toEqual(brk.items);
    }
  });

  it('says nowhere why: no limit is in it', () => {
    for (const limit of Limit.options) {
      const own = version(everyBreak[0]!, somebody({ limits: [{ limit }], note: 'a secret note' }));
      expect(JSON.stringify(own)).not.toMatch(/secret|"limits"|stopped/);
    }
  });

  it('holds the tighter side longer, on the way that it feels', () => {
    const brk = everyBreak.find((b) => stepsOf(b).some((s) => s.moveId === 'ear-to-shoulder'));
    const own = version(brk!, somebody({ tight: [{ area: 'neck', side: 'right' }] }));
    const step = own && stepsOf(own.brk).find((s) => s.moveId === 'ear-to-shoulder');
    // The ear goes to the left; the right side of the neck feels it.
    if (step?.dose.measure === 'seconds' && step.dose.amount <= 25)
      expect(step.uneven).toMatchObject({ side: 'left', amount: step.dose.amount + 5 });
    expect(own?.changed).toEqual([]);
  });

  it('can be led: a timeline with every move at hand', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...everyBreak),
        fc.uniqueArray(fc.constantFrom(...Limit.options), { minLength: 1, maxLength: 4 }),
        (brk, limits) => {
          const own = version(brk, somebody({ limits: limits.map((limit) => ({ limit })) }));
          const moves = new Map(movesOf(own!.brk, lookup).map((m) => [m.id, m]));
          const resolved = resolveBreak(own!.brk, (id) => moves.get(id), defaultApproach);
          expect(resolved.ok).toBe(true);
          if (resolved.ok) expect(compileTimeline(resolved.value).totals.totalMs).toBeGreaterThan(0);
        },
      ),
      { numRuns: 100 },
    );
  });
});
