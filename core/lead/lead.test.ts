import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arbBreak } from '../testing/arbitrary';
import { alternate, brk, compile, cues, each, move, reps, step } from '../testing/build';
import {
  advance,
  back,
  COUNT_IN_MS,
  extendByBreath,
  type Lead,
  linesDue,
  pause,
  readyToLead,
  resume,
  skip,
  skipStep,
  start,
  stop,
  viewOf,
} from '.';

// say 6 + hold 20 + back 2, change 4 + hold 20 + back 2: 54 s.
const timeline = compile(brk([step('a')]), [move('a', { ways: each(), cues: cues(14, 4) })]);
const T0 = 1_000_000;
const begun = () => advance(timeline, start(readyToLead(timeline), T0), T0 + COUNT_IN_MS);

describe('leading', () => {
  it('counts in for three seconds, then goes through the parts', () => {
    const counting = advance(timeline, start(readyToLead(timeline), T0), T0 + 1200);
    expect(viewOf(timeline, counting)).toMatchObject({ part: null, remainingMs: 1800, leftMs: 54_000 });
    const lead = advance(timeline, begun(), T0 + COUNT_IN_MS + 6000 + 5500);
    expect(viewOf(timeline, lead)).toMatchObject({
      part: { kind: 'work', side: 'left' },
      count: { value: 15, unit: 'seconds' },
      side: 'left',
      leftMs: 42_500,
      next: { change: 'side', way: 'right' },
      breath: { phase: 'out' },
    });
  });

  it('loses nothing when the clock jumps while the tab is hidden', () => {
    const lead = advance(timeline, begun(), T0 + COUNT_IN_MS + 60_000);
    expect(lead.status).toBe('finished');
    expect(lead.doneMs).toEqual(timeline.parts.map((p) => p.lengthMs));
  });

  it('stands still while paused', () => {
    const now = T0 + COUNT_IN_MS + 3000;
    const paused = pause(timeline, begun(), now);
    expect(advance(timeline, paused, now + 99_000)).toEqual(paused);
    const lead = advance(timeline, resume(paused, now + 99_000), now + 100_000);
    expect(viewOf(timeline, lead).leftMs).toBe(50_000);
  });

  it('records what was skipped as not done', () => {
    const now = T0 + COUNT_IN_MS + 6000 + 8000; // 8 s into the left hold
    const lead = stop(timeline, skip(timeline, begun(), now), now + 500);
    expect(lead.doneMs).toEqual([6000, 8000, 500, 0, 0, 0]);
    expect(lead.status).toBe('stopped');
  });

  it('skips the rest of a step', () => {
    const two = compile(brk([step('a'), step('b')]), [move('a', { ways: each() }), move('b')]);
    const lead = skipStep(two, advance(two, start(readyToLead(two), T0), T0 + 9000), T0 + 9000);
    expect(viewOf(two, lead).part?.stepId).toBe('b');
    expect(skipStep(two, lead, T0 + 9000).status).toBe('finished');
  });

  it('goes back to the start of the part, and from there to the part before', () => {
    const now = T0 + COUNT_IN_MS + 6000 + 8000;
    const again = back(timeline, begun(), now);
    expect(again).toMatchObject({ index: 1, elapsedMs: 0 });
    expect(back(timeline, again, now + 1000)).toMatchObject({ index: 0, elapsedMs: 0 });
  });

  it('extends by a breath, and gives the other side the same', () => {
    const now = T0 + COUNT_IN_MS + 7000;
    const lead = extendByBreath(timeline, begun(), now, 10_000);
    expect(lead.addedMs).toEqual([0, 10_000, 0, 0, 10_000, 0]);
    const done = advance(timeline, lead, now + 200_000);
    expect([done.doneMs[1], done.doneMs[4]]).toEqual([30_000, 30_000]);
    const saying = extendByBreath(timeline, begun(), T0 + COUNT_IN_MS + 100, 10_000);
    expect(saying.addedMs.every((ms) => ms === 0)).toBe(true);
  });

  it('counts repetitions down, alternating ones by side', () => {
    const rolls = compile(brk([step('r', { dose: reps(4, 2) })]), [move('r', { cues: cues(5) })]);
    const at = (ms: number) => advance(rolls, start(readyToLead(rolls), T0), T0 + COUNT_IN_MS + ms);
    expect(viewOf(rolls, at(2500 + 2100)).count).toEqual({ value: 3, unit: 'reps' });
    const looks = compile(brk([step('l', { dose: reps(3, 4) })]), [
      move('l', { ways: alternate, cues: cues(5) }),
    ]);
    const lead = advance(looks, start(readyToLead(looks), T0), T0 + COUNT_IN_MS + 2500 + 9000);
    expect(viewOf(looks, lead)).toMatchObject({ side: 'left', count: { value: 2, unit: 'reps' } });
  });

  it('keeps true time whatever the instants at which it is looked at', () =>
    fc.assert(
      fc.property(
        arbBreak,
        fc.array(fc.integer({ min: 0, max: 40_000 }), { maxLength: 30 }),
        (input, gaps) => {
          const any = compile(input.brk, input.moves);
          let lead: Lead = start(readyToLead(any), T0);
          let now = T0;
          for (const gap of gaps) {
            now += gap;
            lead = advance(any, lead, now);
          }
          expect(lead).toEqual(advance(any, start(readyToLead(any), T0), now));
          const done = lead.doneMs.reduce((a, b) => a + b, 0);
          const passed = Math.max(0, now - T0 - COUNT_IN_MS);
          expect(done).toBe(Math.min(passed, any.totals.totalMs));
          if (lead.status === 'running') expect(viewOf(any, lead).leftMs).toBe(any.totals.totalMs - done);
        },
      ),
      { numRuns: 100, seed: 7 },
    ));
});

describe('doses that end otherwise than by the clock', () => {
  const held = (dose: object) =>
    compile(brk([step('a', { dose: { measure: 'seconds', amount: 20, ...dose } })]), [
      move('a', { ways: each(), cues: cues(14, 4) }),
    ]);
  const open = held({ open: true });
  const range = held({ to: 25 });
  const at = (line: typeof open, sec: number) =>
    advance(
      line,
      advance(line, start(readyToLead(line), T0), T0 + COUNT_IN_MS),
      T0 + COUNT_IN_MS + sec * 1000,
    );

  it('from an open hold one goes on with the words that lead out of it, and hears nothing of an end before', () => {
    const spoken = compile(brk([step('a', { dose: { measure: 'seconds', amount: 20, open: true } })]), [
      move('a', { cues: { ...cues(14), last: 'One more breath.', back: 'Let go and shake the hand out.' } }),
    ]);
    const now = T0 + COUNT_IN_MS + 56_000;
    const waiting = at(spoken, 56);
    const part = spoken.parts.find((p) => p.kind === 'work');
    const out = part?.lines.find((l) => l.role === 'back');
    expect(['back', 'last']).not.toContain(viewOf(spoken, waiting).line?.role);
    expect(linesDue(spoken, at(spoken, 6), waiting).map((d) => d.line.role)).not.toContain('last');
    const on = skip(spoken, waiting, now);
    expect(on.index).toBe(waiting.index);
    const soon = advance(spoken, on, now + 100);
    expect(linesDue(spoken, waiting, soon).map((d) => d.line.role)).toEqual(['back']);
    expect(viewOf(spoken, soon).line?.role).toBe('back');
    const outMs = (part?.lengthMs ?? 0) - (out?.atMs ?? 0);
    expect(outMs).toBeGreaterThan(0);
    const after = advance(spoken, soon, now + outMs + 10);
    expect(after.index).toBe(on.index + 1);
    expect(after.endsMs).toBeUndefined();
    expect(after.doneMs[on.index]).toBe(50_000 + outMs + 1);
    // Who presses once more does not wait for the words.
    expect(skip(spoken, on, now + 50).index).toBe(on.index + 1);
  });

  it('an open hold waits for the instructor, and what it really lasted is kept for each side', () => {
    const waiting = at(open, 6 + 50);
    expect(viewOf(open, waiting)).toMatchObject({
      part: { kind: 'work', side: 'left', open: true },
      count: { value: 50, unit: 'held' },
      remainingMs: 0,
    });
    const on = skip(open, waiting, T0 + COUNT_IN_MS + 56_000);
    expect(on.doneMs[1]).toBe(50_000);
    // Back 2, change 4, then the right side, which waits as well: 11 s this time.
    const right = skip(open, on, T0 + COUNT_IN_MS + (56 + 2 + 4 + 11) * 1000);
    const work = open.parts.filter((p) => p.kind === 'work').map((p) => right.doneMs[p.index]);
    expect(work).toEqual([50_000, 11_000]);
    expect(advance(open, right, T0 + 10 * 60_000).status).toBe('finished');
  });

  it('a range is led at its lower end, and a press takes both sides to the upper one', () => {
    expect(viewOf(range, at(range, 6 + 19))).toMatchObject({ count: { value: 1, unit: 'seconds' } });
    const longer = extendByBreath(range, at(range, 6 + 10), T0 + COUNT_IN_MS + 16_000, 10_000);
    const works = range.parts.filter((p) => p.kind === 'work');
    expect(works.map((p) => longer.addedMs[p.index])).toEqual([5000, 5000]);
    // Beyond the range it is a breath again.
    const more = extendByBreath(range, longer, T0 + COUNT_IN_MS + 17_000, 10_000);
    expect(more.addedMs[1]).toBe(15_000);
  });
});
