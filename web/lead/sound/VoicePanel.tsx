import { spokenPace } from '@kotabi/core/cues';
import type { Break, Kept, VoiceLine } from '@kotabi/core/model';
import type { Timeline } from '@kotabi/core/timing';
import { Circle, Play, Square, Trash2, X } from 'lucide-react';
import { useMemo, useRef, useState } from 'react';
import { messageOf, request, sendText } from '../../api/client';
import { Button } from '../Button';
import { lineIdOf, soundOf } from './own-voice';
import { type Recording, record } from './recording';
import styles from './sound.module.css';

interface Props {
  brk: Break;
  timeline: Timeline;
  lines: readonly VoiceLine[];
  set: (lines: VoiceLine[]) => void;
  close: () => void;
}

/** The instructor's own voice, line by line: recorded, heard, taken away; and the pace that it has. */
export const VoicePanel = ({ brk, timeline, lines, set, close }: Props) => {
  const texts = useMemo(
    () => [
      ...new Set(timeline.parts.flatMap((p) => p.lines.filter((l) => l.role !== 'count').map((l) => l.text))),
    ],
    [timeline],
  );
  const byText = new Map(lines.map((l) => [l.text, l]));
  const [recording, setRecording] = useState<string | null>(null);
  const going = useRef<Recording | null>(null);
  const [problem, setProblem] = useState('');
  const [said, setSaid] = useState('');
  const here = texts.flatMap((t) => byText.get(t) ?? []);
  const spoken = spokenPace(here);
  /** A break knows no other paces. */
  const pace = spoken === null ? null : Math.min(260, Math.max(60, spoken));
  const doing = async (work: () => Promise<void>): Promise<void> => {
    try {
      setProblem('');
      await work();
    } catch (error) {
      setProblem(messageOf(error));
    }
  };
  const begin = (text: string): Promise<void> =>
    doing(async () => {
      going.current = await record();
      setRecording(text);
    });
  const end = (text: string): Promise<void> =>
    doing(async () => {
      const now = going.current;
      going.current = null;
      setRecording(null);
      if (!now) return;
      const { sound, lengthMs } = await now.stop();
      const id = await lineIdOf(text);
      const query = new URLSearchParams({ text, lengthMs: String(Math.max(100, lengthMs)) });
      const kept = await sendText<VoiceLine>(`/api/voice/${id}?${query}`, sound, sound.type, 'PUT');
      set([...lines.filter((l) => l.text !== text), kept]);
    });
  const remove = (line: VoiceLine): Promise<void> =>
    doing(async () => {
      await request('DELETE', soundOf(line));
      set(lines.filter((l) => l.id !== line.id));
    });
  const takePace = (wordsPerMinute: number): Promise<void> =>
    doing(async () => {
      const kept = await request<Kept<Break>>('GET', `/api/breaks/${brk.id}`);
      const value = { ...kept.value, pace: { ...kept.value.pace, wordsPerMinute } };
      await request('PUT', `/api/breaks/${brk.id}`, { baseVersion: kept.version, value });
      setSaid('It is the pace of the break now. Open this page anew to lead by it.');
    });
  return (
    <aside className={styles.voicePanel} aria-label="Your own voice">
      <div className="bar">
        <h2>Your own voice</h2>
        <span className={styles.tip}>
          {here.length} of {texts.length} lines
        </span>
        <span className="grow" />
        <Button quiet onClick={close} aria-label="Close">
          <X size={18} />
        </Button>
      </div>
      <p className={styles.tip}>
        A line is known by its words: whichever break says them has your voice. What is not recorded is left
        to the voice of the browser, or to you.
      </p>
      {pace !== null && pace !== brk.pace.wordsPerMinute && (
        <p role="status">
          You speak {pace} words a minute; this break reckons with {brk.pace.wordsPerMinute}.{' '}
          <Button onClick={() => void takePace(pace)}>Take {pace} as its pace</Button>
        </p>
      )}
      {said && <p role="status">{said}</p>}
      {problem && <p role="alert">{problem}</p>}
      <ol className={styles.lines}>
        {texts.map((text) => {
          const line = byText.get(text);
          return (
            <li key={text}>
              <span>{text}</span>
              {recording === text ? (
                <Button main onClick={() => void end(text)}>
                  <Square size={15} /> Done
                </Button>
              ) : (
                <Button onClick={() => void begin(text)} disabled={recording !== null}>
                  <Circle size={15} /> {line ? 'Again' : 'Record'}
                </Button>
              )}
              {line && (
                <>
                  <Button
                    quiet
                    aria-label={`Hear: ${text}`}
                    onClick={() => void doing(() => new Audio(soundOf(line)).play())}
                  >
                    <Play size={15} />
                  </Button>
                  <Button quiet aria-label={`Take away: ${text}`} onClick={() => void remove(line)}>
                    <Trash2 size={15} />
                  </Button>
                </>
              )}
            </li>
          );
        })}
      </ol>
    </aside>
  );
};
