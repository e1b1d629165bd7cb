import { advance, type Lead, type Sound, soundsAhead } from '@kotabi/core/lead';
import type { Timeline } from '@kotabi/core/timing';

/** So far ahead everything is set to sound, ms: a tab that is hidden may look at the clock once a minute. */
const AHEAD_MS = 150_000;
/** With less than this ahead the next stretch is set. */
const REFILL_MS = 75_000;
/** What sounds may be so far from where the break is, ms, before it is set anew. */
const TRUE_MS = 12;

/** An audio clock that stands still (no sound device) is not set anew at every look. */
const AGAIN_MS = 1000;

/** Where sounds go: a clock of its own, and a bus of what has been set. */
export interface Outlet<Bus> {
  /** The audio clock, ms. */
  now: () => number;
  open: () => Bus;
  play: (bus: Bus, sounds: readonly Sound[], atMs: number) => void;
  silence: (bus: Bus) => void;
}

/**
 * Keeps what is heard true to the break that is led. Sounds are set ahead by the audio clock, so that a slow or hidden page
 * delays none of them; whatever is pressed sets them anew, and where the two clocks have come apart by more than a few
 * thousandths of a second as well.
 */
export class Sounder<Bus> {
  /** What has been set: from which state, at which reading of both clocks. */
  private set: { lead: Lead; bus: Bus; clockMs: number; audioMs: number } | null = null;

  constructor(
    private readonly timeline: Timeline,
    private readonly outlet: Outlet<Bus>,
  ) {}

  /** Looks at the break as it is at a reading of its clock. */
  look(lead: Lead, clockMs: number): void {
    if (lead.status !== 'running') {
      this.stop();
      return;
    }
    if (this.set && this.isTrue(lead, clockMs)) return;
    const audioMs = this.outlet.now();
    const bus = this.outlet.open();
    this.outlet.play(bus, soundsAhead(this.timeline, lead, AHEAD_MS), audioMs);
    const before = this.set;
    this.set = { lead: { ...lead, at: clockMs }, bus, clockMs, audioMs };
    if (before) this.outlet.silence(before.bus);
  }

  /** Whether what has been set is still what is led, and goes far enough. */
  private isTrue(lead: Lead, clockMs: number): boolean {
    const { set, timeline } = this;
    if (!set) return false;
    if (clockMs - set.clockMs > AHEAD_MS - REFILL_MS) return false;
    const apart = this.outlet.now() - set.audioMs - (clockMs - set.clockMs);
    if (Math.abs(apart) > TRUE_MS && clockMs - set.clockMs > AGAIN_MS) return false;
    const same =
      set.lead.addedMs === lead.addedMs && set.lead.tempo === lead.tempo && set.lead.waits === lead.waits;
    if (!same) return false;
    const expected = advance(timeline, set.lead, clockMs);
    return expected.index === lead.index && Math.abs(expected.elapsedMs - lead.elapsedMs) < TRUE_MS;
  }

  /** Silence at once. */
  stop(): void {
    if (this.set) this.outlet.silence(this.set.bus);
    this.set = null;
  }
}
