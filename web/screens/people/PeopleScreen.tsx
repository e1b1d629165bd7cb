import { Group, type Kept } from '@kotabi/core/model';
import { Button } from 'antd';
import { Plus } from 'lucide-react';
import { nanoid } from 'nanoid';
import { Suspense, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { Sharing } from '../../access/Sharing';
import { useGroups } from '../../api/queries';
import { later } from '../../later/later';
import { Empty, Waiting } from '../../shell/State';
import { useTitle } from '../../shell/useTitle';
import { clock } from '../../words/time';
import { PeopleTable } from './PeopleTable';
import styles from './people.module.css';
import { daysText } from './people-words';

/** The form is the heaviest part of the screen; the groups and their people are there before it. */
const GroupForm = later(async () => (await import('./GroupForm')).GroupForm);
const formComes = <div className={`card ${styles.formComes}`}>One moment …</div>;

/** A group as a new one begins: an ordinary office week in the zone of this browser. */
const newGroup = (): Group =>
  Group.parse({
    id: nanoid(),
    name: 'New group',
    timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
    days: [1, 2, 3, 4, 5],
    hours: { startMin: 540, endMin: 1020 },
    lunch: { startMin: 750, endMin: 795 },
  });

/** The groups, and for the chosen one its hours, its room and its people. */
export const PeopleScreen = () => {
  useTitle('People');
  const { groupId } = useParams();
  const groups = useGroups();
  const navigate = useNavigate();
  const [fresh, setFresh] = useState<Group | null>(null);
  if (!groups.data) return <Waiting error={groups.error} retry={() => void groups.refetch()} />;
  const begin = (
    <Button
      type="primary"
      icon={<Plus size={16} />}
      onClick={() => {
        const group = newGroup();
        setFresh(group);
        navigate(`/people/${group.id}`);
      }}
    >
      New group
    </Button>
  );
  const kept: Kept<Group> | undefined =
    groups.data.find((g) => g.value.id === groupId) ?? (groupId || fresh ? undefined : groups.data[0]);
  const isFresh = fresh !== null && fresh.id === groupId && !kept;
  return (
    <div className="page">
      <div className="bar">
        <h1>People</h1>
        <span className="grow" />
        {kept && <Sharing kind="groups" id={kept.value.id} name={kept.value.name} />}
        {(groups.data.length > 0 || isFresh) && begin}
      </div>
      {groups.data.length === 0 && !isFresh && (
        <Empty title="Who do you lead breaks for?" action={begin}>
          A group is a team that stretches together: when they work, when they have lunch, what their chairs
          are like. Breaks and weeks build on it.
        </Empty>
      )}
      {(groups.data.length > 0 || isFresh) && (
        <div className={styles.columns}>
          <ul className={styles.groups} aria-label="Groups">
            {groups.data.map(({ value }) => (
              <li key={value.id}>
                <Link
                  to={`/people/${value.id}`}
                  className={`card ${styles.group} ${kept?.value.id === value.id ? styles.here : ''}`}
                  aria-current={kept?.value.id === value.id ? 'page' : undefined}
                >
                  <b>{value.name}</b>
                  <span className="muted small">
                    {daysText(value.days)} · {clock(value.hours.startMin)}–{clock(value.hours.endMin)}
                  </span>
                  <span className="muted small">{value.meets}</span>
                </Link>
              </li>
            ))}
          </ul>
          <div className="stack">
            {kept && (
              <>
                <Suspense fallback={formComes}>
                  <GroupForm key={kept.value.id} value={kept.value} version={kept.version} />
                </Suspense>
                <PeopleTable group={kept.value} />
                <Link to={`/people/${kept.value.id}/needs`} className={`card ${styles.needsLink}`}>
                  <b>Who needs what</b>
                  <span className="muted">
                    For any break: who does which step as it is, who an easier rung, who another move.
                  </span>
                </Link>
              </>
            )}
            {isFresh && (
              <Suspense fallback={formComes}>
                <GroupForm key={fresh.id} value={fresh} version={0} />
              </Suspense>
            )}
            {!kept && !isFresh && groupId && (
              <Empty title="There is no such group" action={<Link to="/people">Show the groups</Link>}>
                It may have been deleted.
              </Empty>
            )}
          </div>
        </div>
      )}
    </div>
  );
};
