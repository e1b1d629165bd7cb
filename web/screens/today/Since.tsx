import type { Group } from '@kotabi/core/model';
import { addDays, mondayOf } from '@kotabi/core/schedule';
import { Link } from 'react-router';
import { MOST_ROWS, useAnswers, useLog } from '../../api/queries';
import { isLongAgo, lastBreak } from '../../week/last-break';
import { ENDED } from '../../words/record';
import styles from './today.module.css';

/** What happened since yesterday: what was led, who answered; and who has had no break for long. */
export const Since = ({ groups, today }: { groups: readonly Group[]; today: string }) => {
  const rows = useLog({ limit: MOST_ROWS }).data?.rows ?? [];
  const answers = useAnswers().data ?? [];
  const yesterday = addDays(today, -1);
  const led = rows.filter((r) => r.startedAt.slice(0, 10) >= yesterday);
  const long = groups.flatMap((group) => {
    const last = lastBreak(group.id, rows, answers);
    return isLongAgo(last, today) ? [{ group, last }] : [];
  });
  const answered = groups.flatMap((group) => {
    const own = answers.filter((a) => a.groupId === group.id && a.startsAt.slice(0, 10) >= yesterday);
    return own.length > 0
      ? [{ group, all: own.length, did: own.filter((a) => a.answer === 'did it').length }]
      : [];
  });
  const nothing = led.length + answered.length + long.length === 0;
  return (
    <section className={`card ${styles.since}`} aria-label="Since yesterday">
      <h2>Since yesterday</h2>
      {led.map((s) => (
        <p key={s.id}>
          “{s.breakName}” was {ENDED[s.ending]}. <Link to={`/log/${s.id}`}>See the record</Link>
        </p>
      ))}
      {answered.map(({ group, all, did }) => (
        <p key={group.id}>
          {group.name}: {did} of {all} answered “did it”.
        </p>
      ))}
      {long.map(({ group, last }) => (
        <p key={group.id}>
          {group.name}: no break on record {last === null ? 'yet' : 'for two weeks or more'}.{' '}
          <Link to={`/week/${group.id}/${mondayOf(today)}`}>Look</Link>
        </p>
      ))}
      {nothing && <p className="muted">Nothing was led and nobody answered.</p>}
    </section>
  );
};
