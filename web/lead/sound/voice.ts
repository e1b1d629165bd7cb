import type { Mouth } from '@kotabi/core/lead';
import type { Pace } from '@kotabi/core/model';
import type { SoundWishes } from './wishes';

/** How fast a browser's voice speaks at rate 1, words a minute. Common practice, no source. */
const VOICE_WPM = 170;

/** The voices of this browser that speak the language of the page; none where it has no speech. */
export const voicesHere = (): SpeechSynthesisVoice[] => {
  if (!('speechSynthesis' in window)) return [];
  const language = document.documentElement.lang.slice(0, 2);
  return speechSynthesis.getVoices().filter((v) => v.lang.slice(0, 2).toLowerCase() === language);
};

/** Tells when the voices are known: some browsers fetch them after the page has begun. */
export const onVoices = (told: () => void): (() => void) => {
  if (!('speechSynthesis' in window)) return () => {};
  speechSynthesis.addEventListener('voiceschanged', told);
  return () => speechSynthesis.removeEventListener('voiceschanged', told);
};

/** A mouth that speaks with a voice of the browser, as fast as the pace of the break, or so much faster as is wished. */
export const browserMouth = (
  pace: Pick<Pace, 'wordsPerMinute'>,
  wishes: () => SoundWishes['voice'],
): Mouth => ({
  say: (text, _line, ended) => {
    const { name, rate, volume } = wishes();
    const voices = voicesHere();
    const said = new SpeechSynthesisUtterance(text);
    said.voice = voices.find((v) => v.name === name) ?? voices[0] ?? null;
    said.rate = (pace.wordsPerMinute / VOICE_WPM) * rate;
    said.volume = volume;
    // An error ends it as well: the next line must not wait for ever.
    said.onend = ended;
    said.onerror = ended;
    speechSynthesis.speak(said);
  },
  hush: () => speechSynthesis.cancel(),
});
