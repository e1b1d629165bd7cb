import { FlipHorizontal2, Hand, Pause, Play, SkipBack, SkipForward, Square, Undo2, Wind } from 'lucide-react';
import { Button } from './Button';
import styles from './lead.module.css';
import { type LeadStore, useMoment } from './leadStore';
import type { Steering } from './useSteering';

interface Props {
  store: LeadStore;
  /** Breaths a minute as written. */
  breathsPerMinute: number;
  steering: Steering;
  mirror: boolean;
  setMirror: (on: boolean) => void;
}

/** The buttons a break is steered with, in words. */
export const Controls = ({ store, breathsPerMinute, steering, mirror, setMirror }: Props) => {
  const act = store.getState();
  const now = useMoment(store, ({ lead, view }) => ({
    paused: lead.status === 'paused',
    waits: lead.waits,
    tempo: lead.tempo,
    canTakeBack: lead.added.some((a) => a.parts.some((i) => i >= lead.index)),
    works: view.part?.kind === 'work',
  }));
  return (
    <>
      <Button onClick={act.back} aria-label="Back (←)" title="Back (←)">
        <SkipBack size={19} />
      </Button>
      <Button main onClick={steering.toggle} title="Pause or go on (space)">
        {now.paused ? <Play size={19} /> : <Pause size={19} />}
        {now.paused ? 'Go on' : 'Pause'}
      </Button>
      <Button onClick={act.skip} aria-label="On (→)" title="On (→)">
        <SkipForward size={19} />
      </Button>
      <Button
        onClick={act.breath}
        disabled={!now.works}
        title="One more breath (↑); the other side gets the same"
      >
        <Wind size={19} /> One more breath
      </Button>
      {now.canTakeBack && (
        <Button onClick={act.takeBack} aria-label="Take the added breath back (↓)" title="Take it back (↓)">
          <Undo2 size={19} />
        </Button>
      )}
      <span className={styles.tempo} role="group" aria-label="Breaths">
        <Button onClick={() => act.tempo(1)} aria-label="Breaths slower (,)" title="Breaths slower (,)">
          −
        </Button>
        <span className="tabular">{Number((breathsPerMinute / now.tempo).toFixed(1))}/min</span>
        <Button onClick={() => act.tempo(-1)} aria-label="Breaths faster (.)" title="Breaths faster (.)">
          +
        </Button>
      </span>
      <Button
        onClick={() => act.waitForMe(!now.waits)}
        aria-pressed={now.waits}
        title="Waits before each step until you go on (W)"
      >
        <Hand size={19} /> Wait for me
      </Button>
      <Button
        onClick={() => setMirror(!mirror)}
        aria-pressed={mirror}
        title="Mirror, for facing the group (M)"
      >
        <FlipHorizontal2 size={19} /> {mirror ? 'Mirrored' : 'Mirror'}
      </Button>
      <Button onClick={steering.ask} title="Stop (Esc)">
        <Square size={17} /> Stop
      </Button>
    </>
  );
};
