import type { Mouth } from '@kotabi/core/lead';
import type { VoiceLine } from '@kotabi/core/model';
import type { SoundWishes } from './wishes';

/** What words are known by, as the server works it out. */
export const lineIdOf = async (text: string): Promise<string> => {
  const bytes = new Uint8Array(await crypto.subtle.digest('SHA-256', new TextEncoder().encode(text)));
  const letters = btoa(String.fromCharCode(...bytes));
  return letters.replaceAll('+', '-').replaceAll('/', '_').replaceAll('=', '').slice(0, 32);
};

export const soundOf = ({ id }: Pick<VoiceLine, 'id'>): string => `/api/voice/${id}`;

/** Speaks with the instructor's own voice what was recorded, and leaves the rest to another mouth, if there is one. */
export const ownMouth = (
  lines: ReadonlyMap<string, VoiceLine>,
  other: Mouth | null,
  wishes: () => SoundWishes['voice'],
): Mouth => {
  let playing: HTMLAudioElement | null = null;
  // Fetched before they are needed: a server that is gone later takes no line with it.
  const ready = new Map<string, HTMLAudioElement>();
  for (const [text, line] of lines) {
    const sound = new Audio(soundOf(line));
    sound.preload = 'auto';
    ready.set(text, sound);
  }
  return {
    say: (text, line, ended) => {
      const sound = ready.get(text);
      if (!sound) {
        if (other) other.say(text, line, ended);
        else ended();
        return;
      }
      playing = sound;
      sound.currentTime = 0;
      sound.volume = wishes().volume;
      sound.onended = ended;
      sound.play().catch((error: unknown) => {
        console.error('A recorded line could not be played', error);
        ended();
      });
    },
    hush: () => {
      playing?.pause();
      playing = null;
      other?.hush();
    },
  };
};
