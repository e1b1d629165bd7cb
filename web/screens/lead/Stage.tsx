import type { Lead, LeadView } from '@kotabi/core/lead';
import { type Approach, type Break, type Move, otherSide, stepsOf } from '@kotabi/core/model';
import type { Timeline } from '@kotabi/core/timing';
import { Button, Modal } from 'antd';
import { FlipHorizontal2, Pause, Play, SkipBack, SkipForward, Square, Wind } from 'lucide-react';
import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { MovingFigure } from '../../figure/MovingFigure';
import { Tide } from '../../tide/Tide';
import { countdown, minSec } from '../../words/time';
import styles from './lead.module.css';
import { Progress } from './Progress';
import { figurePhase } from './phase';
import type { Awake } from './useAwake';
import type { useLead } from './useLead';
import { checkLine, countUnit, mainLine, nextLine, partTitle, shownCount } from './words';

interface Props {
  brk: Break;
  timeline: Timeline;
  approach: Approach;
  moveOf: (stepId: string) => Move | undefined;
  lead: Lead;
  view: LeadView;
  act: ReturnType<typeof useLead>['act'];
  mirror: boolean;
  setMirror: (on: boolean) => void;
  awake: Awake;
}

/** Read from four metres: the lit half is the side to use, one number, one line, what comes next. */
export const Stage = ({
  brk,
  timeline,
  approach,
  moveOf,
  lead,
  view,
  act,
  mirror,
  setMirror,
  awake,
}: Props) => {
  const [asking, setAsking] = useState(false);
  const paused = lead.status === 'paused';
  const toggle = (): void => (paused ? act.resume() : act.pause());
  const ask = (): void => {
    act.pause();
    setAsking(true);
  };
  const keys = { preventDefault: true, enabled: !asking };
  useHotkeys('space', toggle, keys);
  useHotkeys('right', act.skip, keys);
  useHotkeys('shift+right', act.skipStep, keys);
  useHotkeys('left', act.back, keys);
  useHotkeys(['up', 'b'], act.breath, keys);
  useHotkeys('m', () => setMirror(!mirror), keys);
  useHotkeys('escape', ask, keys);
  const goOn = (): void => {
    setAsking(false);
    act.resume();
  };
  // The dialog's own Esc would take the very key press that opened it.
  useHotkeys('escape', goOn, { preventDefault: true, enabled: asking });

  const { part, count, side, breath } = view;
  const move = part ? moveOf(part.stepId) : undefined;
  const step = part ? stepsOf(brk).find((s) => s.id === part.stepId) : undefined;
  const sets = step?.sets ?? 1;
  // Facing the group, the half that is lit is the one the instructor uses; the words stay the group's.
  const lit = side && mirror ? otherSide(side) : side;
  const talking = part !== null && !count;
  const begins = part && timeline.parts[part.index + 1]?.kind === 'work';
  const main = part ? mainLine(part, move, approach) : 'Ready';
  return (
    <main
      className={`${styles.stage} ${lit ? styles[`lit-${lit}`] : styles['lit-both']}`}
      data-side={side ?? 'both'}
      data-lit={lit ?? 'both'}
    >
      <Tide breath={breath} side={lit} />
      <header className={styles.stageHead}>
        <span>{brk.name}</span>
        <span className="tabular">
          {countdown(view.leftMs)} left of {minSec(timeline.totals.totalMs)}
        </span>
      </header>
      <div className={styles.stageBody}>
        <div className={styles.stageWords}>
          {/* A note is nothing but what is said, so that is what the room reads. */}
          <h1>{move?.onlyWords ? main : (move?.name ?? 'Get ready')}</h1>
          {part && move?.kind !== 'pause' && (
            <p className={styles.way}>
              {partTitle(part, move, sets)}
              {side && mirror && <span className={styles.dim}> · you show {otherSide(side)}</span>}
            </p>
          )}
          {part === null && (
            <div className={styles.count}>{Math.max(1, Math.ceil(view.remainingMs / 1000))}</div>
          )}
          {talking && !move?.onlyWords && <p className={styles.cue}>{main}</p>}
          {talking && begins && (
            <p className={`tabular ${styles.begins}`}>begins in {Math.ceil(view.remainingMs / 1000)} s</p>
          )}
          {part && count && (
            <>
              <div className={styles.count} data-testid="count">
                {shownCount(count, part, approach.counting)}
              </div>
              <p className={styles.unit}>{countUnit(view)}</p>
            </>
          )}
        </div>
        <div className={styles.stageFigure}>
          {move && part && (
            <MovingFigure
              move={move}
              rung={step?.rung}
              side={side}
              width={380}
              gap="rgba(20,26,36,0.85)"
              facing={mirror}
              second={part.direction !== null && part.direction === move.ways.directions?.[1]}
              phase={figurePhase(part, view.remainingMs, move)}
            />
          )}
        </div>
      </div>
      <footer className={styles.stageFoot}>
        <div className={styles.footWords}>
          <div className={styles.breath}>
            {breath ? (breath.phase === 'in' ? 'breathe in' : 'breathe out') : part ? 'breathe easily' : ''}
          </div>
          {part && count && (
            <div className={styles.foot}>
              {main} {checkLine(part, move, approach)}
            </div>
          )}
        </div>
        <div className={styles.next}>{nextLine(view.next, part, moveOf)}</div>
      </footer>
      <Progress brk={brk} timeline={timeline} lead={lead} />
      <div className={styles.controls} role="toolbar" aria-label="Leading">
        <Button
          size="large"
          icon={<SkipBack size={19} />}
          onClick={act.back}
          aria-label="Back (←)"
          title="Back (←)"
        />
        <Button
          size="large"
          type="primary"
          icon={paused ? <Play size={19} /> : <Pause size={19} />}
          onClick={toggle}
          title="Pause or go on (space)"
        >
          {paused ? 'Go on' : 'Pause'}
        </Button>
        <Button
          size="large"
          icon={<SkipForward size={19} />}
          onClick={act.skip}
          aria-label="On (→)"
          title="On (→)"
        />
        <Button
          size="large"
          icon={<Wind size={19} />}
          onClick={act.breath}
          disabled={part?.kind !== 'work'}
          title="One more breath (↑); the other side gets the same"
        >
          One more breath
        </Button>
        <Button
          size="large"
          icon={<FlipHorizontal2 size={19} />}
          onClick={() => setMirror(!mirror)}
          aria-pressed={mirror}
          title="Mirror, for facing the group (M)"
        >
          {mirror ? 'Mirrored' : 'Mirror'}
        </Button>
        <Button size="large" icon={<Square size={17} />} onClick={ask} title="Stop (Esc)">
          Stop
        </Button>
        {awake === 'unavailable' && (
          <span className={styles.dim}>The display may switch itself off in this browser.</span>
        )}
      </div>
      <div className={styles.srOnly} aria-live="assertive">
        {part ? `${move?.name ?? ''}. ${partTitle(part, move, sets)}. ${main}` : ''}
      </div>
      {paused && !asking && <div className={styles.paused}>Paused</div>}
      <Modal
        open={asking}
        title="Stop here?"
        okText="Stop and keep the record"
        cancelText="Go on"
        onOk={() => {
          setAsking(false);
          act.stop();
        }}
        keyboard={false}
        onCancel={goOn}
      >
        What was done so far is recorded, part by part.
      </Modal>
    </main>
  );
};
