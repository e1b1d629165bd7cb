import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { isTwoWay, stepsOf } from '../model';
import { times } from '../testing/all';
import { arbBreak } from '../testing/arbitrary';
import { compile } from '../testing/build';
import { mirrorBreak } from './mirror';
import { totalsOf } from './timeline';
import { workingOf } from './working';

const check = (property: (input: Parameters<Parameters<typeof arbBreak.map>[0]>[0]) => void) =>
  fc.assert(fc.property(arbBreak, property), { numRuns: times(120, 300), seed: 20_260_301 });

describe('any timeline', () => {
  it('has parts without gaps that add up, in whole milliseconds', () =>
    check(({ brk, moves }) => {
      const { parts, totals } = compile(brk, moves);
      let now = 0;
      for (const [i, part] of parts.entries()) {
        expect(part.index).toBe(i);
        expect(part.startMs).toBe(now);
        expect(Number.isInteger(part.lengthMs) && part.lengthMs > 0).toBe(true);
        now += part.lengthMs;
      }
      expect(totals.totalMs).toBe(now);
    }));

  it('mirrored has its totals mirrored and takes as long', () =>
    check(({ brk, moves }) => {
      const plain = compile(brk, moves).totals;
      const mirrored = compile(mirrorBreak(brk), moves).totals;
      expect(mirrored).toEqual({ ...plain, leftMs: plain.rightMs, rightMs: plain.leftMs });
      expect(mirrorBreak(mirrorBreak(brk))).toEqual(brk);
    }));

  it('gives both sides of a two-sided step the same to the millisecond', () =>
    check(({ brk, moves }) => {
      const { parts } = compile(brk, moves);
      const even = new Set(
        stepsOf(brk)
          .filter((s) => s.sides === 'both' && isTwoWay(moves.find((m) => m.id === s.moveId)!))
          .map((s) => s.id),
      );
      for (const id of even) {
        const work = (side: string) =>
          parts
            .filter((p) => p.stepId === id && p.kind === 'work' && p.side === side)
            .reduce((sum, p) => sum + p.lengthMs, 0);
        expect(work('left')).toBe(work('right'));
        expect(work('left')).toBeGreaterThan(0);
      }
    }));

  it('with half the speech takes no less to say and exactly as long to work', () =>
    check(({ brk, moves }) => {
      const wordsPerMinute = Math.max(60, Math.floor(brk.pace.wordsPerMinute / 2));
      const before = compile(brk, moves).parts;
      const after = compile({ ...brk, pace: { ...brk.pace, wordsPerMinute } }, moves).parts;
      expect(after.length).toBe(before.length);
      for (const [i, part] of before.entries()) {
        const spoken = part.kind === 'say' || part.kind === 'change';
        if (spoken) expect(after[i]!.lengthMs).toBeGreaterThanOrEqual(part.lengthMs);
        else expect(after[i]!.lengthMs).toBe(part.lengthMs);
      }
    }));

  it('with half the breaths a minute doubles what is measured in breaths and nothing else', () =>
    check(({ brk, moves }) => {
      const plain = { ...brk, wholeBreaths: false, items: brk.items.map(noWholeBreaths) };
      const fast = { ...plain, pace: { ...plain.pace, breathsPerMinute: 10 } };
      const slow = { ...plain, pace: { ...plain.pace, breathsPerMinute: 5 } };
      const doses = new Map(stepsOf(plain).map((s) => [s.id, s.dose]));
      const before = compile(fast, moves).parts;
      const after = compile(slow, moves).parts;
      for (const [i, part] of before.entries()) {
        const dose = doses.get(part.stepId)!;
        const inBreaths = dose.measure === 'breaths' || (dose.measure === 'reps' && dose.repSec === 'breath');
        const factor = part.kind === 'work' && inBreaths ? 2 : 1;
        expect(after[i]!.lengthMs).toBe(part.lengthMs * factor);
      }
    }));

  it('explains every step: the working adds up to the same', () =>
    check(({ brk, moves }) => {
      const { parts } = compile(brk, moves);
      for (const { id } of stepsOf(brk)) {
        const own = parts.filter((p) => p.stepId === id);
        const { groups, totalMs } = workingOf(own);
        const sum = groups.flatMap((g) => g.terms).reduce((s, t) => s + t.lengthMs, 0);
        expect(sum).toBe(totalMs);
        expect(totalMs).toBe(totalsOf(own).totalMs);
      }
    }));
});

const noWholeBreaths = <T extends { type: string }>(item: T): T => {
  const plain = { ...item, wholeBreaths: undefined };
  if ('links' in plain) return { ...plain, links: (plain.links as T[]).map(noWholeBreaths) };
  return plain;
};
