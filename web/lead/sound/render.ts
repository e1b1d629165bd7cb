import { type Lead, soundsAhead } from '@kotabi/core/lead';
import type { Timeline } from '@kotabi/core/timing';
import toWav from 'audiobuffer-to-wav';
import { Bus, playAll } from './play';
import { Offline } from './tone';
import type { SoundWishes } from './wishes';

/** Enough for what is heard: its highest tone is 880 Hz, with its overtones. */
const RATE = 16_000;
/** The last signal rings for so long, ms. */
const RINGS_MS = 2500;

/** The sounds of a whole break as a file (WAV, two channels), from the count-in on. */
export const soundFile = async (timeline: Timeline, lead: Lead, wishes: SoundWishes): Promise<Blob> => {
  const all = soundsAhead(timeline, lead, 86_400_000);
  const lengthMs = Math.max(0, ...all.map((s) => s.atMs)) + RINGS_MS;
  const buffer = await Offline(() => playAll(new Bus(true), all, 0, wishes), lengthMs / 1000, 2, RATE);
  const heard = buffer.get();
  if (!heard) throw new Error('This browser made no sound.');
  return new Blob([toWav(heard)], { type: 'audio/wav' });
};
