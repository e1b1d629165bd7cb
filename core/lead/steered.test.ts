import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LedState } from '../model';
import { times } from '../testing/all';
import { arbBreak } from '../testing/arbitrary';
import { breaths, brk, compile, cues, each, hold, move, reps, step } from '../testing/build';
import {
  advance,
  COUNT_IN_MS,
  changeTempo,
  extendByBreath,
  type Lead,
  ledLengthMs,
  pause,
  readyToLead,
  resume,
  skip,
  start,
  stop,
  takeBackBreath,
  takenUp,
  viewOf,
  waitForMe,
} from '.';

const T0 = 1_000_000;
const two = compile(brk([step('a'), step('b', { dose: breaths(3) })]), [
  move('a', { ways: each(), cues: cues(14, 4) }),
  move('b', { cues: cues(5) }),
]);
const at = (line: typeof two, ms: number, lead: Lead = start(readyToLead(line), T0)): Lead =>
  advance(line, lead, T0 + COUNT_IN_MS + ms);

describe('waiting for the instructor', () => {
  it('holds before each step until told, and loses no time of what was led', () => {
    const waits = waitForMe(two, at(two, 1000), T0 + COUNT_IN_MS + 1000, true);
    const held = at(two, 300_000, waits);
    // The first step lasts 54 s: say 6, hold 20, back 2, change 4, hold 20, back 2.
    expect([held.status, held.waiting, viewOf(two, held).part?.stepId]).toEqual(['paused', true, 'b']);
    expect(held.doneMs.reduce((a, b) => a + b, 0)).toBe(54_000);
    const on = advance(two, resume(held, T0 + 400_000), T0 + 401_000);
    expect([on.status, on.waiting, on.elapsedMs]).toEqual(['running', false, 1000]);
    expect(advance(two, on, T0 + 500_000).status).toBe('finished');
  });

  it('goes on at once when it is switched off, and a pause of one’s own stays', () => {
    const held = at(two, 300_000, waitForMe(two, at(two, 0), T0 + COUNT_IN_MS, true));
    expect(waitForMe(two, held, T0 + 400_000, false).status).toBe('running');
    const paused = pause(two, at(two, 2000), T0 + COUNT_IN_MS + 2000);
    expect(waitForMe(two, paused, T0 + 400_000, false).status).toBe('paused');
  });
});

describe('slower and faster by breath', () => {
  const b = two.parts.find((p) => p.kind === 'work' && p.stepId === 'b')!;
  const inB = (ms: number) => at(two, b.startMs + ms);

  it('makes breaths and their work longer, from where the breath is, and leaves words and free work alone', () => {
    const now = T0 + COUNT_IN_MS + b.startMs + 5000;
    const slow = changeTempo(two, inB(5000), now, 1);
    expect([slow.tempo, ledLengthMs(two, slow, b.index)]).toEqual([1.1, 33_000]);
    // Half of the first breath is behind in both.
    expect(viewOf(two, slow).breath).toEqual(viewOf(two, inB(5000)).breath);
    expect(viewOf(two, slow).leftMs).toBe(33_000 - 5500 + 2000);
    const say = two.parts.find((p) => p.kind === 'say' && p.stepId === 'b')!;
    expect(ledLengthMs(two, slow, say.index)).toBe(say.lengthMs);
    // One more breath is a breath as it is led now.
    expect(extendByBreath(two, slow, now, 10_000).addedMs[b.index]).toBe(11_000);
  });

  it('goes no further than can be breathed, and back to what was written', () => {
    let lead = at(two, 0);
    for (let i = 0; i < 20; i++) lead = changeTempo(two, lead, T0 + COUNT_IN_MS, 1);
    expect(lead.tempo).toBe(1.6);
    for (let i = 0; i < 6; i++) lead = changeTempo(two, lead, T0 + COUNT_IN_MS, -1);
    expect(lead.tempo).toBe(1);
    for (let i = 0; i < 20; i++) lead = changeTempo(two, lead, T0 + COUNT_IN_MS, -1);
    expect(lead.tempo).toBe(0.7);
  });
});

describe('an added breath', () => {
  it('can be taken back on both sides, as often as it was added', () => {
    const now = T0 + COUNT_IN_MS + 8000;
    const once = extendByBreath(two, at(two, 8000), now, 10_000);
    const twice = extendByBreath(two, once, now, 10_000);
    expect(takeBackBreath(two, twice, now).addedMs).toEqual(once.addedMs);
    const none = takeBackBreath(two, takeBackBreath(two, twice, now), now);
    expect(none.addedMs.every((ms) => ms === 0)).toBe(true);
    expect(takeBackBreath(two, none, now)).toEqual(none);
  });

  it('taken back after the first side is done shortens only what is to come', () => {
    const added = extendByBreath(two, at(two, 8000), T0 + COUNT_IN_MS + 8000, 10_000);
    const later = T0 + COUNT_IN_MS + 6000 + 30_000 + 1000;
    const back = takeBackBreath(two, added, later);
    expect(back.doneMs[1]).toBe(30_000);
    expect([back.addedMs[1], back.addedMs[4]]).toEqual([10_000, 0]);
  });

  it('taken back when its time has come already ends the hold, and counts nothing below zero', () => {
    const added = extendByBreath(two, at(two, 8000), T0 + COUNT_IN_MS + 8000, 10_000);
    const now = T0 + COUNT_IN_MS + 6000 + 25_000;
    const back = takeBackBreath(two, advance(two, added, now), now);
    expect(viewOf(two, back).count?.value).toBe(0);
    expect(viewOf(two, advance(two, back, now + 10)).part?.kind).toBe('return');
  });
});

describe('what is kept of a break that is led', () => {
  it('is taken up where it was, standing still, with what was done', () => {
    fc.assert(
      fc.property(arbBreak, fc.integer({ min: 0, max: 200_000 }), (input, ms) => {
        const line = compile(input.brk, input.moves);
        const lead = at(line, ms);
        const kept = LedState.parse(JSON.parse(JSON.stringify(lead)));
        const again = takenUp(line, kept);
        if (lead.status === 'finished') expect(again).toBeNull();
        else expect(again).toEqual({ ...lead, status: 'paused', at: 0 });
      }),
      { numRuns: times(30, 60), seed: 3 },
    );
  });
  it('is not taken up by a break that was changed meanwhile, nor when it is over', () => {
    const lead = at(two, 10_000);
    const other = compile(brk([step('a')]), [move('a')]);
    expect(takenUp(other, lead)).toBeNull();
    expect(takenUp(two, { ...lead, status: 'stopped' })).toBeNull();
  });
});

describe('the last breath', () => {
  const left = (dose: object, ms: number) => {
    const line = compile(brk([step('a', { dose } as never)]), [move('a', { cues: cues(5) })]);
    const work = line.parts.find((p) => p.kind === 'work')!;
    return viewOf(line, at(line, work.startMs + ms)).breathsLeft;
  };
  it('is called so only while a whole breath is left, and only where the hold ends with it', () => {
    expect([0, 9999, 10_001, 19_999, 20_001, 29_000].map((ms) => left(hold(30), ms))).toEqual([
      null,
      null,
      2,
      2,
      1,
      1,
    ]);
    expect([0, 6000, 16_000, 24_000].map((ms) => left(hold(25), ms))).toEqual([null, null, null, null]);
    expect(left(reps(5, 'breath'), 45_000)).toBeNull();
    expect([0, 9000].map((ms) => left(hold(10), ms))).toEqual([null, null]);
  });
  it('is still right when breaths are led slower and one is added', () => {
    const b = two.parts.find((p) => p.kind === 'work' && p.stepId === 'b')!;
    const now = T0 + COUNT_IN_MS + b.startMs + 20_500;
    const lead = advance(two, at(two, 0), now);
    expect(viewOf(two, lead).breathsLeft).toBe(1);
    const slow = changeTempo(two, lead, now, 1);
    expect(viewOf(two, slow).breathsLeft).toBe(1);
    expect(viewOf(two, extendByBreath(two, slow, now, 10_000)).breathsLeft).toBe(2);
  });
});

it('never counts below zero, whatever is pressed', () => {
  const press = fc.constantFrom('skip', 'breath', 'back breath', 'slow', 'fast', 'wait', 'on', 'pause');
  fc.assert(
    fc.property(
      arbBreak,
      fc.array(fc.tuple(press, fc.integer({ min: 0, max: 9000 })), { maxLength: 40 }),
      (input, all) => {
        const line = compile(input.brk, input.moves);
        let now = T0;
        let lead = start(readyToLead(line), now);
        for (const [what, gap] of all) {
          now += gap;
          lead = advance(line, lead, now);
          if (what === 'skip') lead = skip(line, lead, now);
          if (what === 'breath') lead = extendByBreath(line, lead, now, 10_000);
          if (what === 'back breath') lead = takeBackBreath(line, lead, now);
          if (what === 'slow' || what === 'fast')
            lead = changeTempo(line, lead, now, what === 'slow' ? 1 : -1);
          if (what === 'wait') lead = waitForMe(line, lead, now, !lead.waits);
          if (what === 'on') lead = resume(lead, now);
          if (what === 'pause') lead = pause(line, lead, now);
          const view = viewOf(line, lead);
          expect(view.count?.value ?? 0).toBeGreaterThanOrEqual(0);
          expect(view.leftMs).toBeGreaterThanOrEqual(0);
          expect(lead.doneMs.every((ms) => ms >= 0)).toBe(true);
        }
      },
    ),
    { numRuns: times(40, 80), seed: 11 },
  );
});

it('stopped while it is counted in, nothing has begun', () => {
  const counting = advance(two, start(readyToLead(two), T0), T0 + 2000);
  expect(stop(two, counting, T0 + 2500)).toEqual(readyToLead(two));
  expect(stop(two, at(two, 100), T0 + COUNT_IN_MS + 200).status).toBe('stopped');
});
