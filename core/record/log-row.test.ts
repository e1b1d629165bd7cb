import { describe, expect, it } from 'vitest';
import { givesOfRecord } from '../ledger';
import { type DonePart, Session } from '../model';
import { brk, cues, each, lookupIn, move, step } from '../testing/build';
import { compileTimeline, resolveBreak } from '../timing';
import { corrected, logRowOf, partsLed, partsOfAreas } from '.';

const part = (more: Partial<DonePart>): DonePart => ({
  stepId: 'a',
  moveName: 'A',
  kind: 'work',
  side: null,
  felt: 'both',
  plannedMs: 20_000,
  doneMs: 20_000,
  moveId: 'a',
  area: 'neck',
  counts: 'held',
  muscles: ['scalenes'],
  ...more,
});
const session = (more: Partial<Session> = {}): Session =>
  Session.parse({
    id: 's',
    breakId: 'b',
    breakName: 'B',
    groupId: 'g',
    startedAt: '2026-11-26T09:00:00.000Z',
    endedAt: '2026-11-26T09:05:00.000Z',
    ended: 'finished',
    parts: [
      part({ kind: 'say', felt: null, area: null, counts: null, plannedMs: 5000, doneMs: 6500 }),
      part({ side: 'left', felt: 'right' }),
      part({ side: 'right', felt: 'left', doneMs: 12_000 }),
      part({ counts: 'moved', area: 'shoulder', doneMs: 8000 }),
    ],
    ...more,
  });

describe('a record in brief', () => {
  const row = logRowOf(session({ came: { people: ['p1', 'p2'], count: 1 }, note: 'n'.repeat(500) }));
  it('has what was done by area and side, ways as said and sides as felt', () => {
    expect(row.work).toEqual([
      {
        area: 'neck',
        counts: 'held',
        planned: { left: 20_000, right: 20_000 },
        done: { left: 12_000, right: 20_000 },
      },
      {
        area: 'shoulder',
        counts: 'moved',
        planned: { left: 20_000, right: 20_000 },
        done: { left: 8000, right: 8000 },
      },
    ]);
    expect(row.ways).toEqual({
      left: { plannedMs: 20_000, doneMs: 20_000 },
      right: { plannedMs: 20_000, doneMs: 12_000 },
    });
    expect([row.leftDoneMs, row.rightDoneMs, row.leftPlannedMs]).toEqual([12_000, 20_000, 20_000]);
  });
  it('has how long words took, who came, and the beginning of the note', () => {
    expect(row.said).toEqual({ plannedMs: 5000, doneMs: 6500 });
    expect([row.came, row.people]).toEqual([2, ['p1', 'p2']]);
    expect(row.note).toHaveLength(160);
    expect(logRowOf(session()).came).toBeNull();
  });
  it('gives the ledger what was really held', () => {
    const gives = givesOfRecord(session().parts);
    expect(gives.heldAreas.get('neck')).toEqual({ left: 12, right: 20 });
    expect(gives.held.get('scalenes')).toEqual({ left: 12, right: 20 });
    expect(gives.movedAreas.get('shoulder')).toEqual({ left: 8, right: 8 });
  });
});

describe('setting a record right', () => {
  const at = (minute: number): string => `2026-11-27T08:${String(minute).padStart(2, '0')}:00.000Z`;
  const before = session({ came: { people: ['p1'], count: 3 } });

  it('writes down what was changed, and names nobody', () => {
    const after = corrected(
      before,
      { ...before, groupId: null, came: { people: ['p2'], count: 4 }, tensionAfter: 3 },
      at(0),
    );
    expect(after.corrections.map((c) => [c.what, c.before, c.after])).toEqual([
      ['group', 'g', 'no group'],
      ['who came', '3, 1 of them named', '4, 1 of them named'],
      ['tension', '– → –', '– → 3'],
    ]);
    expect(JSON.stringify(after.corrections)).not.toMatch(/p1|p2/);
  });

  it('is one correction in one sitting, from how it was at first', () => {
    const once = corrected(before, { ...before, note: 'a' }, at(0));
    const twice = corrected(once, { ...once, note: 'ab' }, at(5));
    expect(twice.corrections).toEqual([{ at: at(5), what: 'note', before: 'no note', after: 'ab' }]);
    const later = corrected(twice, { ...twice, note: 'abc' }, at(40));
    expect(later.corrections.map((c) => c.after)).toEqual(['ab', 'abc']);
  });

  it('keeps its own history, whatever is sent with it', () => {
    const once = corrected(before, { ...before, note: 'a' }, at(0));
    expect(corrected(once, { ...once, corrections: [] }, at(1)).corrections).toEqual(once.corrections);
    expect(corrected(before, before, at(0))).toEqual(before);
  });

  it('tells of steps by how much was done', () => {
    const done = before.parts.map((p) => (p.side === 'right' ? { ...p, doneMs: 0 } : p));
    const [c] = corrected(before, { ...before, parts: done }, at(0)).corrections;
    expect(c).toMatchObject({ what: 'steps', after: expect.stringContaining('left 0 s, right 20 s') });
  });
});

describe('a break written down afterwards', () => {
  const moves = [move('a', { ways: each(), cues: cues(14, 4) }), move('b', { cues: cues(10) })];
  const found = resolveBreak(brk([step('a'), step('b')]), lookupIn(moves));
  if (!found.ok) throw new Error('broken test');
  const timeline = compileTimeline(found.value);

  it('was led as planned but for what was left out', () => {
    const parts = partsLed(found.value, timeline, [
      { stepId: 'a', side: 'right' },
      { stepId: 'b', side: null },
    ]);
    const work = parts.filter((p) => p.kind === 'work');
    expect(work.map((p) => [p.stepId, p.side, p.doneMs])).toEqual([
      ['a', 'left', 20_000],
      ['a', 'right', 0],
      ['b', null, 0],
    ]);
    expect(partsLed(found.value, timeline, []).every((p) => p.doneMs === p.plannedMs)).toBe(true);
  });

  it('shares minutes out over areas without losing any, and claims no hold', () => {
    const parts = partsOfAreas(['neck', 'hand', 'leg'], 100_000);
    expect(parts.reduce((sum, p) => sum + p.doneMs, 0)).toBe(100_000);
    expect(parts.map((p) => p.counts)).toEqual(['moved', 'moved', 'moved']);
    expect(partsOfAreas([], 60_000)).toEqual([]);
  });
});
