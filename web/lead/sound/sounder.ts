import { advance, type Lead, type Sound, soundsAhead } from '@kotabi/core/lead';
import type { Timeline } from '@kotabi/core/timing';

/** What sounds may be so far from where the break is, ms, before it is set anew. */
const TRUE_MS = 12;
/** An audio clock that has not moved for so long stands still: there is no sound device. It is tried again now and then. */
const STANDS_MS = 1000;
const AGAIN_MS = 5000;

/** Where sounds go: a clock of its own, and a bus of what has been set. */
export interface Outlet<Bus> {
  /** The audio clock, ms. */
  now: () => number;
  /** So far ahead everything is to be set now, ms; half of it may pass before the next stretch is set. */
  aheadMs: () => number;
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
  private set: { lead: Lead; bus: Bus; clockMs: number; audioMs: number; aheadMs: number } | null = null;
  /** Until then nothing is set: the audio clock stood still. */
  private silentUntil = Number.NEGATIVE_INFINITY;

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
    if (clockMs < this.silentUntil || (this.set && this.isTrue(lead, clockMs))) return;
    const audioMs = this.outlet.now();
    if (this.set && audioMs === this.set.audioMs && clockMs - this.set.clockMs > STANDS_MS) {
      this.stop();
      this.silentUntil = clockMs + AGAIN_MS;
      return;
    }
    const aheadMs = this.outlet.aheadMs();
    const bus = this.outlet.open();
    this.outlet.play(bus, soundsAhead(this.timeline, lead, aheadMs), audioMs);
    const before = this.set;
    this.set = { lead: { ...lead, at: clockMs }, bus, clockMs, audioMs, aheadMs };
    if (before) this.outlet.silence(before.bus);
  }

  /** Whether what has been set is still what is led, and goes far enough. */
  private isTrue(lead: Lead, clockMs: number): boolean {
    const { set, timeline } = this;
    if (!set) return false;
    if (clockMs - set.clockMs > set.aheadMs / 2 || this.outlet.aheadMs() > set.aheadMs) return false;
    const apart = this.outlet.now() - set.audioMs - (clockMs - set.clockMs);
    if (Math.abs(apart) > TRUE_MS && clockMs - set.clockMs > STANDS_MS) return false;
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
