import { describe, expect, it } from 'vitest';
import { moveLookup } from '../library/all';
import { type Break, Break as BreakShape, defaultApproach, type Item, type Step } from '../model';
import { step } from '../testing/build';
import { timed } from '.';

// What an edit leaves alone is not laid out again. Whatever changes about a break, about the answers or about a move, the
// timeline is that of a break which nobody has seen before.
const lookup = moveLookup();
const lib = (moveId: string, more: Parameters<typeof step>[1] = {}): Step =>
  step(moveId, { dose: lookup(moveId)?.dose.usual as never, ...more });
const [roll, ear, nose, arm, strap, rest, tall] = [
  lib('shoulder-rolls'),
  lib('ear-to-shoulder'),
  lib('nose-to-armpit'),
  lib('arm-across'),
  lib('strap-overhead-behind'),
  lib('pause-rest', { id: 'rest' }),
  lib('sit-tall'),
];
const series = (links: Step[], more: object = {}): Item => ({
  type: 'chain',
  id: 'series',
  nesting: 'side by side',
  sides: 'both',
  links,
  ...more,
});
const whole = (items: Item[], more: Partial<Break> = {}): Break => ({
  ...BreakShape.parse({ id: 'b', name: 'A break', slotSec: 900, items: [] }),
  pace,
  items,
  ...more,
});
const { pace } = BreakShape.parse({ id: 'b', name: 'A break', slotSec: 900, items: [] });

type How = readonly [brk: Break, approach?: typeof defaultApproach];
const of = ([brk, approach]: How) => {
  const result = timed(brk, lookup, approach);
  if (!result.ok) throw new Error(JSON.stringify(result.failures));
  return result.timeline;
};
/** The same break with nothing in it that was seen before. */
const unseen = ([brk, approach]: How) => of([structuredClone(brk), structuredClone(approach)]);

const items = [tall, roll, ear, nose, strap, arm, rest];
const soft: typeof defaultApproach = {
  ...defaultApproach,
  elbow: 'locked',
  breathRoute: 'nose in, nose out',
};
const states: [what: string, how: How][] = [
  ['as it is', [whole(items)]],
  ['again', [whole(items)]],
  ['in another order', [whole([tall, nose, ear, roll, arm, strap, rest])]],
  ['with one less', [whole([tall, ear, nose, arm, rest])]],
  ['with one standing before it', [whole([lib('chest-at-wall'), arm, rest])]],
  ['with the strap in hand already', [whole([strap, lib('strap-behind-back'), arm])]],
  ['with nothing in hand', [whole([lib('strap-behind-back'), arm])]],
  ['with the other side first', [whole(items, { firstSide: 'right' })]],
  ['with the first side again', [whole(items)]],
  ['in whole breaths', [whole(items, { wholeBreaths: true })]],
  ['spoken faster', [whole(items, { pace: { ...pace, wordsPerMinute: 180 } })]],
  ['by other answers', [whole(items), soft]],
  ['by the first answers', [whole(items), defaultApproach]],
  ['as a series', [whole([tall, series([ear, nose]), arm])]],
  ['as a series of one side', [whole([tall, series([ear, nose], { sides: 'left' }), arm])]],
  [
    'as a series with a pause between its sides',
    [whole([tall, series([ear, nose], { between: [rest] }), arm])],
  ],
  ['as a series in two rounds', [whole([tall, series([ear, nose], { rounds: 2 }), arm])]],
  ['as a series link by link', [whole([tall, series([ear, nose], { nesting: 'link by link' }), arm])]],
  ['with one link on one side', [whole([series([{ ...ear, sides: 'right' }, nose])])]],
  [
    'with one link left out on the only side',
    [whole([series([{ ...ear, sides: 'right' }, nose], { sides: 'left' })])],
  ],
  [
    'with something meanwhile',
    [whole([{ ...ear, meanwhile: { moveId: 'fist-and-open', times: 4, side: 'other' } } as Step])],
  ],
  ['as it was', [whole(items)]],
];

describe('a break that is laid out again', () => {
  it.each(states)('%s: is as if it had never been seen', (_, how) => {
    const now = of(how);
    expect(now).toEqual(unseen(how));
    expect(now.parts.map((p) => p.index)).toEqual(now.parts.map((_, i) => i));
    // Each part begins where the one before it ends.
    let at = 0;
    for (const part of now.parts) {
      expect(part.startMs).toBe(at);
      at += part.lengthMs;
    }
    expect(at).toBe(now.totals.totalMs);
    // What was laid out and still stands where it stood is the same.
    expect(of(how).parts.every((p, i) => p === now.parts[i])).toBe(true);
  });

  it('leaves out a link that neither its series nor itself does on any side', () => {
    const { parts } = of([whole([series([{ ...ear, sides: 'right' }, nose], { sides: 'left' })])]);
    expect(new Set(parts.map((p) => p.stepId))).toEqual(new Set(['nose-to-armpit']));
  });

  it('puts what stands between the sides there, and nowhere else', () => {
    const { parts } = of([whole([series([ear, nose], { between: [rest] })])]);
    const order = parts.filter((p) => p.kind === 'work' || p.stepId === 'rest').map((p) => p.stepId);
    const firstSide = order.indexOf('rest');
    expect(order.filter((id) => id === 'rest').length).toBeGreaterThan(0);
    expect(order.slice(0, firstSide)).toEqual(['ear-to-shoulder', 'nose-to-armpit']);
    expect(order.slice(order.lastIndexOf('rest') + 1)).toEqual(['ear-to-shoulder', 'nose-to-armpit']);
  });
});
