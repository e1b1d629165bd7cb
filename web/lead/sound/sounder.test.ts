import { advance, extendByBreath, type Lead, pause, readyToLead, type Sound, start } from '@kotabi/core/lead';
import { stepOf } from '@kotabi/core/library';
import { moveLookup } from '@kotabi/core/library/all';
import { Break, type Move } from '@kotabi/core/model';
import { timed } from '@kotabi/core/timing';
import { describe, expect, it } from 'vitest';
import { Sounder } from './sounder';

const lookup = moveLookup();
const ids = [
  'sit-tall',
  'ear-to-shoulder',
  'shoulder-rolls',
  'side-reach',
  'look-over-shoulder',
  'quiet-rest',
];
const items = Array.from({ length: 46 }, (_, i) => stepOf(lookup(ids[i % ids.length]!) as Move, `s${i}`));
const made = timed(Break.parse({ id: 'b', name: 'A class', slotSec: 1800, items }), lookup);
if (!made.ok) throw new Error('broken test');
const { timeline } = made;

interface Heard {
  what: string;
  /** The audio clock at which it begins, ms. */
  atMs: number;
  bus: number;
}

/** An outlet that writes down what would be heard, on a clock that goes wrong by so many millionths. */
const outletOn = (clock: { ms: number }, millionths: number) => {
  const heard: Heard[] = [];
  let buses = 0;
  const now = () => 777 + clock.ms * (1 + millionths / 1e6);
  return {
    heard,
    outlet: {
      now,
      aheadMs: () => 150_000,
      open: () => buses++,
      play: (bus: number, sounds: readonly Sound[], at: number) => {
        for (const s of sounds)
          heard.push({ what: s.what === 'signal' ? s.signal : s.what, atMs: at + s.atMs, bus });
      },
      // What has not begun yet when a bus is silenced is not heard.
      silence: (bus: number) => {
        for (let i = heard.length - 1; i >= 0; i--)
          if (heard[i]!.bus === bus && heard[i]!.atMs > now()) heard.splice(i, 1);
      },
    },
    /** When something of the audio clock is heard, by the clock of the break. */
    toClock: (audioMs: number) => (audioMs - 777) / (1 + millionths / 1e6),
  };
};

describe('what is heard, against the timeline', () => {
  it('is a class of about half an hour', () => {
    expect(timeline.totals.totalMs / 60_000).toBeGreaterThan(25);
  });

  // A tab that is hidden looks once a second, later once a minute; clocks of sound cards are off by some 100 millionths.
  it.each([
    [16, 0],
    [1000, 120],
    [1000, -120],
    [60_000, 120],
    [60_000, -300],
  ])(
    'is off by less than 20 ms over all of it, looked at every %i ms, the clocks %i millionths apart',
    (every, off) => {
      const clock = { ms: 0 };
      const { heard, outlet, toClock } = outletOn(clock, off);
      const sounder = new Sounder(timeline, outlet);
      let lead: Lead = start(readyToLead(timeline), 0);
      const looks = every < 100 ? 40_000 / every : timeline.totals.totalMs / every + 3;
      for (let i = 0; i < looks && lead.status === 'running'; i++) {
        clock.ms = i * every;
        lead = advance(timeline, lead, clock.ms);
        sounder.look(lead, clock.ms);
      }
      const signals = timeline.parts.filter((p, i) => i > 0 && p.stepId !== timeline.parts[i - 1]!.stepId);
      let found = 0;
      for (const part of signals) {
        const at = 3000 + part.startMs;
        if (at > clock.ms) break;
        const own = heard.filter((h) => h.what === 'step').map((h) => Math.abs(toClock(h.atMs) - at));
        const nearest = Math.min(...own);
        expect(nearest, `${part.moveName} at ${at}`).toBeLessThan(20);
        // Heard once, though it was set anew now and then.
        expect(own.filter((d) => d < 500).length).toBe(1);
        found++;
      }
      expect(found).toBeGreaterThan(every < 100 ? 0 : 30);
    },
  );

  it('is set anew by whatever is pressed, and silent when it stands still', () => {
    const clock = { ms: 0 };
    const { heard, outlet } = outletOn(clock, 0);
    const sounder = new Sounder(timeline, outlet);
    let lead: Lead = start(readyToLead(timeline), 0);
    const to = (ms: number) => {
      clock.ms = ms;
      lead = advance(timeline, lead, ms);
      sounder.look(lead, ms);
    };
    to(0);
    const work = timeline.parts.find((p) => p.kind === 'work' && p.side === 'left')!;
    to(3000 + work.startMs + 5000);
    const before = Math.min(...heard.filter((h) => h.what === 'side').map((h) => h.atMs));
    lead = extendByBreath(timeline, lead, clock.ms, 10_000);
    to(clock.ms + 20);
    const after = Math.min(...heard.filter((h) => h.what === 'side').map((h) => h.atMs));
    expect(after - before).toBe(10_000);
    lead = pause(timeline, lead, clock.ms);
    to(clock.ms + 20);
    expect(heard.filter((h) => h.atMs > outlet.now())).toEqual([]);
  });

  it('is not set again and again where the audio clock stands still: there is no sound device', () => {
    let opened = 0;
    const sounder = new Sounder(timeline, {
      now: () => 0,
      aheadMs: () => 16_000,
      open: () => opened++,
      play: () => {},
      silence: () => {},
    });
    let lead: Lead = start(readyToLead(timeline), 0);
    for (let ms = 0; ms < 60_000; ms += 16) {
      lead = advance(timeline, lead, ms);
      sounder.look(lead, ms);
    }
    expect(opened).toBeLessThan(16);
  });
});
