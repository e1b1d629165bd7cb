import { THING_WORDS } from '@kotabi/core/cues';
import { standingCautions } from '@kotabi/core/library';
import { placedSteps, stepDose, type Timed } from '@kotabi/core/timing';
import { ArrowLeft, Play } from 'lucide-react';
import { lazy, Suspense } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Tension } from '../fields/Tension';
import { minSec } from '../words/time';
import { Button } from './Button';
import controls from './controls.module.css';
import styles from './lead.module.css';
import type { LeadData } from './load';
import { backWords } from './place';

// The rules of caution come after the first look at the break.
const ReadOut = lazy(() => import('./ReadOut').then((m) => ({ default: m.ReadOut })));

interface Props {
  data: LeadData;
  timed: Extract<Timed, { ok: true }>;
  tension: number | null;
  setTension: (value: number | null) => void;
  mirror: boolean;
  setMirror: (on: boolean) => void;
  start: () => void;
}

/** Before the start: what is needed, what to say about safety, how tense the group is now. */
export const Before = ({ data, timed, tension, setTension, mirror, setMirror, start }: Props) => {
  const { brk, group } = data;
  const { timeline, resolved } = timed;
  useHotkeys('space', start, {
    preventDefault: true,
    ignoreEventWhen: (e) => (e.target as Element)?.closest?.('button,[role=switch],[role=radio]') !== null,
  });
  const steps = placedSteps(resolved);
  const things = [...new Set(timeline.parts.flatMap((p) => (p.kind === 'fetch' ? p.things : [])))];
  const stands = steps.some((s) => s.position === 'standing');
  const floor = steps.some((s) => s.position === 'floor');
  return (
    <main className={styles.before}>
      <div className={styles.beforeHead}>
        <Button quiet onClick={() => location.assign(data.from ?? `/breaks/${brk.id}`)}>
          <ArrowLeft size={18} /> {backWords(data.from)}
        </Button>
      </div>
      <div className={styles.beforeGrid}>
        <section>
          <h1 className={styles.bigTitle}>{brk.name}</h1>
          <p className={styles.sub}>
            {group && `${group.name} · `}
            {minSec(timeline.totals.totalMs)} min · {steps.length} steps · {brk.firstSide} side first
          </p>
          <p className={styles.sub}>
            {floor
              ? 'Some of it on the floor: say so now.'
              : stands
                ? 'Some of it standing: say so now.'
                : 'All seated.'}{' '}
            {things.length > 0
              ? `Have at hand: ${things.map((t) => THING_WORDS[t]).join(', ')}.`
              : 'Nothing needed but a chair.'}
          </p>
          <h2 id="tension-now">Tension in the group now</h2>
          <Tension labelledBy="tension-now" value={tension} set={setTension} />
          <label className={styles.mirror} htmlFor="mirror">
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
          <Button main className={styles.startButton} onClick={start}>
            <Play size={20} /> Start
          </Button>
          <p className={styles.dim}>Space starts and pauses · ← back · → on · ↑ one more breath</p>
        </section>
        <section className={styles.care} aria-label="Cautions">
          <h2>Say this first</h2>
          {standingCautions.map((c) => (
            <div key={c.title}>
              <h3>{c.title}</h3>
              <p>{c.text}</p>
            </div>
          ))}
        </section>
      </div>
      <Suspense>
        <ReadOut data={data} />
      </Suspense>
      <section aria-label="What is coming">
        <h2>What is coming</h2>
        <ol className={styles.coming}>
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
    </main>
  );
};
