import { describe, expect, it } from 'vitest';
import { stepOf } from '../library';
import { library, moveLookup } from '../library/all';
import { type Break, defaultApproach, type Kind, stepsOf } from '../model';
import { brk } from '../testing/build';
import { insertWhereItBelongs, PHASES } from './belongs';

const lookup = moveLookup();
const put = (b: Break, id: string, approach = defaultApproach) => {
  const move = lookup(id)!;
  return insertWhereItBelongs(b, stepOf(move, `${id}-${b.items.length}`, approach), move, lookup, approach);
};
const idsOf = (b: Break) => stepsOf(b).map((s) => s.moveId);

describe('a move goes where it belongs', () => {
  it('builds a break in its order, whatever order its moves are named in', () => {
    const b = brk([]);
    for (const id of [
      'arms-up-breath',
      'fingers-up',
      'ear-to-shoulder',
      'shake-hands-out',
      'wrist-circles',
      'sit-tall',
      'chin-nod',
      'slow-breaths',
      'arm-across',
    ])
      put(b, id);
    expect(idsOf(b)).toEqual([
      'sit-tall',
      'slow-breaths',
      'chin-nod',
      'wrist-circles',
      'ear-to-shoulder',
      'arm-across',
      'fingers-up',
      'shake-hands-out',
      'arms-up-breath',
    ]);
  });

  it('goes to its own area where the break is led area by area', () => {
    const b = brk([]);
    b.items = [
      'sit-tall',
      'chin-nod',
      'ear-to-shoulder',
      'wrist-circles',
      'fingers-up',
      'arms-up-breath',
    ].map((id) => stepOf(lookup(id)!, id, defaultApproach));
    expect(put(b, 'nose-to-armpit')).toEqual({ code: 'sameArea', afterId: 'ear-to-shoulder' });
    expect(put(b, 'stop-signs')).toEqual({ code: 'sameArea', afterId: 'wrist-circles' });
    expect(idsOf(b)).toEqual([
      'sit-tall',
      'chin-nod',
      'ear-to-shoulder',
      'nose-to-armpit',
      'wrist-circles',
      'stop-signs',
      'fingers-up',
      'arms-up-breath',
    ]);
  });

  it('leaves what ends a break at its end, also where that is a shrug or a rest', () => {
    const ended = (...ids: string[]): Break => {
      const b = brk([]);
      b.items = ids.map((id) => stepOf(lookup(id)!, id, defaultApproach));
      return b;
    };
    const shrug = ended('sit-tall', 'slow-breaths', 'chin-nod', 'ear-to-shoulder', 'lift-and-drop');
    put(shrug, 'shoulder-rolls');
    expect(idsOf(shrug).slice(2)).toEqual(['chin-nod', 'shoulder-rolls', 'ear-to-shoulder', 'lift-and-drop']);
    const rest = ended('sit-tall', 'chin-nod', 'ear-to-shoulder', 'pause-rest');
    expect(put(rest, 'chin-glide')).toEqual({ code: 'phaseBefore', beforeId: 'pause-rest' });
    put(rest, 'arms-up-breath');
    expect(idsOf(rest).at(-1)).toBe('arms-up-breath');
  });

  it('follows the order of the body that is taught', () => {
    const b = brk([]);
    for (const id of ['chin-nod', 'wrist-circles']) put(b, id, { ...defaultApproach, order: 'hands first' });
    expect(idsOf(b)).toEqual(['wrist-circles', 'chin-nod']);
  });

  it('puts a series as one thing, and does not go into it', () => {
    const b = brk([]);
    const links = ['ear-to-shoulder', 'nose-to-armpit'].map((id) => stepOf(lookup(id)!, id, defaultApproach));
    b.items = [{ type: 'chain', id: 'series', nesting: 'side by side', sides: 'both', links }];
    expect(put(b, 'chin-up-and-over')).toEqual({ code: 'sameArea', afterId: 'series' });
    expect(b.items.map((i) => i.type)).toEqual(['chain', 'step']);
  });

  // Every move of the library into a break that has one of each kind: its kind never comes before an earlier one.
  it.each(library.map((m) => [m.id]))('keeps the order of the phases: %s', (id) => {
    const b = brk([]);
    const frame = [
      'sit-tall',
      'slow-breaths',
      'shoulder-rolls',
      'ear-to-shoulder',
      'blade-squeeze',
      'shake-shoulders',
      'arms-up-breath',
    ];
    for (const one of frame) put(b, one);
    put(b, id);
    const phase = (kind: Kind) => PHASES.indexOf(kind);
    const kinds = stepsOf(b)
      .filter((s) => lookup(s.moveId)!.position !== 'standing')
      .map((s) => phase(lookup(s.moveId)!.kind));
    expect(kinds).toEqual([...kinds].sort((x, y) => x - y));
    // What is done standing comes after everything on the seat but the end.
    const at = stepsOf(b).findIndex((s) => lookup(s.moveId)!.position === 'standing');
    if (at >= 0)
      expect(
        stepsOf(b)
          .slice(at + 1)
          .every((s) => ['release', 'close'].includes(lookup(s.moveId)!.kind)),
      ).toBe(true);
  });
});
