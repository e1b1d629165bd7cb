import { describe, expect, it } from 'vitest';
import { scaled, skeletonOf } from '../figure';
import { library, moveLookup } from '../library/all';
import { type Move, usualVariant, variantOf } from '../model';
import { demandsOf, motionOf } from '.';

const lookup = moveLookup();
const move = (id: string) => lookup(id) ?? expect.fail(id);
const easy = (m: Move) => m.rungs[0]?.name;

describe('a motion where it is done', () => {
  it('keeps its angles on another seat, and changes what it stands or sits on', () => {
    const nod = move('chin-nod');
    const usual = motionOf(usualVariant(nod)) ?? expect.fail();
    for (const [position, base] of [
      ['edge', 'edge'],
      ['standing', 'stand'],
      ['floor seat', 'cross-legged'],
    ] as const) {
      const there = motionOf(variantOf(nod, undefined, position)) ?? expect.fail();
      expect(there.poses.map((p) => p.base)).toEqual(usual.poses.map(() => base));
      expect(there.poses.map((p) => p.angles)).toEqual(usual.poses.map((p) => p.angles));
    }
  });

  it('has its feet wide on the front edge, below the knees, with the hands along on the thighs', () => {
    const { poses } = motionOf(variantOf(move('side-reach'), undefined, 'wide edge')) ?? expect.fail();
    const [rest] = poses.map(skeletonOf);
    const { leg, arm } = rest ?? expect.fail();
    for (const side of ['left', 'right'] as const) {
      const [knee, ankle] = [leg[side].knee[0], leg[side].ankle[0]].map(Math.abs) as [number, number];
      expect(knee).toBeGreaterThan(25);
      expect(Math.abs(ankle - knee)).toBeLessThan(8);
      expect(Math.abs(Math.abs(arm[side].hand.wrist[0]) - knee)).toBeLessThan(8);
    }
    const asked = demandsOf(variantOf(move('side-reach'), undefined, 'wide edge'));
    expect([...asked]).toEqual(
      expect.arrayContaining(['edge of the seat', 'legs wide', 'knees wide on the seat']),
    );
    expect(asked.has('leg crossed')).toBe(false);
  });

  it('takes the stool along on the seat only, and a mat to the floor', () => {
    const props = (position: 'back' | 'edge' | 'standing' | 'floor seat') =>
      motionOf(variantOf(move('chin-nod'), undefined, position))?.props;
    expect([props('back'), props('edge'), props('standing'), props('floor seat')]).toEqual([
      ['stool'],
      ['stool'],
      [],
      ['mat'],
    ]);
  });

  it('lies however it lies, whatever the place is called', () => {
    const book = move('open-like-a-book');
    const bases = motionOf(usualVariant(book))?.poses.map((p) => p.base) ?? [];
    expect(bases.every((base) => base.startsWith('lying on the'))).toBe(true);
    expect(bases).toContain('lying on the right side');
  });

  it('is another one standing where the move says so, smaller on an easier rung', () => {
    const reach = move('side-reach');
    const own = reach.standing?.figure ?? expect.fail();
    expect(motionOf(variantOf(reach, undefined, 'standing'))).toEqual(own);
    const raises = move('heel-raises');
    for (const rung of raises.rungs.filter((r) => !r.figure && !r.standing?.figure && r.share !== 1))
      expect(motionOf(variantOf(raises, rung.name, 'standing'))).toEqual(
        scaled(raises.standing?.figure ?? expect.fail(), rung.share),
      );
    // One with a figure of its own is done that way, standing as well.
    const drawn = library
      .flatMap((m) => m.rungs.map((r) => ({ m, r })))
      .find(({ m, r }) => r.figure && m.standing?.figure && !r.notIn.includes('standing'));
    if (drawn)
      expect(motionOf(variantOf(drawn.m, drawn.r.name, 'standing'))?.poses.map((p) => p.angles)).toEqual(
        drawn.r.figure?.poses.map((p) => p.angles),
      );
  });
});

describe('what a dose and a rung add and take away', () => {
  it('counts a repetition of the head as quick below three seconds', () => {
    const nod = usualVariant(move('chin-nod'));
    const at = (repSec: number) => demandsOf(nod, { measure: 'reps', amount: 5, repSec });
    expect(at(2.9)).toContain('head moving fast');
    expect(at(3)).not.toContain('head moving fast');
    expect(demandsOf(nod, { measure: 'reps', amount: 5, repSec: 'breath' })).not.toContain(
      'head moving fast',
    );
  });

  it('counts a hold at the end of the range as long from beyond half a minute', () => {
    const stretch = library.find(
      (m) => m.kind === 'stretch' && demandsOf(usualVariant(m)).has('end of range'),
    );
    const variant = usualVariant(stretch ?? expect.fail());
    const at = (amount: number) => demandsOf(variant, { measure: 'seconds', amount });
    expect(at(30)).not.toContain('long at the end');
    expect(at(31)).toContain('long at the end');
    // Breaths are counted at ten seconds each.
    expect(demandsOf(variant, { measure: 'breaths', amount: 3 })).not.toContain('long at the end');
    expect(demandsOf(variant, { measure: 'breaths', amount: 4 })).toContain('long at the end');
  });

  it('spares the end of the range on the easiest of several rungs, and on a small one', () => {
    for (const m of library.filter((one) => one.asks.includes('end of range'))) {
      const low = demandsOf(usualVariant(m, easy(m))).has('end of range');
      const says = m.rungs[0]?.asks.includes('end of range') ?? false;
      expect([m.id, low]).toEqual([m.id, m.rungs.length === 1 || says]);
    }
  });

  it('names the place itself, with a figure and without one', () => {
    const bare = { ...move('chin-nod'), figure: undefined, rungs: [] };
    expect(demandsOf(variantOf(bare, undefined, 'standing'))).toContain('standing');
    expect(demandsOf(variantOf(bare, undefined, 'floor'))).toContain('on the floor');
    expect(demandsOf(variantOf(bare, undefined, 'floor seat'))).toContain('on the floor');
    expect(demandsOf(variantOf(bare, undefined, 'edge'))).toContain('edge of the seat');
    const back = demandsOf(variantOf(bare, undefined, 'back'));
    for (const place of ['standing', 'on the floor', 'edge of the seat'] as const)
      expect(back).not.toContain(place);
  });
});
