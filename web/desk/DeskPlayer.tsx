import { breathCycle } from '@kotabi/core/breath';
import { inLanguage } from '@kotabi/core/cues';
import type { DeskBreak, DeskView } from '@kotabi/core/model';
import { placedSteps, type Timed, timed } from '@kotabi/core/timing';
import { useEffect, useMemo, useState } from 'react';
import { Button } from '../lead/Button';
import lead from '../lead/lead.module.css';
import { useLeadStore, useMoment } from '../lead/leadStore';
import { Room } from '../lead/Room';
import { useSound } from '../lead/sound/useSound';
import { useAwake } from '../lead/useAwake';
import styles from './desk.module.css';
import { TensionField } from './TensionField';
import { languageOf, say, sayFollowed } from './words/words';

interface Props {
  view: Pick<DeskView, 'moves' | 'approach'>;
  brk: DeskBreak;
  /** Whether anything can be answered: a whole group has nobody to answer for. */
  answers: boolean;
  tell: (more: object) => Promise<void>;
  leave: () => void;
}

/** Following a break alone: in one's own version, at one's own pace, with one press for what hurts. */
export const DeskPlayer = (p: Props) => {
  const { view, brk } = p;
  const made = useMemo((): { time: Timed; moves: Map<string, DeskView['moves'][number]> } => {
    const moves = new Map(view.moves.map((m) => [m.id, inLanguage(m, languageOf())]));
    return { moves, time: timed(brk.brk, (id) => moves.get(id), view.approach, sayFollowed) };
  }, [view, brk]);
  if (!made.time.ok) return <p className={styles.note}>{say('sayNothing')}</p>;
  return <Playing {...p} time={made.time} lookup={(id) => made.moves.get(id)} />;
};

type Ready = Extract<Timed, { ok: true }>;

const Playing = ({
  view,
  brk,
  answers,
  tell,
  leave,
  time,
  lookup,
}: Props & { time: Ready; lookup: (id: string) => DeskView['moves'][number] | undefined }) => {
  const { timeline, resolved } = time;
  const store = useLeadStore(timeline, breathCycle(brk.brk.pace).cycleMs);
  const sound = useSound(timeline, store, brk.brk.pace, false);
  const [hurt, setHurt] = useState(false);
  const [told, setTold] = useState(false);
  const [after, setAfter] = useState<number | null>(null);
  const steps = useMemo(() => new Map(placedSteps(resolved).map((s) => [s.step.id, s] as const)), [resolved]);
  const now = useMoment(store, ({ lead: l, view: v }) => ({
    status: l.status,
    stepId: v.part?.stepId ?? null,
  }));
  const act = store.getState();
  /** Ended while it is still counted in, nothing was done and nothing is asked. */
  const end = (): void => {
    if (store.getState().lead.index < 0) leave();
    else act.stop();
  };
  useAwake(now.status === 'running');
  useEffect(() => {
    store.getState().start();
  }, [store]);
  useEffect(() => {
    const key = (e: KeyboardEvent): void => {
      const { lead: l } = store.getState();
      if (e.target instanceof HTMLInputElement) return;
      if (e.key === ' ') {
        e.preventDefault();
        if (l.status === 'paused') store.getState().resume();
        else store.getState().pause();
      } else if (e.key === 'ArrowRight') store.getState().skip();
      else if (e.key === 'ArrowLeft') store.getState().back();
      else if (e.key === 'Escape') store.getState().stop();
    };
    window.addEventListener('keydown', key);
    return () => window.removeEventListener('keydown', key);
  }, [store]);
  const at = now.stepId ? steps.get(now.stepId) : undefined;
  const over = now.status === 'finished' || now.status === 'stopped';
  if (over)
    return (
      <main className={styles.page}>
        <h1>{say('over')}</h1>
        {answers && (
          <>
            <h2>{say('overAsk')}</h2>
            <TensionField value={after} set={setAfter} />
            <div className={styles.buttons}>
              {(['did it', 'part of it', 'not today'] as const).map((answer, i) => (
                <button
                  key={answer}
                  type="button"
                  className={i === 0 ? styles.main : styles.quiet}
                  onClick={() => {
                    void tell({ answer, tensionAfter: after });
                    leave();
                  }}
                >
                  {say(answer)}
                </button>
              ))}
            </div>
          </>
        )}
        <button type="button" className={styles.link} onClick={leave}>
          {say('home')}
        </button>
      </main>
    );
  if (hurt)
    return (
      <main className={styles.page}>
        <h1>{say('hurtTitle')}</h1>
        <p role="alert">{say('hurtText')}</p>
        <div className={styles.column}>
          <button
            type="button"
            className={styles.main}
            onClick={() => {
              setHurt(false);
              act.skipStep();
              act.resume();
            }}
          >
            {say('hurtSkip')}
          </button>
          <button type="button" className={styles.quiet} onClick={end}>
            {say('hurtEnd')}
          </button>
          {answers && at && (
            <button
              type="button"
              className={styles.quiet}
              disabled={told}
              onClick={() => {
                setTold(true);
                void tell({
                  answer: 'part of it',
                  hurtAt: { moveId: at.move.id, moveName: at.move.name },
                });
              }}
            >
              {told ? say('hurtTold') : say('hurtTell', { move: at.move.name })}
            </button>
          )}
        </div>
      </main>
    );
  const paused = now.status === 'paused';
  return (
    <div className={lead.dark}>
      <Room
        timeline={timeline}
        steps={steps}
        lookup={lookup}
        counting={view.approach.counting}
        choices={[]}
        store={store}
        mirror={false}
        say={sayFollowed}
        foot={
          <div className={`${lead.controls} ${styles.player}`} role="toolbar" aria-label={say('begin')}>
            <Button main onClick={paused ? act.resume : act.pause}>
              {say(paused ? 'goOn' : 'pause')}
            </Button>
            <Button
              className={styles.hurts}
              onClick={() => {
                act.pause();
                setHurt(true);
                setTold(false);
              }}
            >
              {say('hurts')}
            </Button>
            <Button onClick={act.back}>{say('back')}</Button>
            <Button onClick={act.skip}>{say('skip')}</Button>
            <Button onClick={() => act.tempo(1)}>{say('slower')}</Button>
            <Button
              aria-pressed={sound.wishes.signals.on}
              onClick={() => {
                const on = !sound.wishes.signals.on;
                sound.set({
                  signals: { ...sound.wishes.signals, on },
                  counts: { ...sound.wishes.counts, on },
                  voice: { ...sound.wishes.voice, on },
                });
                sound.unlock();
              }}
            >
              {say(sound.wishes.signals.on ? 'soundOff' : 'sound')}
            </Button>
            <Button onClick={end}>{say('end')}</Button>
          </div>
        }
      />
    </div>
  );
};
