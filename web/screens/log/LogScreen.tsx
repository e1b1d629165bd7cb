import type { LogRow } from '@kotabi/core/model';
import { Button } from 'antd';
import dayjs from 'dayjs';
import { PenLine, TrendingUp } from 'lucide-react';
import { Suspense, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { type LogWish, MOST_ROWS, useGroups, useLog } from '../../api/queries';
import { sessionsWaiting } from '../../api/sessions-outbox';
import { later } from '../../later/later';
import { Empty, Waiting } from '../../shell/State';
import { useTitle } from '../../shell/useTitle';
import { minSec } from '../../words/time';
import { AnswerList } from './AnswerList';
import styles from './log.module.css';

// Fields for days weigh more than the whole list.
const LogFilters = later(async () => (await import('./LogFilters')).LogFilters);

/** Tension before and after as one phrase. */
const tensionText = ({ tensionBefore: a, tensionAfter: b }: LogRow): string => {
  if (a === null && b === null) return 'not asked';
  return `${a ?? '–'} → ${b ?? '–'}`;
};

/** Records that are shown at first, and more at a time. */
const PAGE = 20;

const Row = ({ value, groupName }: { value: LogRow; groupName: string }) => {
  const navigate = useNavigate();
  const { ending, doneMs, plannedMs, stepsDone, stepsPlanned, leftDoneMs, rightDoneMs } = value;
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
      <td className={styles.noteCell}>
        {value.note ? <span>{value.note}</span> : <span className="muted">–</span>}
      </td>
    </tr>
  );
};

/** Every break that was led, the latest first. */
export const LogScreen = () => {
  useTitle('Log');
  const groups = useGroups();
  const navigate = useNavigate();
  const [wish, setWish] = useState<LogWish>({});
  const [shown, setShown] = useState(PAGE);
  const log = useLog({ ...wish, limit: Math.min(shown, MOST_ROWS) });
  if (!log.data || !groups.data)
    return <Waiting error={log.error ?? groups.error} retry={() => void log.refetch()} />;
  const groupName = (id: string | null): string =>
    groups.data.find((g) => g.value.id === id)?.value.name ?? 'no group';
  const waiting = sessionsWaiting();
  const { rows, total } = log.data;
  const filtered = Object.values(wish).some((w) => w !== undefined);
  const set = (more: LogWish): void => {
    setShown(PAGE);
    setWish((w) => ({ ...w, ...more }));
  };
  const first = groups.data[0]?.value;
  return (
    <div className="page">
      <div className="bar">
        <h1>Log</h1>
        <span className="grow" />
        <Button icon={<PenLine size={16} />} onClick={() => navigate('/log/new')}>
          Write down a break
        </Button>
        {first && (
          <Button
            type="primary"
            icon={<TrendingUp size={16} />}
            onClick={() => navigate(`/trends/${wish.groupId ?? first.id}`)}
          >
            What it shows
          </Button>
        )}
      </div>
      {waiting > 0 && (
        <p className={styles.waiting}>
          {waiting} record{waiting === 1 ? ' waits' : 's wait'} in this browser and will be sent when the
          server answers.
        </p>
      )}
      {(total > 0 || filtered) && (
        <Suspense fallback={<div className={styles.filtersToCome} />}>
          <LogFilters wish={wish} set={set} groups={groups.data} />
        </Suspense>
      )}
      {total === 0 && !filtered && (
        <Empty title="Nothing led yet" action={<Link to="/lead">Lead a break</Link>}>
          When a break is led, what was really done is written down here, side by side with what was planned.
        </Empty>
      )}
      {total === 0 && filtered && (
        <p role="status">
          No record fits all of this.{' '}
          <Button type="link" onClick={() => setWish({})}>
            Show them all
          </Button>
        </p>
      )}
      {total > 0 && (
        <div className="card" style={{ padding: '6px 10px' }}>
          <table className="list">
            <thead>
              <tr>
                <th scope="col">When</th>
                <th scope="col">Break</th>
                <th scope="col">Done of planned, min</th>
                <th scope="col">Left · right, min</th>
                <th scope="col">Tension, 0–10</th>
                <th scope="col">Note</th>
              </tr>
            </thead>
            <tbody>
              {rows.map((value) => (
                <Row key={value.id} value={value} groupName={groupName(value.groupId)} />
              ))}
            </tbody>
          </table>
          <p className="muted small" role="status">
            {rows.length} of {total} record{total === 1 ? '' : 's'}
          </p>
          {total > rows.length && rows.length < MOST_ROWS && (
            <Button type="link" onClick={() => setShown(shown + PAGE)}>
              Show {Math.min(PAGE, total - rows.length)} more of {total}
            </Button>
          )}
          {rows.length >= MOST_ROWS && total > rows.length && (
            <p className="muted small">The latest {MOST_ROWS} are shown: name days to see older ones.</p>
          )}
        </div>
      )}
      <AnswerList />
    </div>
  );
};
