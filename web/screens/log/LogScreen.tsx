import type { Session } from '@kotabi/core/model';
import { endingOf, sumOf } from '@kotabi/core/record';
import { Button } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useGroups, useSessions } from '../../api/queries';
import { sessionsWaiting } from '../../api/sessions-outbox';
import { Empty, Waiting } from '../../shell/State';
import { useTitle } from '../../shell/useTitle';
import { minSec } from '../../words/time';
import { AnswerList } from './AnswerList';
import styles from './log.module.css';

/** Tension before and after as one phrase. */
export const tensionText = ({ tensionBefore: a, tensionAfter: b }: Session): string => {
  if (a === null && b === null) return 'not asked';
  return `${a ?? '–'} → ${b ?? '–'}`;
};

/** Records that are shown at first, and more at a time. */
const PAGE = 20;

const LogRow = ({ value, groupName }: { value: Session; groupName: string }) => {
  const navigate = useNavigate();
  const ending = endingOf(value);
  const { doneMs, plannedMs, stepsDone, stepsPlanned, leftDoneMs, rightDoneMs } = sumOf(value);
  return (
    <tr className={styles.row} onClick={() => navigate(`/log/${value.id}`)}>
      <td>
        <Link to={`/log/${value.id}`}>{dayjs(value.startedAt).format('ddd D MMM YYYY, HH:mm')}</Link>
      </td>
      <td>
        <b>{value.breakName}</b>
        <div className="muted small">{groupName}</div>
      </td>
      <td className="tabular">
        {minSec(doneMs)} of {minSec(plannedMs)}
        <div className="muted small">
          {stepsDone} of {stepsPlanned} steps{ending === 'to the end' ? '' : ` · ${ending}`}
          {value.events.length > 0 && ` · ${value.events.length} noted`}
        </div>
      </td>
      <td className="tabular">
        <span className="left">{minSec(leftDoneMs)}</span> ·{' '}
        <span className="right">{minSec(rightDoneMs)}</span>
        <div className="muted small">
          {leftDoneMs === rightDoneMs
            ? 'even'
            : `${leftDoneMs < rightDoneMs ? 'left' : 'right'} ${minSec(Math.abs(leftDoneMs - rightDoneMs))} less`}
        </div>
      </td>
      <td className="tabular">{tensionText(value)}</td>
      <td className={styles.noteCell}>{value.note || <span className="muted">–</span>}</td>
    </tr>
  );
};

/** Every break that was led, the latest first. */
export const LogScreen = () => {
  useTitle('Log');
  const sessions = useSessions();
  const groups = useGroups();
  const [shown, setShown] = useState(PAGE);
  if (!sessions.data) return <Waiting error={sessions.error} retry={() => void sessions.refetch()} />;
  const groupName = (id: string | null): string =>
    groups.data?.find((g) => g.value.id === id)?.value.name ?? 'no group';
  const waiting = sessionsWaiting();
  return (
    <div className="page">
      <h1>Log</h1>
      {waiting > 0 && (
        <p className={styles.waiting}>
          {waiting} record{waiting === 1 ? ' waits' : 's wait'} in this browser and will be sent when the
          server answers.
        </p>
      )}
      {sessions.data.length === 0 ? (
        <Empty title="Nothing led yet" action={<Link to="/lead">Lead a break</Link>}>
          When a break is led, what was really done is written down here, side by side with what was planned.
        </Empty>
      ) : (
        <div className="card" style={{ padding: '6px 10px' }}>
          <table className="list">
            <thead>
              <tr>
                <th scope="col">When</th>
                <th scope="col">Break</th>
                <th scope="col">Done of planned</th>
                <th scope="col">Left and right</th>
                <th scope="col">Tension, 0–10</th>
                <th scope="col">Note</th>
              </tr>
            </thead>
            <tbody>
              {sessions.data.slice(0, shown).map(({ value }) => (
                <LogRow key={value.id} value={value} groupName={groupName(value.groupId)} />
              ))}
            </tbody>
          </table>
          {sessions.data.length > shown && (
            <Button type="link" onClick={() => setShown(shown + PAGE)}>
              Show {Math.min(PAGE, sessions.data.length - shown)} more of {sessions.data.length}
            </Button>
          )}
        </div>
      )}
      <AnswerList />
    </div>
  );
};
