import { z } from 'zod';

const KEY = 'kotabi.sound';
const Channel = z.object({ on: z.boolean(), volume: z.number().min(0).max(1) });

/** What is to be heard while a break is led, on this device. */
export const SoundWishes = z.object({
  /** A tone that rises and falls with the breath. */
  breath: Channel.default({ on: false, volume: 0.4 }),
  /** Start, change of side, next step, last breath, end. */
  signals: Channel.default({ on: true, volume: 0.7 }),
  /** The last three of what is counted. */
  counts: Channel.default({ on: true, volume: 0.6 }),
  /** The lines spoken by a voice of this browser. */
  voice: Channel.extend({
    /** Which voice; empty for the first one of the page's language. */
    name: z.string().max(200),
    /** Times as fast as the pace of the break asks for. */
    rate: z.number().min(0.6).max(1.6),
  }).default({ on: false, volume: 1, name: '', rate: 1 }),
});
export type SoundWishes = z.infer<typeof SoundWishes>;
export type SoundChannel = 'breath' | 'signals' | 'counts';

/** The wishes kept in this browser; the usual ones where there are none that can be read. */
export const readWishes = (): SoundWishes => {
  try {
    const parsed = SoundWishes.safeParse(JSON.parse(localStorage.getItem(KEY) ?? '{}'));
    return parsed.success ? parsed.data : SoundWishes.parse({});
  } catch {
    return SoundWishes.parse({}); // what stands there is no JSON: as if there were nothing
  }
};
export const keepWishes = (wishes: SoundWishes): void => localStorage.setItem(KEY, JSON.stringify(wishes));

/** True where the end of a silence is heard by itself, without anybody saying so. */
export const heardByItself = ({ signals, voice }: SoundWishes, hasVoice: boolean): boolean =>
  (signals.on && signals.volume > 0) || (voice.on && hasVoice && voice.volume > 0);
