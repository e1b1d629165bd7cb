import { describe, expect, it } from 'vitest';
import { readBreakFile, writeBreakFile } from '../formats';
import { givesOf, givesOfRecord } from '../ledger';
import { stepOf } from '../library';
import { library, moveLookup } from '../library/all';
import { Break, defaultApproach, Limit, type Move, type Step } from '../model';
import { answerFor, needsTable } from '../needs';
import { doneParts } from '../record';
import { placedSteps, stepDose, timed } from '../timing';
import { movesOf, ownBreak } from '.';

const lookup = moveLookup();
const room = {
  limits: [],
  things: ['strap', 'towel', 'cushion', 'ball', 'mat', 'roll', 'wall', 'footrest'] as const,
};
/** Whatever moves on the seat: what may be done while the wrist is drawn back. */
const seconds = library.filter(
  (m) =>
    ['mobilise', 'activate', 'release'].includes(m.kind) && m.position !== 'standing' && m.region !== 'wrist',
);
const held = lookup('fingers-up') as Move;
const stepWith = (second: Move, more: Partial<Step> = {}): Step => ({
  ...stepOf(held, 's', defaultApproach),
  meanwhile: { moveId: second.id, times: 6, side: 'other' },
  ...more,
});
const breakOf = (step: Step): Break => Break.parse({ id: 'b', name: 'Wrists', slotSec: 600, items: [step] });

describe('what is done meanwhile, every move there is', () => {
  it('is said whole on each side, in the dose and with its own side', () => {
    for (const second of seconds) {
      const made = timed(breakOf(stepWith(second)), lookup);
      if (!made.ok) throw new Error(second.id);
      const lines = made.timeline.parts.flatMap((p) => [...p.lines, ...p.dropped]);
      expect(
        lines.filter((l) => /[{}]/.test(l.text)).map((l) => l.text),
        second.id,
      ).toEqual([]);
      const said = lines.filter((l) => l.role === 'say' || l.role === 'again');
      expect(
        said.map((l) => l.text.match(/At the same time: .* Six times\.$/)?.length),
        second.id,
      ).toEqual([1, 1]);
      const [at] = placedSteps(made.resolved);
      expect(at && stepDose(at), second.id).toMatch(/ each side, meanwhile 6 times: ./);
      const sided = second.ways.pattern !== 'together';
      expect(
        made.timeline.parts.flatMap((p) => (p.kind === 'work' ? [[p.side, p.meanwhile?.side]] : [])),
        second.id,
      ).toEqual(
        sided
          ? [
              ['left', 'right'],
              ['right', 'left'],
            ]
          : [
              ['left', null],
              ['right', null],
            ],
      );
    }
  });

  it('goes by everybody’s limits: who cannot do it does the step without, and nothing else of it changes', () => {
    for (const second of seconds)
      for (const limit of Limit.options) {
        const where = `${second.id}, ${limit}`;
        const person = { limits: [{ limit }], tight: [] };
        const step = stepWith(second);
        const { rung, dose } = step;
        const own = answerFor({ move: held, rung, dose }, person, room, lookup);
        const beside = answerFor({ move: second, position: held.position }, person, room, lookup);
        const answer = answerFor({ move: held, rung, dose, meanwhile: second }, person, room, lookup);
        const stays = ['fine', 'easier rung'].includes(own.verdict);
        expect(answer.alone === true, where).toBe(stays && beside.verdict !== 'fine');
        if (!answer.alone) expect({ ...answer, care: [] }, where).toEqual({ ...own, care: [] });
        const version = ownBreak(breakOf(step), { person, room, lookup, approach: defaultApproach });
        const [theirs] = version?.brk.items ?? [];
        if (theirs?.type !== 'step') throw new Error(where);
        expect(theirs.meanwhile === undefined, where).toBe(answer.alone === true || !stays);
        const rows = needsTable(
          version?.brk ?? breakOf(step),
          [{ ...person, id: 'p' } as never],
          room,
          lookup,
        );
        expect(
          rows.map((r) => r.worst),
          where,
        ).toEqual(['fine']);
      }
  });

  it('is counted as moved, on the side that feels it, and the hold stays what it is', () => {
    const second = lookup('knee-straighten') as Move;
    const one = timed(breakOf(stepWith(second, { sides: 'left' })), lookup);
    if (!one.ok) throw new Error('cannot be timed');
    const gives = givesOf(one.resolved, one.timeline);
    const sec = stepOf(held, 's', defaultApproach).dose.amount;
    expect(gives.movedAreas.get('leg')).toEqual({ left: 0, right: sec });
    expect(gives.heldAreas.get('forearm')).toEqual({ left: sec, right: 0 });
    // The record of it counts the same.
    const doneMs = one.timeline.parts.map((p) => p.lengthMs);
    const done = givesOfRecord(doneParts(one.resolved, one.timeline, { doneMs }));
    expect([done.movedAreas, done.heldAreas]).toEqual([gives.movedAreas, gives.heldAreas]);
  });

  it('goes along in a file, and a file without its move is refused with the name of it', () => {
    const brk = breakOf(stepWith(lookup('knee-straighten') as Move));
    expect(movesOf(brk, lookup).map((m) => m.id)).toEqual(['fingers-up', 'knee-straighten']);
    const text = writeBreakFile(brk, lookup);
    const read = readBreakFile(text);
    expect(read.ok && read.file.break).toEqual(brk);
    const without = JSON.parse(text);
    without.moves = without.moves.filter((m: Move) => m.id !== 'knee-straighten');
    const refused = readBreakFile(JSON.stringify(without));
    expect(refused.ok || refused.problems[0]).toMatchObject({
      path: 'break.items.0.meanwhile.moveId',
      message: 'there is no move "knee-straighten" in the file or in the library',
    });
  });
});
