import type { Kept, Session } from '@kotabi/core/model';
import { sumOf } from '@kotabi/core/record';
import { Table } from 'antd';
import dayjs from 'dayjs';
import { Link, useNavigate } from 'react-router';
import { useGroups, useSessions } from '../../api/queries';
import { Empty, Waiting } from '../../shell/State';
import { useTitle } from '../../shell/useTitle';
import { minSec } from '../../words/time';
import { sessionsWaiting } from '../lead/outbox';
import { AnswerList } from './AnswerList';
import styles from './log.module.css';

/** Tension before and after as one phrase. */
export const tensionText = ({ tensionBefore: a, tensionAfter: b }: Session): string => {
  if (a === null && b === null) return 'not asked';
  return `${a ?? '–'} → ${b ?? '–'}`;
};

/** Every break that was led, the latest first. */
export const LogScreen = () => {
  useTitle('Log');
  const sessions = useSessions();
  const groups = useGroups();
  const navigate = useNavigate();
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
          <Table<Kept<Session>>
            rowKey={(s) => s.value.id}
            dataSource={sessions.data}
            pagination={sessions.data.length > 20 ? { pageSize: 20 } : false}
            size="middle"
            onRow={({ value }) => ({
              onClick: () => navigate(`/log/${value.id}`),
              style: { cursor: 'pointer' },
            })}
            columns={[
              {
                title: 'When',
                width: 200,
                render: (_, { value }) => (
                  <Link to={`/log/${value.id}`}>
                    {dayjs(value.startedAt).format('ddd D MMM YYYY, HH:mm')}
                  </Link>
                ),
              },
              {
                title: 'Break',
                render: (_, { value }) => (
                  <>
                    <b>{value.breakName}</b>
                    <div className="muted small">{groupName(value.groupId)}</div>
                  </>
                ),
              },
              {
                title: 'Done of planned',
                width: 160,
                render: (_, { value }) => {
                  const { doneMs, plannedMs, stepsDone, stepsPlanned } = sumOf(value);
                  return (
                    <span className="tabular">
                      {minSec(doneMs)} of {minSec(plannedMs)}
                      <div className="muted small">
                        {stepsDone} of {stepsPlanned} steps{value.ended === 'stopped' ? ' · stopped' : ''}
                      </div>
                    </span>
                  );
                },
              },
              {
                title: 'Left and right',
                width: 150,
                render: (_, { value }) => {
                  const { leftDoneMs, rightDoneMs } = sumOf(value);
                  return (
                    <span className="tabular">
                      <span className="left">{minSec(leftDoneMs)}</span> ·{' '}
                      <span className="right">{minSec(rightDoneMs)}</span>
                      <div className="muted small">
                        {leftDoneMs === rightDoneMs
                          ? 'even'
                          : `${leftDoneMs < rightDoneMs ? 'left' : 'right'} ${minSec(Math.abs(leftDoneMs - rightDoneMs))} less`}
                      </div>
                    </span>
                  );
                },
              },
              {
                title: 'Tension, 0–10',
                width: 120,
                render: (_, { value }) => <span className="tabular">{tensionText(value)}</span>,
              },
              {
                title: 'Note',
                ellipsis: true,
                render: (_, { value }) => value.note || <span className="muted">–</span>,
              },
            ]}
          />
        </div>
      )}
      <AnswerList />
    </div>
  );
};
