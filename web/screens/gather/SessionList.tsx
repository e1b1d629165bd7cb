import type { LedResult, LedSession } from '@kotabi/core/gather';
import type { Person } from '@kotabi/core/model';
import dayjs from 'dayjs';
import styles from '../../week/week.module.css';
import { spanText } from '../../words/week';
import look from './gather.module.css';
import type { LedTeam } from './useGatherData';

const listed = (names: readonly string[]): string =>
  names.length <= 1 ? names.join('') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;

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
  const names = (ids: readonly string[]): string =>
    listed(ids.map((id) => people.get(id)?.name ?? 'someone'));
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
            <span className={s.cannot.length > 0 ? look.cannot : 'muted'}>
              {s.cannot.length > 0 ? `${names(s.cannot)} cannot` : 'nobody is left out'}
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
      <table className={look.attendance}>
        <tbody>
          {teams.map((t) => (
            <tr key={t.group.id}>
              <th scope="row">{t.group.name}</th>
              {t.people.map((p) => {
                const n = result.times.get(p.id) ?? 0;
                return (
                  <td key={p.id} className={n === 0 ? styles.overText : ''}>
                    {p.name}
                    <span className="tabular">{n === 0 ? 'never' : `${n}×`}</span>
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
      {result.gap > 0.001 && (
        <p className="muted small">The search was stopped; a better choice may exist.</p>
      )}
    </>
  );
};
