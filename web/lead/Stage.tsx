import { otherSide } from '@kotabi/core/model';
import { partTitle, placedSteps, type Timed } from '@kotabi/core/timing';
import { FlipHorizontal2, Pause, Play, SkipBack, SkipForward, Square, Wind } from 'lucide-react';
import { lazy, Suspense, useMemo, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { MovingTide } from '../tide/Tide';
import { minSec } from '../words/time';
import { Ask } from './Ask';
import { Button } from './Button';
import styles from './lead.module.css';
import type { LeadStore } from './leadStore';
import { useMoment } from './leadStore';
import type { LeadData } from './load';
import { Progress } from './Progress';
import { StageFigure } from './StageFigure';
import { countUnit, nextLine, shownCount } from './stage-words';
import type { Awake } from './useAwake';

// The rules of caution are fetched while one is getting into place.
const StepChoices = lazy(() => import('./ReadOut').then((m) => ({ default: m.StepChoices })));
/** While one gets into place there is time to read a choice aloud. */
const GETTING_READY: readonly string[] = ['position', 'fetch', 'say'];

interface Props {
  data: LeadData;
  timed: Extract<Timed, { ok: true }>;
  store: LeadStore;
  mirror: boolean;
  setMirror: (on: boolean) => void;
  awake: Awake;
}

/** Read from four metres: the lit half is the side to use, one number, one line, what comes next. */
export const Stage = ({ data, timed, store, mirror, setMirror, awake }: Props) => {
  const { brk } = data;
  const { timeline, resolved } = timed;
  const { counting } = resolved.approach;
  const [asking, setAsking] = useState(false);
  const act = store.getState();
  const steps = useMemo(() => new Map(placedSteps(resolved).map((s) => [s.step.id, s])), [resolved]);
  // Everything in words; sixty times a second only the breath and the figure move.
  const now = useMoment(store, ({ lead, view }) => ({
    index: view.part?.index ?? null,
    paused: lead.status === 'paused',
    side: view.side,
    count: view.count && view.part ? shownCount(view.count, view.part, counting) : null,
    unit: countUnit(view),
    seconds: Math.ceil(view.remainingMs / 1000),
    left: minSec(view.leftMs),
    breath: view.breath?.phase ?? null,
    line: view.line?.text ?? '',
    next: nextLine(view.next),
  }));
  const toggle = (): void => (now.paused ? act.resume() : act.pause());
  const ask = (): void => {
    act.pause();
    setAsking(true);
  };
  const goOn = (): void => {
    setAsking(false);
    act.resume();
  };
  const keys = { preventDefault: true, enabled: !asking };
  useHotkeys('space', toggle, keys);
  useHotkeys('right', act.skip, keys);
  useHotkeys('shift+right', act.skipStep, keys);
  useHotkeys('left', act.back, keys);
  useHotkeys(['up', 'b'], act.breath, keys);
  useHotkeys('m', () => setMirror(!mirror), keys);
  useHotkeys('escape', ask, keys);

  const { side, count } = now;
  const part = now.index === null ? null : (timeline.parts[now.index] ?? null);
  const at = part ? steps.get(part.stepId) : undefined;
  const move = at?.move;
  // Facing the group, the half that is lit is the one the instructor uses; the words stay the group's.
  const lit = side && mirror ? otherSide(side) : side;
  const talking = part !== null && count === null;
  const begins = part !== null && timeline.parts[part.index + 1]?.kind === 'work';
  const title = part ? partTitle(part) : '';
  const note = part?.kind === 'note';
  return (
    <main
      className={`${styles.stage} ${lit ? styles[`lit-${lit}`] : styles['lit-both']}`}
      data-side={side ?? 'both'}
      data-lit={lit ?? 'both'}
    >
      <MovingTide store={store} side={lit} />
      <header className={styles.stageHead}>
        <span>{brk.name}</span>
        <span className="tabular">
          {now.left} left of {minSec(timeline.totals.totalMs)}
        </span>
      </header>
      <div className={styles.stageBody}>
        <div className={styles.stageWords}>
          {/* A note is nothing but what is said, so that is what the room reads. */}
          <h1>{note ? now.line : (move?.name ?? 'Get ready')}</h1>
          {part && move?.kind !== 'pause' && (
            <p className={styles.way}>
              {title}
              {side && mirror && <span className={styles.dim}> · you show {otherSide(side)}</span>}
            </p>
          )}
          {part === null && <div className={styles.count}>{Math.max(1, now.seconds)}</div>}
          {talking && !note && <p className={styles.cue}>{now.line}</p>}
          {talking && begins && <p className={`tabular ${styles.begins}`}>begins in {now.seconds} s</p>}
          {part && talking && GETTING_READY.includes(part.kind) && (
            <Suspense fallback={null}>
              <StepChoices data={data} stepId={part.stepId} />
            </Suspense>
          )}
          {part && count !== null && (
            <>
              <div className={styles.count} data-testid="count">
                {count}
              </div>
              <p className={styles.unit}>{now.unit}</p>
            </>
          )}
        </div>
        <div className={styles.stageFigure}>
          {move && part && (
            <StageFigure
              store={store}
              part={part}
              move={move}
              rung={at.step.rung}
              position={at.position}
              facing={mirror}
            />
          )}
        </div>
      </div>
      <footer className={styles.stageFoot}>
        <div className={styles.footWords}>
          <div className={styles.breath}>
            {now.breath ? (now.breath === 'in' ? 'breathe in' : 'breathe out') : part ? 'breathe easily' : ''}
          </div>
          {part && count !== null && <div className={styles.foot}>{now.line}</div>}
        </div>
        <div className={styles.next}>{now.next}</div>
      </footer>
      <Progress brk={brk} timeline={timeline} store={store} />
      <div className={styles.controls} role="toolbar" aria-label="Leading">
        <Button onClick={act.back} aria-label="Back (←)" title="Back (←)">
          <SkipBack size={19} />
        </Button>
        <Button main onClick={toggle} title="Pause or go on (space)">
          {now.paused ? <Play size={19} /> : <Pause size={19} />}
          {now.paused ? 'Go on' : 'Pause'}
        </Button>
        <Button onClick={act.skip} aria-label="On (→)" title="On (→)">
          <SkipForward size={19} />
        </Button>
        <Button
          onClick={act.breath}
          disabled={part?.kind !== 'work'}
          title="One more breath (↑); the other side gets the same"
        >
          <Wind size={19} /> One more breath
        </Button>
        <Button
          onClick={() => setMirror(!mirror)}
          aria-pressed={mirror}
          title="Mirror, for facing the group (M)"
        >
          <FlipHorizontal2 size={19} /> {mirror ? 'Mirrored' : 'Mirror'}
        </Button>
        <Button onClick={ask} title="Stop (Esc)">
          <Square size={17} /> Stop
        </Button>
        {awake === 'unavailable' && (
          <span className={styles.dim}>The display may switch itself off in this browser.</span>
        )}
      </div>
      <div className={styles.srOnly} aria-live="assertive">
        {part ? `${move?.name ?? ''}. ${title}. ${now.line}` : ''}
      </div>
      {now.paused && !asking && <div className={styles.paused}>Paused</div>}
      {asking && (
        <Ask
          title="Stop here?"
          text="What was done so far is recorded, part by part."
          yes="Stop and keep the record"
          no="Go on"
          onYes={() => {
            setAsking(false);
            act.stop();
          }}
          onNo={goOn}
        />
      )}
    </main>
  );
};
