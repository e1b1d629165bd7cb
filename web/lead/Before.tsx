import { thingWord } from '@kotabi/core/cues';
import { type Lead, viewOf } from '@kotabi/core/lead';
import { standingCautions } from '@kotabi/core/library';
import { placedSteps, stepDose, type Timed } from '@kotabi/core/timing';
import { ArrowLeft, MonitorSmartphone, Play } from 'lucide-react';
import { Suspense } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Tension } from '../fields/Tension';
import { later } from '../later/later';
import { minSec } from '../words/time';
import { AreaTension } from './AreaTension';
import { Button } from './Button';
import beforeStyles from './before.module.css';
import type { Choices } from './choices';
import controls from './controls.module.css';
import { Fingers } from './Fingers';
import styles from './lead.module.css';
import type { LeadData } from './load';
import { backWords, leadAddress } from './place';
import type { SoundState } from './sound/useSound';
import type { Recorder } from './useRecord';
import { LEAD_KEYS } from './useSteering';
import { WhoCame } from './WhoCame';

// What is heard is chosen after the first look.
const SoundPanel = later(async () => (await import('./sound/SoundPanel')).SoundPanel);

interface Props {
  data: LeadData;
  timed: Extract<Timed, { ok: true }>;
  recorder: Recorder;
  sound: SoundState;
  choices: Choices;
  mirror: boolean;
  setMirror: (on: boolean) => void;
  start: () => void;
  /** What was interrupted of this break, if anything was. */
  interrupted: Lead | null;
  goOn: () => void;
  openShare: () => void;
}

/** Before the start: for whom, what is needed, what to say about safety, how tense they are, what is heard. */
export const Before = ({
  data,
  timed,
  recorder,
  sound,
  choices,
  mirror,
  setMirror,
  start,
  interrupted,
  goOn,
  openShare,
}: Props) => {
  const { brk, group, groups } = data;
  const { timeline, resolved } = timed;
  const elsewhere = (e: KeyboardEvent): boolean =>
    (e.target as Element)?.closest?.('button,input,select,[role=switch],[role=radio]') !== null;
  useHotkeys('space', start, { preventDefault: true, ignoreEventWhen: elsewhere });
  useHotkeys('pagedown', start, { preventDefault: true });
  const steps = placedSteps(resolved);
  const count = steps.filter((s) => !s.move.onlyWords).length;
  const hasSides = timeline.totals.leftMs + timeline.totals.rightMs > 0;
  const things = [...new Set(timeline.parts.flatMap((p) => (p.kind === 'fetch' ? p.things : [])))];
  const stands = steps.some((s) => s.position === 'standing');
  const floor = steps.some((s) => s.position === 'floor');
  const silent = steps.some((s) => s.move.asks.includes('eyes closed'));
  const areas = [
    ...new Set(steps.flatMap((s) => (s.move.kind === 'stretch' ? s.move.areas.slice(0, 1) : []))),
  ];
  const { told, tell } = recorder;
  return (
    <main className={beforeStyles.before}>
      <div className={beforeStyles.beforeHead}>
        <Button quiet onClick={() => location.assign(data.from ?? `/breaks/${brk.id}`)}>
          <ArrowLeft size={18} /> {backWords(data.from)}
        </Button>
      </div>
      {interrupted && (
        <section className={beforeStyles.interrupted} aria-label="Interrupted">
          <p>
            <b>You were in the middle of this break.</b> {minSec(viewOf(timeline, interrupted).leftMs)} min
            are left; what was done is kept.
          </p>
          <Button main onClick={goOn}>
            <Play size={18} /> Go on where it was
          </Button>
        </section>
      )}
      <div className={beforeStyles.beforeGrid}>
        <section>
          <h1 className={styles.bigTitle}>{brk.name}</h1>
          <p className={styles.sub}>
            {minSec(timeline.totals.totalMs)} min · {count} step{count === 1 ? '' : 's'}
            {hasSides && ` · ${brk.firstSide} side first`}
          </p>
          <p className={styles.sub}>
            {floor
              ? 'Some of it on the floor: say so now.'
              : stands
                ? 'Some of it standing: say so now.'
                : 'All seated.'}{' '}
            {things.length > 0
              ? `Have at hand: ${things.map((t) => thingWord(t)).join(', ')}.`
              : 'Nothing needed but a chair.'}
          </p>
          <div className={beforeStyles.who}>
            <label htmlFor="lead-group">Led for</label>
            <select
              id="lead-group"
              className={controls.choice}
              value={group?.id ?? ''}
              onChange={(e) =>
                location.replace(
                  leadAddress({
                    breakId: brk.id,
                    groupId: e.target.value || 'none',
                    from: data.from,
                    planned: data.planned,
                  }),
                )
              }
            >
              <option value="">no group</option>
              {groups.map((g) => (
                <option key={g.id} value={g.id}>
                  {g.name}
                </option>
              ))}
            </select>
            <WhoCame people={data.people} came={told.came} set={(came) => tell({ came })} />
          </div>
          <h2 id="tension-now">Tension in the group now</h2>
          <Tension
            labelledBy="tension-now"
            value={told.tensionBefore}
            set={(tensionBefore) => tell({ tensionBefore })}
          />
          <Fingers
            value={told.fingers.before}
            set={(before, middle) =>
              tell({
                fingers: { ...told.fingers, before },
                ...(middle !== null && { tensionBefore: middle }),
              })
            }
          />
          <AreaTension areas={areas} value={told.areas} when="before" set={(list) => tell({ areas: list })} />
          <label className={beforeStyles.mirror} htmlFor="mirror">
            <input
              type="checkbox"
              role="switch"
              aria-checked={mirror}
              id="mirror"
              className={controls.switch}
              checked={mirror}
              onChange={(e) => setMirror(e.target.checked)}
            />
            <span>
              I face the group and show it as a mirror{' '}
              <span className={styles.dim}>(their left is my right)</span>
            </span>
          </label>
          <div className="bar">
            <Button main className={beforeStyles.startButton} onClick={start}>
              <Play size={20} /> Start
            </Button>
            <Button onClick={openShare}>
              <MonitorSmartphone size={19} /> Other screens
            </Button>
          </div>
          <p className={styles.dim}>Space starts and pauses · ← back · → on · ↑ one more breath</p>
          <Suspense fallback={null}>
            <SoundPanel sound={sound} timeline={timeline} brk={brk} silent={silent} />
          </Suspense>
        </section>
        <div className={beforeStyles.besides}>
          <section className={beforeStyles.care} aria-label="Cautions">
            <h2>Say this first</h2>
            {standingCautions.map((c) => (
              <div key={c.title}>
                <h3>{c.title}</h3>
                <p>{c.text}</p>
              </div>
            ))}
          </section>
          {choices.before.length > 0 && (
            <section className={beforeStyles.care} aria-label="Say to everyone">
              <h2>Say to everyone</h2>
              <ul className={beforeStyles.readOut}>
                {choices.before.map((line) => (
                  <li key={line}>{line}</li>
                ))}
              </ul>
            </section>
          )}
        </div>
      </div>
      <section aria-label="What is coming">
        <h2>What is coming</h2>
        <ol className={beforeStyles.coming}>
          {steps.map((at) => (
            <li key={at.step.id}>
              <span className="tabular">
                {minSec(timeline.parts.find((p) => p.stepId === at.step.id)?.startMs ?? 0)}
              </span>
              <b>{at.move.name}</b>
              <span className={styles.dim}>{stepDose(at)}</span>
            </li>
          ))}
        </ol>
      </section>
      <details className={beforeStyles.keys}>
        <summary>Keys, and what a clicker does</summary>
        <ul>
          {LEAD_KEYS.map(([keys, what]) => (
            <li key={keys}>
              <kbd>{keys}</kbd> {what}
            </li>
          ))}
        </ul>
      </details>
    </main>
  );
};
