import { type Break, stepsOf } from '@kotabi/core/model';
import { standingCautions } from '@kotabi/core/moves';
import type { Timed } from '@kotabi/core/review';
import { resolvedSteps } from '@kotabi/core/timing';
import { Button, Switch } from 'antd';
import { ArrowLeft, Play } from 'lucide-react';
import { useHotkeys } from 'react-hotkeys-hook';
import { rowDose } from '../../words/dose';
import { minSec } from '../../words/time';
import styles from './lead.module.css';
import { ReadOut } from './ReadOut';
import { Tension } from './Tension';

interface Props {
  brk: Break;
  timed: Extract<Timed, { ok: true }>;
  groupName: string | null;
  tension: number | null;
  setTension: (value: number | null) => void;
  mirror: boolean;
  setMirror: (on: boolean) => void;
  start: () => void;
  leave: () => void;
}

/** Before the start: what is needed, what to say about safety, how tense the group is now. */
export const Before = (p: Props) => {
  const { brk, timed } = p;
  useHotkeys('space', p.start, {
    preventDefault: true,
    ignoreEventWhen: (e) => (e.target as Element)?.closest?.('button,[role=switch],[role=radio]') !== null,
  });
  const steps = resolvedSteps(timed.resolved);
  const things = [...new Set(steps.flatMap((s) => s.move.things))].filter(
    (t) => t !== 'chair' && t !== 'desk',
  );
  const positions = new Set(steps.map((s) => s.step.position ?? s.move.position));
  return (
    <main className={styles.before}>
      <div className={styles.beforeHead}>
        <Button type="text" icon={<ArrowLeft size={18} />} onClick={p.leave}>
          Back to the sheet
        </Button>
      </div>
      <div className={styles.beforeGrid}>
        <section>
          <h1 className={styles.bigTitle}>{brk.name}</h1>
          <p className={styles.sub}>
            {p.groupName && `${p.groupName} · `}
            {minSec(timed.timeline.totals.totalMs)} min · {stepsOf(brk).length} steps · {brk.firstSide} side
            first
          </p>
          <p className={styles.sub}>
            {positions.has('standing') ? 'Some of it standing: say so now.' : 'All seated.'}{' '}
            {things.length > 0 ? `Have at hand: ${things.join(', ')}.` : 'Nothing needed but a chair.'}
          </p>
          <h2 id="tension-now">Tension in the group now</h2>
          <Tension labelledBy="tension-now" value={p.tension} set={p.setTension} />
          <label className={styles.mirror} htmlFor="mirror">
            <Switch id="mirror" checked={p.mirror} onChange={p.setMirror} />
            <span>
              I face the group and show it as a mirror{' '}
              <span className={styles.dim}>(their left is my right)</span>
            </span>
          </label>
          <Button
            type="primary"
            size="large"
            icon={<Play size={20} />}
            className={styles.startButton}
            onClick={p.start}
          >
            Start
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
      {brk.groupId && <ReadOut brk={brk} groupId={brk.groupId} />}
      <section aria-label="What is coming">
        <h2>What is coming</h2>
        <ol className={styles.coming}>
          {steps.map(({ step, move }) => (
            <li key={step.id}>
              <span className="tabular">
                {minSec(timed.timeline.parts.find((p) => p.stepId === step.id)?.startMs ?? 0)}
              </span>
              <b>{move.name}</b>
              <span className={styles.dim}>{rowDose(step, move)}</span>
            </li>
          ))}
        </ol>
      </section>
    </main>
  );
};
