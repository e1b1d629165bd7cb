import type { Session } from '@kotabi/core/model';
import { sumOf } from '@kotabi/core/record';
import { Button, Input } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { messageOf } from '../../api/client';
import { minSec } from '../../words/time';
import styles from './lead.module.css';
import { keepSession } from './outbox';
import { Tension } from './Tension';

type Kept = { at: 'sending' } | { at: 'kept' } | { at: 'here' } | { at: 'failed'; why: string };

const SAYS = {
  sending: 'Keeping the record …',
  kept: 'The record is kept.',
  here: 'The server does not answer. The record is kept in this browser and sent when Kotabi is opened again.',
  failed: 'The record could not be kept: ',
} as const;

/** After the end: the record is kept at once; tension and a note are added to it. */
export const After = ({ record, leave }: { record: Session; leave: () => void }) => {
  const [value, setValue] = useState(record);
  const [state, setState] = useState<Kept>({ at: 'sending' });
  const version = useRef(0);
  const queue = useRef<Promise<void>>(Promise.resolve());
  const navigate = useNavigate();

  /** One after the other, so that each is based on the version before it. */
  const keep = useRef((next: Session): Promise<void> => {
    queue.current = queue.current.then(async () => {
      setState({ at: 'sending' });
      try {
        const kept = await keepSession(next, version.current);
        if (kept !== null) version.current = kept;
        setState({ at: kept === null ? 'here' : 'kept' });
      } catch (error) {
        setState({ at: 'failed', why: messageOf(error) });
      }
    });
    return queue.current;
  });

  // The record itself is kept the moment leading is over, whatever is added later.
  useEffect(() => void keep.current(record), [record]);

  const change = (more: Partial<Session>): void => {
    const next = { ...value, ...more };
    setValue(next);
    void keep.current(next);
  };
  const { workDoneMs, workPlannedMs, doneMs, plannedMs, stepsDone, stepsPlanned, leftDoneMs, rightDoneMs } =
    sumOf(value);
  const most = workDoneMs >= workPlannedMs / 2;
  const title = record.ended === 'stopped' ? 'Stopped' : most ? 'Well led' : 'At the end';
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
      <label htmlFor="session-note">
        <h2>A note for next time</h2>
      </label>
      <Input.TextArea
        id="session-note"
        rows={3}
        maxLength={2000}
        placeholder="Which side was tighter, what to change, anything that hurt"
        value={value.note}
        onChange={(e) => setValue({ ...value, note: e.target.value })}
        onBlur={() => change({})}
      />
      <p role="status" className={styles.dim}>
        {SAYS[state.at]}
        {state.at === 'failed' && state.why}
      </p>
      <div className="bar">
        <Button
          type="primary"
          size="large"
          onClick={() => keep.current(value).then(() => navigate(`/log/${record.id}`))}
        >
          See the record
        </Button>
        <Button size="large" onClick={() => keep.current(value).then(leave)}>
          Back to the sheet
        </Button>
        {(state.at === 'here' || state.at === 'failed') && (
          <Button size="large" onClick={() => void keep.current(value)}>
            Try again
          </Button>
        )}
      </div>
    </main>
  );
};
