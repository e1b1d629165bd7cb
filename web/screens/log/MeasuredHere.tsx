import type { Person, Session } from '@kotabi/core/model';
import { Link } from 'react-router';
import { useMeasures } from '../../api/queries';
import { measureText } from '../../words/measure';
import styles from './log.module.css';

/** What was measured at a break, of the group and of each person, and a way to measure more. */
export const MeasuredHere = ({ session, people }: { session: Session; people: readonly Person[] }) => {
  const measures = useMeasures(session.groupId ?? undefined, session.id).data ?? [];
  if (session.groupId === null) return null;
  const at = (personId: string | null): string =>
    `/measure/${session.groupId}?session=${session.id}${personId ? `&person=${personId}` : ''}`;
  const came = people.filter((p) => session.came.people.includes(p.id));
  const rows = (came.length > 0 ? came : people).filter((p) => p.measuring);
  return (
    <>
      <h2>Measured</h2>
      <ul className={styles.history}>
        {[null, ...rows].map((person) => {
          const own = measures.find((m) => m.value.personId === (person?.id ?? null));
          return (
            <li key={person?.id ?? 'group'}>
              <Link to={at(person?.id ?? null)}>{person?.name ?? 'The whole group'}</Link>
              <span className="muted small"> {own ? measureText(own.value) : 'nothing yet'}</span>
            </li>
          );
        })}
      </ul>
    </>
  );
};
