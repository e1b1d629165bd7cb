import type { FitResult } from '@kotabi/core/fit';
import type { Approach, Break, Move, MoveLookup } from '@kotabi/core/model';
import { doseWords, timed } from '@kotabi/core/timing';
import { Button, Modal, Spin } from 'antd';
import { ArrowRight } from 'lucide-react';
import { useEffect, useRef } from 'react';
import { MiniSpine } from '../../../sheet/MiniSpine';
import { length, minSec } from '../../../words/time';
import { fitAway } from '../../../workers/solving';
import { useAway } from '../../../workers/useAway';
import styles from './dialogs.module.css';

interface Props {
  brk: Break;
  own: readonly Move[];
  lookup: MoveLookup;
  approach: Approach;
  close: () => void;
  apply: (next: Break) => void;
}

const Side = ({
  title,
  brk,
  ms,
  scaleMs,
  lookup,
  approach,
}: { title: string; brk: Break; ms: number; scaleMs: number } & Pick<Props, 'lookup' | 'approach'>) => {
  const t = timed(brk, lookup, approach);
  return (
    <div className={styles.side}>
      <MiniSpine parts={t.ok ? t.timeline.parts : []} tall scaleMs={scaleMs} />
      <div>
        <h3>{title}</h3>
        <p className={`tabular ${styles.big}`}>{minSec(ms)}</p>
        <p className="muted small">of {minSec(brk.slotSec * 1000)} min</p>
      </div>
    </div>
  );
};

const Fitted = ({
  result,
  brk,
  lookup,
  approach,
}: { result: Extract<FitResult, { ok: true }> } & Omit<Props, 'close' | 'apply' | 'own'>) => {
  const scale = Math.max(result.beforeMs, result.afterMs);
  const name = (moveId: string): string => lookup(moveId)?.name ?? '';
  const moveOf = (stepId: string): string => {
    for (const it of brk.items) {
      const list = it.type === 'chain' ? it.links : [it];
      const step = list.find((s) => s.id === stepId);
      if (step) return name(step.moveId);
    }
    return '';
  };
  return (
    <>
      <div className={styles.sides}>
        <Side
          title="Now"
          brk={brk}
          ms={result.beforeMs}
          scaleMs={scale}
          lookup={lookup}
          approach={approach}
        />
        <ArrowRight size={22} aria-hidden="true" className="muted" />
        <Side
          title="Fitted"
          brk={result.brk}
          ms={result.afterMs}
          scaleMs={scale}
          lookup={lookup}
          approach={approach}
        />
      </div>
      {result.dropped.length > 0 && (
        <section aria-label="Left out">
          <h3>Left out</h3>
          <p className="muted small">
            Even at the least doses everything together is longer than the slot, so the lowest priority goes
            first, and of equals the later step. What is marked to be kept stays.
          </p>
          <ul className={styles.plain}>
            {result.dropped.map((s) => (
              <li key={s.id}>{name(s.moveId)}</li>
            ))}
          </ul>
        </section>
      )}
      {result.changes.length > 0 && (
        <section aria-label="Other doses">
          <h3>Other doses, the same on both sides</h3>
          <ul className={styles.doses}>
            {result.changes.map((c) => (
              <li key={c.stepId}>
                <span>{moveOf(c.stepId)}</span>
                <span className="tabular">
                  {doseWords(c.from)} → <b>{doseWords(c.to)}</b>
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
      {result.changes.length + result.dropped.length === 0 && (
        <p>It fits as it is: nothing comes nearer to the usual doses.</p>
      )}
    </>
  );
};

/** Doses into the slot: before and after side by side, and what had to go. Nothing changes until it is taken. */
export const FitDialog = ({ brk, own, lookup, approach, close, apply }: Props) => {
  const { result, busy, failure, run, cancel } = useAway<FitResult>();
  useEffect(() => {
    void run((signal) => fitAway(brk, own, approach, signal));
  }, [run, brk, own, approach]);
  const take = useRef<HTMLButtonElement>(null);
  // As soon as there is something to take, Enter takes it.
  useEffect(() => {
    if (result?.ok) take.current?.focus();
  }, [result]);
  const nothing = result?.ok && result.changes.length + result.dropped.length === 0;
  return (
    <Modal
      open
      title={`Fit “${brk.name}” to ${length(brk.slotSec * 1000)}`}
      width={620}
      onCancel={() => {
        cancel();
        close();
      }}
      footer={[
        <Button key="no" onClick={close}>
          Leave it as it is
        </Button>,
        <Button
          key="yes"
          ref={take}
          type="primary"
          disabled={!result?.ok || nothing}
          onClick={() => {
            if (!result?.ok) return;
            apply(result.brk);
            close();
          }}
        >
          Take the fitted one
        </Button>,
      ]}
    >
      <div className={styles.body}>
        {busy && <Spin description="Weighing the doses …" />}
        {failure && <p role="alert">{failure}</p>}
        {result?.ok && <Fitted result={result} brk={brk} lookup={lookup} approach={approach} />}
        {result && !result.ok && (
          <p role="alert">
            {result.code === 'tooMuchKept'
              ? `What must stay takes ${length(result.leastMs)} even at its least doses, the slot is ${length(result.slotMs)}. Keep fewer steps, unlock some doses, or take a longer slot.`
              : 'This break cannot be timed, so it cannot be fitted.'}
          </p>
        )}
      </div>
    </Modal>
  );
};
