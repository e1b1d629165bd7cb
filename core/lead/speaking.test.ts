import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { times } from '../testing/all';
import { arbBreak } from '../testing/arbitrary';
import { brk, compile, cues, each, move, step } from '../testing/build';
import type { Timeline } from '../timing';
import {
  advance,
  back,
  COUNT_IN_MS,
  changeTempo,
  type Lead,
  ledLineMs,
  linesDue,
  type Mouth,
  readyToLead,
  Speaker,
  skip,
  start,
} from '.';

const line = compile(brk([step('a'), step('b')]), [
  move('a', {
    ways: each(),
    cues: { ...cues(14, 4), go: 'Go', feel: 'You feel it', check: 'Check it', last: 'Last one' },
  }),
  move('b', { cues: cues(5) }),
]);
const T0 = 1000;
const begun = (timeline: Timeline): Lead => start(readyToLead(timeline), T0);

/** Every line that comes due while a break is led, looked at so often, with the moment. */
const listen = (timeline: Timeline, everyMs: number, press?: (lead: Lead, now: number) => Lead) => {
  const heard: { text: string; at: number }[] = [];
  let lead = begun(timeline);
  for (let now = T0; lead.status === 'running' && now < T0 + 40_000_000; now += everyMs) {
    const next = advance(timeline, press?.(lead, now) ?? lead, now);
    for (const { line: said } of linesDue(timeline, lead, next)) heard.push({ text: said.text, at: now });
    lead = next;
  }
  return heard;
};

describe('lines as they come due', () => {
  it('are all lines, each once, in order, whatever the moments at which it is looked at', () => {
    fc.assert(
      fc.property(arbBreak, fc.constantFrom(70, 250), (input, everyMs) => {
        const any = compile(input.brk, input.moves);
        const lead = begun(any);
        const expected = any.parts.flatMap((p) =>
          p.lines.map((l) => ({
            text: l.text,
            at: T0 + COUNT_IN_MS + p.startMs + ledLineMs(any, lead, p.index, l),
          })),
        );
        const heard = listen(any, everyMs);
        expect(heard.map((h) => h.text)).toEqual(expected.map((e) => e.text));
        for (const [i, h] of heard.entries()) {
          expect(h.at).toBeGreaterThanOrEqual(expected[i]!.at);
          expect(h.at).toBeLessThan(expected[i]!.at + everyMs + 1);
        }
      }),
      { numRuns: times(24, 60), seed: 9 },
    );
  });
  it('are not those of what was skipped, and are said again when one goes back', () => {
    const say = line.parts[0]!.lines[0]!.text;
    let did = 0;
    const heard = listen(line, 50, (lead, now) => {
      if (did === 0 && now >= T0 + COUNT_IN_MS + 2000) {
        did = 1;
        return back(line, lead, now);
      }
      if (did === 1 && lead.index === 1 && lead.elapsedMs > 1000) {
        did = 2;
        return skip(line, lead, now);
      }
      return lead;
    });
    expect(heard.filter((h) => h.text === say).length).toBe(2);
    // The first side was left after a second: its last words belong to the second side alone.
    expect(heard.filter((h) => h.text === 'Last one').length).toBe(1);
  });
  it('come later when breaths are led slower, none twice', () => {
    const heard = listen(line, 50, (lead, now) =>
      lead.index === 1 && lead.tempo < 1.3 ? changeTempo(line, lead, now, 1) : lead,
    );
    expect(heard.map((h) => h.text)).toEqual(listen(line, 50).map((h) => h.text));
  });
  it('that came due long ago, as after a hidden hour, are not said all at once', () => {
    const lead = begun(line);
    expect(linesDue(line, lead, advance(line, lead, T0 + 3_600_000))).toEqual([]);
  });
});

describe('the speaker', () => {
  /** A mouth that takes its time and writes down what it said and when. */
  const mouthAt = (clock: { now: number }, msPerWord: number) => {
    const said: { text: string; from: number; to: number }[] = [];
    let open: { until: number; ended: () => void } | null = null;
    const mouth: Mouth = {
      say: (text, _line, ended) => {
        const until = clock.now + text.split(' ').length * msPerWord;
        said.push({ text, from: clock.now, to: until });
        open = { until, ended };
      },
      hush: () => {
        const last = said.at(-1);
        if (open && last) last.to = Math.min(last.to, clock.now);
        open = null;
      },
    };
    const tick = (): void => {
      if (!open || clock.now < open.until) return;
      const { ended } = open;
      open = null;
      ended();
    };
    return { mouth, said, tick };
  };
  const lead = (timeline: Timeline, msPerWord: number, stopMs = Number.POSITIVE_INFINITY) => {
    const clock = { now: T0 };
    const { mouth, said, tick } = mouthAt(clock, msPerWord);
    const speaker = new Speaker(mouth, () => clock.now);
    let state = begun(timeline);
    let stopped = false;
    for (; state.status === 'running' && clock.now < T0 + 2_000_000; clock.now += 50) {
      tick();
      const next = advance(timeline, state, clock.now);
      const due = linesDue(timeline, state, next);
      state = next;
      if (!stopped && clock.now >= stopMs) {
        stopped = true;
        speaker.stop();
      }
      if (!stopped) speaker.take(due);
    }
    return said;
  };

  it('says every line at its moment where it speaks as fast as was reckoned', () => {
    const said = lead(line, 60_000 / 140);
    expect(said.map((s) => s.text)).toEqual(line.parts.flatMap((p) => p.lines.map((l) => l.text)));
  });
  it('never says one thing over another, however slow the voice', () => {
    fc.assert(
      fc.property(arbBreak, fc.integer({ min: 200, max: 1500 }), (input, msPerWord) => {
        const said = lead(compile(input.brk, input.moves), msPerWord);
        for (const [i, s] of said.entries())
          if (i > 0) expect(s.from).toBeGreaterThanOrEqual(said[i - 1]!.to);
      }),
      { numRuns: times(16, 40), seed: 2 },
    );
  });
  it('with a slow voice leaves out what matters least, not the way back', () => {
    const said = lead(line, 900).map((s) => s.text);
    expect(said.length).toBeLessThan(line.parts.flatMap((p) => p.lines).length);
    expect(said).toContain('back');
  });
  it('is silent after stop, at once', () => {
    const stopMs = T0 + COUNT_IN_MS + 3000;
    const said = lead(line, 60_000 / 140, stopMs);
    expect(said.length).toBe(1);
    expect(said[0]!.to).toBe(stopMs);
  });
});
