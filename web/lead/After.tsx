import type { Session } from '@kotabi/core/model';
import { endingOf, sumOf } from '@kotabi/core/record';
import { useEffect, useRef, useState } from 'react';
import { messageOf } from '../api/client';
import { keepSession } from '../api/sessions-outbox';
import { Tension } from '../fields/Tension';
import { minSec } from '../words/time';
import { AreaTension } from './AreaTension';
import { Button } from './Button';
import controls from './controls.module.css';
import styles from './lead.module.css';
import { backWords } from './place';

type Kept = { at: 'sending' } | { at: 'kept' } | { at: 'here' } | { at: 'failed'; why: string };

const SAYS = {
  sending: 'Keeping the record …',
  kept: 'The record is kept.',
  here: 'The server does not answer. The record is kept in this browser and sent when Kotabi is opened again.',
  failed: 'The record could not be kept: ',
} as const;

const TITLES = { 'to the end': 'Well led', 'skipped through': 'At the end', stopped: 'Stopped' } as const;

/** What is typed is sent after this pause; it is in this browser from the first letter on. */
const PAUSE_MS = 500;

/** After the end: the record is kept at once; tension and a note are added to it, letter by letter. */
export const After = ({ record, back }: { record: Session; back: string }) => {
  const [value, setValue] = useState(record);
  const [state, setState] = useState<Kept>({ at: 'sending' });
  const waiting = useRef<{ timer: ReturnType<typeof setTimeout>; next: Session } | null>(null);

  /** The parts do not change any more: only what is said of the whole is sent. */
  const keep = useRef(async (next: Session, whole = false): Promise<void> => {
    if (waiting.current) clearTimeout(waiting.current.timer);
    waiting.current = null;
    setState({ at: 'sending' });
    try {
      setState({ at: await keepSession(next, whole ? undefined : { from: 0, until: 0 }) });
    } catch (error) {
      setState({ at: 'failed', why: messageOf(error) });
    }
  });

  // The record itself is kept the moment leading is over, whatever is added later.
  useEffect(() => void keep.current(record, true), [record]);
  // Back, a closed tab or another page take what was typed along.
  useEffect(() => {
    const flush = (): void => {
      if (waiting.current)
        keepSession(waiting.current.next, { from: 0, until: 0, closing: true }).catch((error: unknown) =>
          console.error('Not kept on leaving', error),
        );
    };
    window.addEventListener('pagehide', flush);
    return () => {
      window.removeEventListener('pagehide', flush);
      flush();
    };
  }, []);

  const change = (more: Partial<Session>, pauseMs = 0): void => {
    const next = { ...value, ...more };
    setValue(next);
    if (waiting.current) clearTimeout(waiting.current.timer);
    waiting.current = { next, timer: setTimeout(() => void keep.current(next), pauseMs) };
  };
  const { doneMs, plannedMs, stepsDone, stepsPlanned, leftDoneMs, rightDoneMs } = sumOf(value);
  const title = TITLES[endingOf(value)];
  const go = (to: string) => () => void keep.current(value).then(() => location.assign(to));
  return (
    <main className={styles.after}>
      <h1 className={styles.bigTitle}>{title}</h1>
      <p className={styles.sub}>
        {record.breakName} · {minSec(doneMs)} of {minSec(plannedMs)} min · {stepsDone} of {stepsPlanned} steps
        · left {minSec(leftDoneMs)}, right {minSec(rightDoneMs)}
      </p>
      <h2 id="tension-after">Tension in the group now</h2>
      <Tension
        labelledBy="tension-after"
        value={value.tensionAfter}
        set={(tensionAfter) => change({ tensionAfter })}
      />
      {value.tensionBefore !== null && <p className={styles.dim}>Before it was {value.tensionBefore}.</p>}
      <AreaTension areas={[]} value={value.areas} when="after" set={(areas) => change({ areas })} />
      <label htmlFor="session-note">
        <h2>A note for next time</h2>
      </label>
      <textarea
        id="session-note"
        className={controls.area}
        rows={3}
        maxLength={2000}
        placeholder="Which side was tighter, what to change, anything that hurt"
        value={value.note}
        onChange={(e) => change({ note: e.target.value }, PAUSE_MS)}
      />
      <p role="status" className={styles.dim}>
        {SAYS[state.at]}
        {state.at === 'failed' && state.why}
      </p>
      <div className="bar">
        <Button main onClick={go(`/log/${record.id}`)}>
          See the record
        </Button>
        <Button onClick={go(back)}>{backWords(back)}</Button>
        {(state.at === 'here' || state.at === 'failed') && (
          <Button onClick={() => void keep.current(value)}>Try again</Button>
        )}
      </div>
    </main>
  );
};
