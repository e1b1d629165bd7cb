import { describe, expect, it } from 'vitest';
import { alternate, brk, compile, each, hold, move, reps, step } from '../testing/build';
import { aheadOf, imbalance, mostMs, type Part, type Timeline, textOf, totalsOf } from '.';

const moves = [
  move('hold', { ways: each() }),
  move('turns', { ways: alternate }),
  move('circle', { ways: { pattern: 'together', directions: ['back', 'forward'] } }),
  move('both'),
  move('stands', { position: 'standing' }),
  move('strap', { things: ['strap'] }),
  move('note', { kind: 'pause', onlyWords: true }),
];
const of = (items: Parameters<typeof brk>[0]): Timeline => compile(brk(items), moves);
/** What comes after each part, with what the part is. */
const ahead = (timeline: Timeline) =>
  timeline.parts.map((part) => {
    const next = aheadOf(timeline.parts, part);
    return `${part.kind}: ${next.change}${'moveName' in next ? ` ${next.moveName}` : ''}`;
  });

describe('what comes next', () => {
  it('is the other side after the first, then the next move, then the end', () => {
    const timeline = of([step('hold'), step('both')]);
    expect(ahead(timeline)).toEqual([
      'say: side',
      'work: side',
      'return: side',
      'change: move Move both',
      'work: move Move both',
      'return: move Move both',
      'say: end',
      'work: end',
      'return: end',
    ]);
    expect(aheadOf(timeline.parts, null)).toMatchObject({ change: 'move', moveName: 'Move hold' });
    expect(aheadOf([], null)).toEqual({ change: 'end' });
  });

  it('is the other direction within a move of two, and never after coming back', () => {
    const timeline = of([step('circle', { dose: reps(4, 3) })]);
    const next = timeline.parts.map((part) => [part.kind, aheadOf(timeline.parts, part)] as const);
    const [say, work] = next;
    expect(say?.[1]).toEqual({ change: 'direction', direction: 'forward' });
    expect(work?.[1]).toEqual({ change: 'direction', direction: 'forward' });
    expect(next.at(-1)?.[1]).toEqual({ change: 'end' });
    expect(next.filter(([, n]) => n.change === 'direction').every(([kind]) => kind !== 'return')).toBe(true);
  });

  it('is the next set, with its number and how many there are', () => {
    const timeline = of([step('both', { sets: 3, dose: hold(10) }), step('hold')]);
    const sets = timeline.parts
      .filter((p) => p.kind === 'work' && p.stepId === 'both')
      .map((p) => aheadOf(timeline.parts, p));
    expect(sets).toEqual([
      { change: 'set', set: 2, sets: 3 },
      { change: 'set', set: 3, sets: 3 },
      { change: 'move', moveName: 'Move hold', way: expect.anything() },
    ]);
  });

  it('is nothing new while sides take turns, repetition by repetition', () => {
    const timeline = of([step('turns', { dose: reps(3, 4) }), step('both')]);
    const work = timeline.parts.filter((p) => p.kind === 'work' && p.stepId === 'turns');
    expect(work.length).toBeGreaterThan(2);
    for (const part of work)
      expect(aheadOf(timeline.parts, part)).toMatchObject({ change: 'move', moveName: 'Move both' });
  });

  it('is set by set within each direction and each side', () => {
    const told = (items: Parameters<typeof of>[0]) => {
      const timeline = of(items);
      return timeline.parts.flatMap((p) => (p.kind === 'work' ? [aheadOf(timeline.parts, p).change] : []));
    };
    expect(told([step('circle', { dose: hold(20), sets: 2 })])).toEqual(['set', 'direction', 'set', 'end']);
    expect(told([step('hold', { dose: hold(10), sets: 2 })])).toEqual(['set', 'side', 'set', 'end']);
    expect(told([step('turns', { dose: hold(10), sets: 2 })])).toEqual(['set', 'side', 'set', 'end']);
    // A rest and a way back tell what is done after them; the first set of the next side is its side.
    const timeline = of([step('hold', { dose: hold(10), sets: 2 })]);
    const after = (kind: Part['kind']) =>
      timeline.parts.filter((p) => p.kind === kind).map((p) => aheadOf(timeline.parts, p).change);
    expect(after('rest')).toEqual(['set', 'set']);
    expect(after('return')).toEqual(['side', 'end']);
    expect(timeline.parts.filter((p) => p.kind === 'work').map((p) => p.set)).toEqual([1, 2, 1, 2]);
  });

  it('is the same move again where it stands twice, and its own name', () => {
    const timeline = of([step('both'), step('both', { id: 'again' }), step('hold')]);
    const work = timeline.parts.filter((p) => p.kind === 'work');
    expect(work.map((p) => aheadOf(timeline.parts, p).change)).toEqual(['move', 'move', 'side', 'end']);
    expect(aheadOf(timeline.parts, work[0] as Part)).toMatchObject({ moveName: 'Move both' });
  });

  it('is what follows a place, a thing and a note', () => {
    const timeline = of([step('note'), step('strap'), step('stands')]);
    const next = ahead(timeline);
    expect(next.find((n) => n.startsWith('note'))).toBe('note: move Move strap');
    expect(next.find((n) => n.startsWith('fetch'))).toBe('fetch: move Move strap');
    expect(next.find((n) => n.startsWith('position'))).toBe('position: move Move stands');
    expect(aheadOf(timeline.parts, null)).toMatchObject({ moveName: 'Move note' });
  });
});

describe('what a timeline comes to', () => {
  it('is the work of each side, and at most the upper ends of its ranges', () => {
    const { parts, totals } = of([
      step('hold', { dose: { ...hold(20), to: 30 } }),
      step('both', { dose: hold(15) }),
    ]);
    expect(totals).toMatchObject({ leftMs: 20_000, rightMs: 20_000, bothMs: 15_000 });
    expect(totalsOf(parts)).toEqual(totals);
    expect(totalsOf(parts.filter((p) => p.kind !== 'work'))).toMatchObject({
      leftMs: 0,
      rightMs: 0,
      bothMs: 0,
    });
    expect(mostMs({ parts, totals }) - totals.totalMs).toBe(20_000);
    const plain = of([step('both')]);
    expect(mostMs(plain)).toBe(plain.totals.totalMs);
  });

  it('is uneven by what one side has less, as a share of the other', () => {
    expect(imbalance({ leftMs: 0, rightMs: 0 })).toBe(0);
    expect(imbalance({ leftMs: 20, rightMs: 20 })).toBe(0);
    expect(imbalance({ leftMs: 15, rightMs: 20 })).toBe(0.25);
    expect(imbalance({ leftMs: 20, rightMs: 0 })).toBe(1);
  });

  it('stands for the words that open a part, spoken or not, and for the way back where that is what it is', () => {
    const { parts } = of([step('hold')]);
    const opens = (kind: Part['kind']): string => textOf(parts.find((p) => p.kind === kind) as Part);
    expect([opens('say'), opens('change')].every((text) => text.startsWith('word0'))).toBe(true);
    expect(opens('return')).toBe('back');
    const back = parts.find((p) => p.kind === 'return') as Part;
    expect(textOf({ ...back, lines: [], dropped: [] })).toBe('');
    const line = (role: 'say' | 'go' | 'back', text: string) => ({
      role,
      text,
      atMs: 0,
      lengthMs: 500,
      fromEnd: false,
    });
    const work = parts.find((p) => p.kind === 'work') as Part;
    const lines = [line('go', 'Go.'), line('say', 'Sit tall.')];
    expect(textOf({ ...work, lines, dropped: [] })).toBe('Sit tall.');
    expect(textOf({ ...work, lines: [line('go', 'Go.')], dropped: [line('say', 'Too long.')] })).toBe(
      'Too long.',
    );
    expect(textOf({ ...work, lines: [line('go', 'Go.')], dropped: [] })).toBe('');
    expect(textOf({ ...back, lines: [line('back', 'Come up.')], dropped: [] })).toBe('Come up.');
  });
});
