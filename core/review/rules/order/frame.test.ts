import { describe, expect, it } from 'vitest';
import { brk, hold, move, step } from '../../../testing/build';
import { codes, findings, libStep, mended } from '../../../testing/review';

const a = move('a', { kind: 'mobilise' });
const at = (slotSec: number) =>
  codes(
    findings(brk([step('a', { dose: hold(20) }), step('a', { id: 'a2', dose: hold(20) })], { slotSec }), [a]),
  );

describe('frame', () => {
  it('wants a settle, a breath and a close, but not in little more than a minute', () => {
    // Whoever begins at once is told so once.
    expect(at(81)).toEqual(['noSettle', 'noClose']);
    expect(at(80)).toEqual([]);
    expect(findings(brk([]), [])).toEqual([]);
  });

  it('wants none of them aloud from somebody on a call', () => {
    const steps = [libStep('toes-up'), libStep('heel-raises')];
    const frameOf = (onCall: boolean) =>
      codes(findings(brk(steps, { slotSec: 120, onCall }), [])).filter((c) =>
        /^no(Settle|Breath|Close)$/.test(c),
      );
    expect(frameOf(false)).toEqual(['noSettle', 'noClose']);
    expect(frameOf(true)).toEqual([]);
  });

  it('wants something that lets go after two holds of one area, or three', () => {
    const holds = [libStep('fingers-up'), libStep('fingers-down')];
    const b = (items: typeof holds) =>
      codes(
        findings(
          brk([libStep('sit-tall'), libStep('wrist-circles'), ...items, libStep('arms-up-breath')]),
          [],
        ),
      );
    expect(b(holds)).toContain('nothingReleased');
    expect(b([...holds, libStep('shake-hands-out')])).not.toContain('nothingReleased');
    const two = [libStep('fingers-up'), libStep('seated-turn')];
    expect(b(two)).not.toContain('nothingReleased');
    expect(b([...two, libStep('arm-across')])).toContain('nothingReleased');
    // Who rests at the end lets go.
    expect(b([...holds, libStep('quiet-rest')])).not.toContain('nothingReleased');
  });

  it('puts each where it belongs', () => {
    const bare = brk([step('a', { dose: hold(30) }), step('a', { id: 'a2', dose: hold(30) })], {
      slotSec: 170,
    });
    const one = mended(bare, [a], 'noSettle');
    const two = mended(one.brk, [a], 'noBreath');
    const three = mended(two.brk, [a], 'noClose');
    expect(three.brk.items.map((i) => i.type === 'step' && i.moveId)).toEqual([
      'sit-tall',
      'slow-breaths',
      'a',
      'a',
      'arms-up-breath',
    ]);
    expect(three.codes).toEqual([]);
  });

  it('takes for settling what arrives otherwise: a breath on one’s feet, words of one’s own, eyes off the screen', () => {
    const settles = (...steps: ReturnType<typeof libStep>[]) =>
      !codes(findings(brk([...steps, libStep('shoulder-rolls'), libStep('arms-up-breath')]), [])).includes(
        'noSettle',
      );
    const said = (words: string) => libStep('pause-note', { words });
    expect(settles(libStep('slow-breaths'))).toBe(false);
    expect(settles(libStep('slow-breaths', { position: 'standing' }))).toBe(true);
    expect(settles(said('Sit tall, feet flat.'), libStep('slow-breaths'))).toBe(true);
    expect(settles(said('Good morning, all.'), libStep('slow-breaths'))).toBe(false);
    expect(settles(libStep('look-far'))).toBe(true);
  });

  it('asks no breath of a break for the eyes alone', () => {
    const eyes = [libStep('look-far'), libStep('palms-over-eyes')];
    const found = (steps: typeof eyes) => codes(findings(brk(steps, { slotSec: 120 }), []));
    expect(found(eyes)).not.toContain('noBreath');
    expect(found([...eyes, libStep('toes-up')])).toContain('noBreath');
  });

  it('puts a settle in where one can stand', () => {
    const standing = brk([
      libStep('standing-knee-bend'),
      libStep('slow-breaths', { position: 'standing' }),
      libStep('arms-up-breath', { position: 'standing' }),
    ]);
    const { brk: after } = mended(standing, [], 'noSettle');
    expect(after.items[0]).toMatchObject({ moveId: 'posture-minute', position: 'standing' });
  });
});
