import { describe, expect, it } from 'vitest';
import { advance, COUNT_IN_MS, readyToLead, skip, start, stop } from '../lead';
import { brk, cues, each, lookupIn, move, step } from '../testing/build';
import { compileTimeline, resolveBreak, timed } from '../timing';
import { doneParts, planAgainstDone, sumOf } from '.';

const moves = [move('a', { ways: each(), cues: cues(14, 4) }), move('b', { cues: cues(10) })];
const found = resolveBreak(brk([step('a'), step('b')]), lookupIn(moves));
if (!found.ok) throw new Error('broken test');
const resolved = found.value;
const timeline = compileTimeline(resolved);

describe('planned against done', () => {
  // Left side in full, then 5 s of the right hold, then stopped.
  const begun = advance(timeline, start(readyToLead(timeline), 0), COUNT_IN_MS + 6000 + 20_000 + 2000 + 4000);
  const lead = stop(timeline, begun, COUNT_IN_MS + 37_000);
  const parts = doneParts(resolved, timeline, lead);

  it('keeps every part with its plan', () => {
    expect(parts.map((p) => p.plannedMs)).toEqual(timeline.parts.map((p) => p.lengthMs));
    expect(parts.map((p) => p.doneMs)).toEqual([6000, 20_000, 2000, 4000, 5000, 0, 0, 0, 0]);
  });

  it('sums by step and side', () => {
    expect(planAgainstDone(parts)).toEqual([
      {
        stepId: 'a',
        moveName: 'Move a',
        meanwhile: null,
        whole: { plannedMs: 54_000, doneMs: 37_000 },
        left: { plannedMs: 20_000, doneMs: 20_000 },
        right: { plannedMs: 20_000, doneMs: 5000 },
        together: null,
      },
      {
        stepId: 'b',
        moveName: 'Move b',
        meanwhile: null,
        whole: { plannedMs: 26_500, doneMs: 0 },
        left: null,
        right: null,
        together: { plannedMs: 20_000, doneMs: 0 },
      },
    ]);
    expect(sumOf({ parts })).toEqual({
      plannedMs: 80_500,
      doneMs: 37_000,
      workPlannedMs: 60_000,
      workDoneMs: 25_000,
      stepsPlanned: 2,
      stepsDone: 0,
      leftDoneMs: 20_000,
      rightDoneMs: 5000,
    });
  });

  it('names what was moved meanwhile, on each side', () => {
    const leg = move('leg', { kind: 'mobilise', areas: ['leg'], name: 'Straighten the knee' });
    const one = step('a', { meanwhile: { moveId: 'leg', times: 3, side: 'other' } });
    const both = [move('a', { ways: each() }), leg];
    const made = timed(brk([one]), lookupIn(both));
    if (!made.ok) throw new Error('broken test');
    const led = doneParts(made.resolved, made.timeline, readyToLead(made.timeline));
    expect(planAgainstDone(led)[0]?.meanwhile).toBe('Straighten the knee');
    expect(led.filter((p) => p.beside).map((p) => [p.beside?.area, p.beside?.moveName])).toEqual([
      ['leg', 'Straighten the knee'],
      ['leg', 'Straighten the knee'],
    ]);
  });

  it('a step skipped on one side does not count as done', () => {
    const atRight = advance(timeline, start(readyToLead(timeline), 0), COUNT_IN_MS + 32_000);
    const skipped = skip(timeline, atRight, COUNT_IN_MS + 32_000);
    expect(sumOf({ parts: doneParts(resolved, timeline, skipped) }).stepsDone).toBe(0);
  });
});
