import { describe, expect, it } from 'vitest';
import { library, moveLookup } from '../library/all';
import { Break, defaultApproach, FormKind, stepsOf } from '../model';
import { type FindingCode, reviewed } from '../review';
import { breakOf } from '../review/corpus/build';
import { SOUND } from '../review/corpus/sound';
import { breakFrom, starts } from '../starts';
import { everything } from '../testing/all';
import { libStep } from '../testing/review';
import { agreeForm, driftOf, makeForm, renewForm, shortSlot } from '.';

const lookup = moveLookup();
let n = 0;
const newId = () => `n${n++}`;
const context = { moves: library, lookup, approach: defaultApproach, audience: null, newId };
const full = breakFrom(starts.find((s) => s.id === 'head-down')!, context);
const judge = (b: Break) => {
  const judged = reviewed(b, { library, lookup });
  if (!judged.ok) throw new Error('cannot be timed');
  return judged;
};

describe('forms of a break', () => {
  it('the short one is at most half as long, and fits', () => {
    expect([600, 900, 300, 130, 30].map(shortSlot)).toEqual([300, 300, 120, 60, 15]);
    const short = makeForm(full, 'short', context);
    expect(short.slotSec).toBe(300);
    expect(judge(short).timeline.totals.totalMs).toBeLessThanOrEqual(300_000);
    expect(short.formOf).toMatchObject({ breakId: full.id, kind: 'short' });
    expect(short.name).toBe('Ten minutes from the head down (short)');
    expect(Break.parse(short)).toEqual(short);
    const kinds = stepsOf(short).map((s) => lookup(s.moveId)?.kind);
    expect(kinds).toEqual(expect.arrayContaining(['settle', 'mobilise', 'stretch', 'close']));
    expect(judge(short).findings.map((f) => f.code)).not.toContain('notMobilised');
  });

  it.each(
    [...SOUND.map(([name, lines, more]) => breakOf(name, lines, more)), full].flatMap((brk) => {
      const holds = stepsOf(brk).filter((s) => lookup(s.moveId)?.kind === 'stretch');
      return holds.length > 1 && shortSlot(brk.slotSec) >= 180 ? [{ name: brk.name, brk }] : [];
    }),
  )('the short one of “$name” still holds something, and lets go of nothing else', ({ brk }) => {
    const moves = stepsOf(makeForm(brk, 'short', context)).flatMap((s) => lookup(s.moveId) ?? []);
    expect(moves.map((m) => m.kind)).toContain('stretch');
    const places = (kinds: string[]) =>
      new Set(moves.flatMap((m) => (kinds.includes(m.kind) ? m.areas : [])));
    const worked = places(['mobilise', 'stretch', 'activate', 'massage']);
    const shakes = moves.filter((m) => m.id.startsWith('shake-'));
    for (const shake of shakes)
      expect([shake.id, shake.areas.some((a) => worked.has(a))]).toEqual([shake.id, true]);
  });

  it('keeps what is kept, and as much slot as that needs', () => {
    const kept = { ...full, items: full.items.map((i) => ({ ...i, keep: true })) };
    const short = makeForm(kept, 'short', context);
    expect(stepsOf(short)).toHaveLength(stepsOf(full).length);
    expect(short.slotSec).toBeGreaterThan(300);
    expect(judge(short).timeline.totals.totalMs).toBeLessThanOrEqual(short.slotSec * 1000);
  });

  it('the one for a call holds only what nobody hears', () => {
    const call = makeForm(full, 'on a call', context);
    expect(stepsOf(call).length).toBeGreaterThan(4);
    for (const s of stepsOf(call)) expect(lookup(s.moveId)?.discreet.call, s.moveId).toBe(true);
    expect(new Set(stepsOf(call).map((s) => s.moveId)).size).toBe(stepsOf(call).length);
    expect(judge(call).findings.map((f) => f.code)).not.toContain('notDiscreet');
  });

  it('the one for a standing room has no seat', () => {
    const room = makeForm(full, 'standing room', context);
    for (const s of stepsOf(room))
      expect(s.position ?? lookup(s.moveId)?.position, s.moveId).toBe('standing');
    expect(judge(room).findings.map((f) => f.code)).not.toContain('toAndFro');
  });

  it.each(
    [
      ...starts.map((s) => breakFrom(s, context)),
      ...SOUND.filter((_, i) => everything || i % 2 === 0).map(([name, lines, more]) =>
        breakOf(name, lines, more),
      ),
    ].map((b): [string, Break] => [b.name, b]),
  )('of “%s” fit their slots, and bring in nothing graver than a look', (_, brk) => {
    const before = new Set(judge(brk).findings.map((f) => f.code));
    for (const kind of FormKind.options) {
      const form = makeForm(brk, kind, context);
      const { findings, timeline } = judge(form);
      expect(timeline.totals.totalMs, kind).toBeLessThanOrEqual(form.slotSec * 1000);
      // What nobody can do there is missed; what the instructor wrote for a seat is theirs to write anew.
      const known = (code: FindingCode): boolean =>
        before.has(code) ||
        (kind !== 'short' && ['targetMissed', 'eyesStanding', 'wordsPlace'].includes(code));
      expect(
        findings.filter((f) => f.weight !== 'look' && !known(f.code)),
        kind,
      ).toEqual([]);
    }
  });

  it('say how their break has drifted away, and nothing about their own changes', () => {
    const short = makeForm(full, 'short', context);
    expect(driftOf(short, full)).toEqual([]);
    expect(driftOf({ ...short, items: short.items.slice(1) }, full)).toEqual([]);
    const longer: Break = { ...full, items: [...full.items, libStep('look-far')] };
    expect(driftOf(short, longer)).toMatchObject([{ code: 'added', step: { moveId: 'look-far' } }]);
    expect(driftOf(agreeForm(short, longer), longer)).toEqual([]);
    const renewed = renewForm(short, longer, context);
    expect(renewed).toMatchObject({ id: short.id, name: short.name });
    expect(driftOf(renewed, longer)).toEqual([]);
    expect(driftOf(full, longer)).toEqual([]);
  });
});
