import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type DonePart, MOST_PARTS_AT_ONCE, Session, SessionPiece } from '../model';
import { endingOf, piecesOf, sumOf, withPiece } from '.';

const part = (i: number, more: Partial<DonePart> = {}): DonePart => ({
  stepId: `s${i}`,
  moveName: `Move ${i}`,
  kind: 'work',
  side: null,
  felt: 'both',
  plannedMs: 10_000,
  doneMs: 10_000,
  moveId: null,
  area: null,
  counts: null,
  muscles: [],
  ...more,
});
const session = (parts: DonePart[], more: Partial<Session> = {}): Session =>
  Session.parse({
    id: 'r',
    breakId: 'b',
    breakName: 'B',
    groupId: null,
    startedAt: '2026-11-26T09:00:00.000Z',
    endedAt: '2026-11-26T09:30:00.000Z',
    ended: 'finished',
    parts,
    ...more,
  });

describe('a record in pieces', () => {
  it('is whole again, each piece small enough to be sent by a page that is closed', () => {
    const whole = session(
      Array.from({ length: 600 }, (_, i) => part(i, { moveName: 'Ä'.repeat(80) })),
      {
        note: 'n'.repeat(2000),
      },
    );
    const pieces = piecesOf(whole);
    expect(pieces.length).toBe(Math.ceil(600 / MOST_PARTS_AT_ONCE));
    for (const piece of pieces) {
      const text = JSON.stringify(SessionPiece.parse(piece));
      expect(new TextEncoder().encode(text).length).toBeLessThan(60_000);
    }
    expect(pieces.reduce((r: Session | null, p) => withPiece(r, p), null)).toEqual(whole);
  });

  it('takes a piece twice, and in its place, and refuses one whose parts before it are missing', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 300 }), fc.nat(299), fc.nat(50), (length, from, count) => {
        const planned = session(
          Array.from({ length }, (_, i) => part(i, { doneMs: 0 })),
          { ended: 'stopped' },
        );
        const led = session(Array.from({ length }, (_, i) => part(i)));
        const [piece] = piecesOf(led, Math.min(from, length), Math.min(length, from + count));
        const once = withPiece(planned, piece!);
        expect(once?.parts.map((p, i) => p.doneMs === (i >= from && i < from + count ? 10_000 : 0))).toEqual(
          planned.parts.map(() => true),
        );
        expect(withPiece(once, piece!)).toEqual(once);
        expect(once?.ended).toBe('finished');
      }),
    );
    const [late] = piecesOf(session([part(0), part(1)]), 1, 2);
    expect(withPiece(null, late!)).toBeNull();
  });
});

describe('how a led break ended', () => {
  const of = (done: number[], ended: Session['ended'] = 'finished') =>
    endingOf(
      session(
        done.map((doneMs, i) => part(i, { doneMs })),
        { ended },
      ),
    );
  it('is to the end only where most of the work was done', () => {
    expect([of([10_000, 10_000]), of([10_000, 0]), of([9000, 0]), of([0, 0])]).toEqual([
      'to the end',
      'to the end',
      'skipped through',
      'skipped through',
    ]);
    expect(of([10_000, 10_000], 'stopped')).toBe('stopped');
  });
  it('counts no spoken note as a step', () => {
    const parts = [part(0), part(1, { kind: 'note', felt: null })];
    expect(sumOf(session(parts))).toMatchObject({ stepsPlanned: 1, stepsDone: 1 });
  });
});
