import type { Signal, Sound } from '@kotabi/core/lead';
import type { Side } from '@kotabi/core/model';
import { Gain, Oscillator, Panner } from './tone';
import type { SoundChannel, SoundWishes } from './wishes';

/** A note of a signal: its pitch in Hz, when it begins and how long it rings, seconds. */
type Note = readonly [hz: number, at: number, length: number];

/** Short figures that are told apart with eyes closed. Their pitches are those of a pentatonic scale. */
const FIGURES: Record<Signal, readonly Note[]> = {
  start: [
    [392, 0, 0.5],
    [587, 0.18, 0.7],
  ],
  side: [[523, 0, 0.45]],
  step: [[440, 0, 0.5]],
  'last breath': [
    [659, 0, 0.3],
    [659, 0.22, 0.5],
  ],
  end: [
    [587, 0, 0.6],
    [494, 0.28, 0.7],
    [392, 0.56, 1.6],
  ],
};
/** Three, two, one: each a little lower. */
const COUNTS: Record<1 | 2 | 3, number> = { 3: 880, 2: 784, 1: 698 };
const COUNT_SEC = 0.09;
/** The breath glides between these, Hz: low when empty, high when full. */
const EMPTY_HZ = 174;
const FULL_HZ = 262;
/** Left sounds left and right sounds right, not so far that one ear hears nothing. */
const PAN: Record<Side, number> = { left: -0.85, right: 0.85 };

export const channelOf = (sound: Sound): SoundChannel =>
  sound.what === 'breath' ? 'breath' : sound.what === 'signal' ? 'signals' : 'counts';

/** Everything that was set to sound since it was made; ended at once by `silence`. */
export class Bus {
  private readonly out = new Gain(1).toDestination();
  private readonly sources = new Set<Oscillator>();

  /** `toFile`: nothing is taken away when it has sounded, for a file is only made after everything has been set. */
  constructor(private readonly toFile = false) {}

  /** Sets one sound to begin at a time of the audio clock, seconds. */
  play(sound: Sound, at: number, volume: number): void {
    if (volume <= 0) return;
    const side = new Panner(sound.side ? PAN[sound.side] : 0).connect(this.out);
    if (sound.what === 'breath') this.breath(sound, at, volume, side);
    else if (sound.what === 'count')
      this.note([COUNTS[sound.left], 0, COUNT_SEC], at, volume, side, 'square');
    else for (const note of FIGURES[sound.signal]) this.note(note, at, volume, side, 'triangle');
  }

  private breath(
    { phase, from, lengthMs }: Extract<Sound, { what: 'breath' }>,
    at: number,
    volume: number,
    to: Panner,
  ): void {
    const length = lengthMs / 1000;
    const [begin, end] = phase === 'in' ? [EMPTY_HZ, FULL_HZ] : [FULL_HZ, EMPTY_HZ];
    const envelope = new Gain(0).connect(to);
    const tone = this.source(begin + (end - begin) * from, 'sine', envelope);
    tone.frequency.setValueAtTime(begin + (end - begin) * from, at);
    tone.frequency.linearRampToValueAtTime(end, at + length);
    const soft = Math.min(0.25, length / 4);
    envelope.gain.setValueAtTime(0, at);
    envelope.gain.linearRampToValueAtTime(volume * 0.5, at + soft);
    envelope.gain.setValueAtTime(volume * 0.5, at + length - soft);
    envelope.gain.linearRampToValueAtTime(0, at + length);
    tone.start(at).stop(at + length);
  }

  private note(
    [hz, after, length]: Note,
    at: number,
    volume: number,
    to: Panner,
    type: 'triangle' | 'square',
  ): void {
    const begins = at + after;
    const envelope = new Gain(0).connect(to);
    const tone = this.source(hz, type, envelope);
    envelope.gain.setValueAtTime(0, begins);
    // A square wave is far louder than a triangle of the same height.
    envelope.gain.linearRampToValueAtTime(volume * (type === 'square' ? 0.2 : 0.6), begins + 0.01);
    envelope.gain.exponentialRampToValueAtTime(0.0001, begins + length);
    tone.start(begins).stop(begins + length);
  }

  private source(hz: number, type: 'sine' | 'triangle' | 'square', to: Gain): Oscillator {
    const tone = new Oscillator({ frequency: hz, type }).connect(to);
    this.sources.add(tone);
    if (this.toFile) return tone;
    tone.onstop = () => {
      this.sources.delete(tone);
      tone.dispose();
      to.dispose();
    };
    return tone;
  }

  /** Nothing of it is heard any more, from this moment on; what was set is taken away. */
  silence(): void {
    this.out.gain.cancelScheduledValues(0);
    this.out.gain.rampTo(0, 0.02);
    setTimeout(() => {
      for (const tone of this.sources) tone.dispose();
      this.sources.clear();
      this.out.dispose();
    }, 60);
  }
}

/** Sets sounds to be heard, each at its time from a moment of the audio clock, as loud as is wished. */
export const playAll = (bus: Bus, sounds: readonly Sound[], at: number, wishes: SoundWishes): void => {
  for (const sound of sounds) {
    const { on, volume } = wishes[channelOf(sound)];
    if (on) bus.play(sound, at + sound.atMs / 1000, volume);
  }
};
