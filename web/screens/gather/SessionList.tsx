import type { LedResult, LedSession } from '@kotabi/core/gather';
import type { Person } from '@kotabi/core/model';
import dayjs from 'dayjs';
import styles from '../../week/week.module.css';
import { listed } from '../../words/listed';
import { spanText } from '../../words/week';
import look from './gather.module.css';
import type { LedTeam } from './useGatherData';

interface Props {
  result: LedResult;
  teams: readonly LedTeam[];
  lengthMin: number;
  /** How many each group was to get. */
  sessions: number;
}

/** The sessions that were found, who can come to each and who cannot, and how often everyone comes in all. */
export const SessionList = ({ result, teams, lengthMin, sessions }: Props) => {
  const people = new Map(teams.flatMap((t) => t.people.map((p): [string, Person] => [p.id, p])));
  const names = (ids: readonly string[]): string[] => ids.map((id) => people.get(id)?.name ?? 'someone');
  const ordered = [...result.sessions].sort((a, b) =>
    a.date === b.date ? a.startMin - b.startMin : a.date < b.date ? -1 : 1,
  );
  const key = (s: LedSession): string => `${s.groupId}${s.date}`;
  return (
    <>
      {ordered.length === 0 && <p>No time was found at which anyone could come.</p>}
      <ul className={look.sessions}>
        {ordered.map((s) => (
          <li key={key(s)}>
            <span>
              <b>{dayjs(s.date).format('dddd D MMMM')}</b>
              <span className="tabular">
                {spanText({ startMin: s.startMin, endMin: s.startMin + lengthMin })}
              </span>
            </span>
            <span>
              {teams.find((t) => t.group.id === s.groupId)?.group.name}
              <b>
                {s.can.length} of {s.can.length + s.cannot.length} can come
              </b>
            </span>
            <span className={s.cannot.length > 0 ? look.cannot : 'muted'} title={names(s.cannot).join(', ')}>
              {s.cannot.length > 0 ? `${listed(names(s.cannot))} cannot` : 'nobody is left out'}
            </span>
          </li>
        ))}
      </ul>
      {[...result.missing].map(([groupId, short]) => (
        <p key={groupId} className={styles.overText}>
          {teams.find((t) => t.group.id === groupId)?.group.name}: {short} of {sessions} session
          {sessions === 1 ? '' : 's'} found no time.
        </p>
      ))}
      {teams
        .filter((t) => t.people.length > 0)
        .map((t) => (
          <Attendance key={t.group.id} team={t} times={result.times} />
        ))}
      {result.gap > 0.001 && (
        <p className="muted small">The search was stopped; a better choice may exist.</p>
      )}
    </>
  );
};

/** How often everyone of a team comes: those who never can first, by name; the rest in as many columns as there is room. */
const Attendance = ({ team, times }: { team: LedTeam; times: LedResult['times'] }) => {
  const of = (p: Person): number => times.get(p.id) ?? 0;
  const ordered = [...team.people].sort((a, b) => of(a) - of(b));
  return (
    <section aria-label={`How often ${team.group.name} comes`}>
      <h3>{team.group.name}</h3>
      <ul className={look.attendance}>
        {ordered.map((p) => (
          <li key={p.id} className={of(p) === 0 ? styles.overText : ''}>
            {p.name} <span className="tabular">{of(p) === 0 ? 'never' : `${of(p)}×`}</span>
          </li>
        ))}
      </ul>
    </section>
  );
};
