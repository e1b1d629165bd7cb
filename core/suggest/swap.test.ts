import { describe, expect, it } from 'vitest';
import { applyFix } from '../edit';
import { library, moveLookup } from '../library/all';
import { type Break, defaultApproach, type Item, stepsOf } from '../model';
import { reviewed } from '../review';
import { breakOf } from '../review/corpus/build';
import { SOUND } from '../review/corpus/sound';
import { times } from '../testing/all';
import { brk } from '../testing/build';
import { audienceOf, libStep } from '../testing/review';
import { compileTimeline, resolveBreak } from '../timing';
import { swapsFor } from '.';

const lookup = moveLookup();
const context = { moves: library, lookup, approach: defaultApproach, audience: null };
const ear = libStep('ear-to-shoulder');
const items: Item[] = [libStep('sit-tall'), libStep('chin-nod'), ear, libStep('arms-up-breath')];
const b = brk(items);

describe('what would serve instead of a step', () => {
  it('is of the same area first of all, and not in the break already', () => {
    const swaps = swapsFor(b, ear, context);
    expect(swaps.length).toBeGreaterThan(3);
    for (const { move } of swaps) {
      expect(move.areas.some((a) => ['neck', 'shoulder'].includes(a))).toBe(true);
      expect(items.some((i) => i.type === 'step' && i.moveId === move.id)).toBe(false);
    }
    expect(swaps[0]!.move.areas[0]).toBe('neck');
    expect(swaps.map((s) => s.score)).toEqual(swaps.map((s) => s.score).sort((x, y) => y - x));
  });

  it('says to the millisecond what it does to the time, and which muscles come and go', () => {
    for (const s of swapsFor(b, ear, context)) {
      const length = (list: Item[]) => {
        const resolved = resolveBreak(brk(list), lookup);
        if (!resolved.ok) throw new Error('broken test');
        return compileTimeline(resolved.value).totals.totalMs;
      };
      const after = length(items.map((i) => (i.id === ear.id ? { ...s.step, id: ear.id } : i)));
      expect(after - length(items), s.move.id).toBe(s.byMs);
      const now = lookup('ear-to-shoulder')!.muscles;
      expect([...s.shared, ...s.lost].sort()).toEqual([...now].sort());
      for (const m of s.gained) expect(now).not.toContain(m);
    }
  });

  it('counts the people it serves', () => {
    const audience = audienceOf([['neck'], ['hypermobility'], []]);
    for (const s of swapsFor(b, ear, { ...context, audience })) {
      expect(s.served).toBeLessThanOrEqual(3);
      expect(s.servedNow).toBeGreaterThanOrEqual(1);
    }
  });

  it('for a link of a series is two-sided again', () => {
    const chain: Item = {
      type: 'chain',
      id: 'c',
      nesting: 'side by side',
      sides: 'both',
      links: [ear, libStep('nose-to-armpit')],
    };
    for (const { move } of swapsFor(brk([chain]), ear, context))
      expect(move.ways.pattern).not.toBe('together');
  });

  it('is done where the step is done, no longer than it, and on a call by nobody who is heard', () => {
    const short = libStep('ear-to-shoulder', { position: 'edge', dose: { measure: 'seconds', amount: 10 } });
    for (const { step, move } of swapsFor(brk([libStep('chin-nod'), short]), short, context)) {
      if (move.alsoIn.includes('edge')) expect(step.position, move.id).toBe('edge');
      if (step.dose.measure === 'seconds')
        expect(step.dose.amount, move.id).toBeLessThanOrEqual(Math.max(10, move.dose.least));
    }
    const heels = libStep('heel-raises');
    const call = swapsFor(brk([heels], { onCall: true }), heels, context);
    expect(call.length).toBeGreaterThan(0);
    expect(call.filter((s) => !s.move.discreet.call)).toEqual([]);
  });

  it('rarely brings in, in first place, what a review objects to, in sound breaks', () => {
    let swapped = 0;
    const graver: string[] = [];
    for (const [name, lines, more] of SOUND.slice(0, times(10, 20))) {
      const sound = breakOf(name, lines, more);
      const codes = (one: Break) => {
        const made = reviewed(one, { library, lookup }, defaultApproach);
        return made.ok ? made.findings.flatMap((f) => (f.weight === 'look' ? [] : [f.code])) : [];
      };
      const before = new Set(codes(sound));
      for (const step of stepsOf(sound)) {
        const [first] = swapsFor(sound, step, context, 1);
        if (!first) continue;
        const draft: Break = JSON.parse(JSON.stringify(sound));
        const fix = { do: 'swap', stepId: step.id, moveId: first.move.id, name: first.move.name } as const;
        applyFix(draft, fix, { ...context, newId: () => 'n' });
        swapped++;
        // A slot is fitted afterwards, with one press.
        if (codes(draft).some((c) => c !== 'overSlot' && !before.has(c)))
          graver.push(`${name}: ${step.moveId}`);
      }
    }
    expect(swapped).toBeGreaterThan(times(40, 80));
    expect(graver.length / swapped, graver.join('; ')).toBeLessThan(0.03);
  });
});
