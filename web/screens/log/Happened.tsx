import type { Person, Session, SessionEvent } from '@kotabi/core/model';
import { Input } from 'antd';
import { Link } from 'react-router';
import { eventText } from '../../words/record';
import styles from './log.module.css';

/** What happened while a break was led, what was done about it, and where a person might be asked about a limit. */
export const Happened = ({
  session,
  people,
  change,
}: {
  session: Session;
  people: readonly Person[];
  change: (label: string, more: Partial<Session>, key?: string) => void;
}) => {
  const set = (id: string, done: string): void =>
    change(
      'what was done',
      { events: session.events.map((e) => (e.id === id ? { ...e, done } : e)) },
      `event ${id}`,
    );
  if (session.events.length === 0) return null;
  const asks = (e: SessionEvent): Person | undefined =>
    e.what === 'other version' ? undefined : people.find((p) => p.id === e.personId);
  return (
    <>
      <h2>What happened</h2>
      <ul className={styles.events}>
        {session.events.map((e) => (
          <li key={e.id}>
            {eventText(e, people)}
            <Input
              aria-label={`What was done: ${eventText(e, people)}`}
              placeholder="what was done about it"
              maxLength={200}
              value={e.done}
              onChange={(change) => set(e.id, change.target.value)}
            />
            {asks(e) && (
              <p className="small muted">
                Ask {asks(e)?.name} whether a limit should be noted; nothing is noted by itself.{' '}
                <Link to={`/people/${session.groupId}?person=${e.personId}`}>Open {asks(e)?.name}</Link>
              </p>
            )}
          </li>
        ))}
      </ul>
    </>
  );
};
