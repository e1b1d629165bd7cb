import { Break, type Move } from '@kotabi/core/model';
import { library, moveLookup, stepOf } from '@kotabi/core/moves';
import { compileTimeline, type Part, resolveBreak } from '@kotabi/core/timing';
import { describe, expect, it } from 'vitest';
import { checkLine, countUnit, mainLine, nextLine, partTitle } from './words';

const lookup = moveLookup();
const move = (id: string): Move => lookup(id)!;
const partsOf = (...ids: string[]): Part[] => {
  const items = ids.map((id) => stepOf(move(id), id));
  const resolved = resolveBreak(Break.parse({ id: 'b', name: 'B', slotSec: 600, items }), lookup);
  if (!resolved.ok) throw new Error('broken test');
  return compileTimeline(resolved.value).parts;
};
const find = (parts: Part[], kind: Part['kind'], n = 0): Part => parts.filter((p) => p.kind === kind)[n]!;

describe('what the room is told', () => {
  it('for each part of every move is a line without an open token', () => {
    for (const m of library)
      for (const part of partsOf(m.id)) {
        const lines = [mainLine(part, m), checkLine(part, m), partTitle(part, m, 1)];
        expect(lines.join(' '), m.id).not.toMatch(/[{}]|undefined/);
        expect(mainLine(part, m), `${m.id} ${part.kind}`).not.toBe('');
      }
  });

  it('names the side that is led, and where it is felt on that side', () => {
    const parts = partsOf('ear-to-shoulder');
    const [first, second] = [find(parts, 'work'), find(parts, 'work', 1)];
    expect([
      partTitle(first, move('ear-to-shoulder'), 1),
      partTitle(second, move('ear-to-shoulder'), 2),
    ]).toEqual(['left side', 'right side · set 1 of 2']);
    expect(mainLine(first, move('ear-to-shoulder'))).toContain('right side of the neck');
    expect(mainLine(second, move('ear-to-shoulder'))).toContain('left side of the neck');
    expect(partTitle(find(partsOf('open-and-hug'), 'work'), move('open-and-hug'), 1)).toBe('left arm on top');
    expect(partTitle(find(partsOf('sit-tall'), 'work'), move('sit-tall'), 1)).toBe('settle');
    expect(partTitle(find(partsOf('shoulder-rolls'), 'work', 1), move('shoulder-rolls'), 1)).toBe(
      'both sides together · forward',
    );
  });

  it('says how to get into place before anything else', () => {
    const parts = partsOf('side-reach', 'sit-tall');
    expect(mainLine(find(parts, 'position'), move('side-reach'))).toBe('Slide to the front edge of the seat');
    expect(mainLine(find(parts, 'position', 1), move('sit-tall'))).toBe('Sit back in the chair');
  });

  it('warns before the end, in repetitions and in breaths', () => {
    const hold = find(partsOf('ear-to-shoulder'), 'work');
    const at = (remainingMs: number) =>
      countUnit({
        part: hold,
        remainingMs,
        count: { value: Math.ceil(remainingMs / 1000), unit: 'seconds' },
      });
    expect([at(25_000), at(20_000), at(12_000), at(10_000), at(900)]).toEqual([
      'seconds',
      'seconds · one more breath after this',
      'seconds · one more breath after this',
      'seconds · last breath',
      'second · last breath',
    ]);
    const reps = (value: number) => countUnit({ part: hold, remainingMs: 1, count: { value, unit: 'reps' } });
    expect([reps(2), reps(1)]).toEqual(['to go', 'last one']);
    const rest = { ...hold, kind: 'rest' as const, breath: null };
    expect(countUnit({ part: rest, remainingMs: 5000, count: { value: 5, unit: 'seconds' } })).toBe(
      'seconds',
    );
    expect(countUnit({ part: null, remainingMs: 0, count: null })).toBe('');
  });

  it('says what comes next: the other side, the other direction, the next move, the end', () => {
    const parts = partsOf('ear-to-shoulder', 'shoulder-rolls');
    const work = parts.filter((p) => p.kind === 'work');
    const change = parts.filter((p) => p.kind === 'change');
    expect(nextLine(change[0]!, work[0]!, lookup)).toBe('next: the right side');
    expect(nextLine(change[1]!, work[2]!, lookup)).toBe('next: forward');
    expect(nextLine(find(parts, 'say', 1), work[1]!, lookup)).toBe('next: Shoulder rolls');
    expect(nextLine(null, work[3]!, lookup)).toBe('next: the end');
  });
});
