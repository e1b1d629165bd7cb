import { type Lead, readyToLead, start } from '@kotabi/core/lead';
import type { Break } from '@kotabi/core/model';
import type { Timeline } from '@kotabi/core/timing';
import { Ear, FileDown, Mic } from 'lucide-react';
import { useId, useState } from 'react';
import { messageOf } from '../../api/client';
import { Button } from '../Button';
import controls from '../controls.module.css';
import styles from './sound.module.css';
import type { SoundState } from './useSound';
import { VoicePanel } from './VoicePanel';
import { heardByItself, type SoundChannel } from './wishes';

const CHANNELS: readonly [SoundChannel, string, string][] = [
  ['signals', 'Signals', 'start, change of side, last breath, end'],
  ['counts', 'The last three', 'of repetitions and of free seconds'],
  ['breath', 'Breath', 'a tone that rises and falls with it'],
];

interface Props {
  sound: SoundState;
  timeline: Timeline;
  brk: Break;
  /** Somewhere in this break eyes are closed until something is heard. */
  silent: boolean;
}

/** What is to be heard: each kind with a switch and its loudness, a voice where there is one, and a press to try it. */
export const SoundPanel = ({ sound, timeline, brk, silent }: Props) => {
  const { wishes, set, voices, own, hasVoice, failure } = sound;
  const [ownOpen, setOwnOpen] = useState(false);
  const id = useId();
  const [making, setMaking] = useState<string | null>(null);
  const save = async (): Promise<void> => {
    setMaking('Making the file …');
    try {
      const blob = await sound.file(start(readyToLead(timeline), 0) as Lead);
      const link = document.createElement('a');
      link.href = URL.createObjectURL(blob);
      link.download = `${brk.name}.wav`;
      link.click();
      setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
      setMaking(`Saved: ${Math.max(1, Math.round(blob.size / 1e6))} MB.`);
    } catch (error) {
      setMaking(`It could not be made: ${messageOf(error)}`);
    }
  };
  const row = (
    key: string,
    label: string,
    tip: string,
    value: { on: boolean; volume: number },
    change: (more: { on?: boolean; volume?: number }) => void,
    disabled = false,
  ) => (
    <div key={key} className={styles.row}>
      <input
        type="checkbox"
        role="switch"
        aria-checked={value.on}
        id={`${id}${key}`}
        className={controls.switch}
        checked={value.on}
        disabled={disabled}
        onChange={(e) => change({ on: e.target.checked })}
      />
      <label htmlFor={`${id}${key}`}>
        {label} <span className={styles.tip}>{tip}</span>
      </label>
      <input
        type="range"
        min="0"
        max="100"
        step="5"
        aria-label={`Loudness: ${label}`}
        value={Math.round(value.volume * 100)}
        disabled={!value.on || disabled}
        onChange={(e) => change({ volume: Number(e.target.value) / 100 })}
      />
    </div>
  );
  return (
    <section aria-label="Sound" className={styles.panel}>
      <h2>What is heard</h2>
      {CHANNELS.map(([key, label, tip]) =>
        row(key, label, tip, wishes[key], (more) => set({ [key]: { ...wishes[key], ...more } })),
      )}
      {row(
        'voice',
        'Voice',
        voices.length > 0
          ? 'says the lines'
          : own.length > 0
            ? 'says the lines you have recorded'
            : 'this browser has no voice; the signals remain',
        wishes.voice,
        (more) => set({ voice: { ...wishes.voice, ...more } }),
        !hasVoice,
      )}
      {wishes.voice.on && voices.length > 0 && (
        <div className={styles.voice}>
          <select
            aria-label="Which voice"
            value={wishes.voice.name || voices[0]}
            onChange={(e) => set({ voice: { ...wishes.voice, name: e.target.value } })}
          >
            {voices.map((v) => (
              <option key={v}>{v}</option>
            ))}
          </select>
          <label>
            speed{' '}
            <input
              type="range"
              min="60"
              max="160"
              step="5"
              aria-label="Speed of the voice"
              value={Math.round(wishes.voice.rate * 100)}
              onChange={(e) => set({ voice: { ...wishes.voice, rate: Number(e.target.value) / 100 } })}
            />
          </label>
        </div>
      )}
      <div className="bar">
        <Button onClick={() => void sound.tryIt()}>
          <Ear size={18} /> Try it
        </Button>
        <Button quiet onClick={() => setOwnOpen(true)} title="Record the lines yourself">
          <Mic size={18} /> Your own voice
        </Button>
        <Button quiet onClick={() => void save()} title="The sounds of this break alone, as a WAV file">
          <FileDown size={18} /> Save as a file
        </Button>
        {making && (
          <span role="status" className={styles.tip}>
            {making}
          </span>
        )}
      </div>
      {silent && !heardByItself(wishes, hasVoice) && (
        <p role="alert">
          Eyes are closed in this break, and nothing sounds by itself: say aloud when the silence ends, or
          switch the signals on.
        </p>
      )}
      {ownOpen && (
        <VoicePanel
          brk={brk}
          timeline={timeline}
          lines={own}
          set={sound.setOwn}
          close={() => setOwnOpen(false)}
        />
      )}
      {failure && <p role="alert">No sound in this browser: {failure}</p>}
    </section>
  );
};
