import type { Group, Kept, Session } from '@kotabi/core/model';
import { useQuery } from '@tanstack/react-query';
import dayjs from 'dayjs';
import { request } from '../../api/client';
import styles from './log.module.css';

/** Times and ids of a correction as people read them. */
const shown = (what: string, text: string, groups: readonly Kept<Group>[]): string => {
  if (what === 'group') return groups.find((g) => g.value.id === text)?.value.name ?? text;
  if (what === 'when')
    return text.replace(/\d{4}-\d\d-\d\dT[\d:.]+Z/g, (at) => dayjs(at).format('D MMM YYYY, HH:mm'));
  return text;
};

/** What of a record was set right, from how it was to how it is, the latest first. */
export const History = ({
  sessionId,
  version,
  groups,
}: {
  sessionId: string;
  /** The version that the server has: with each one there may be more to tell. */
  version: number;
  groups: readonly Kept<Group>[];
}) => {
  const kept = useQuery({
    queryKey: ['sessions', sessionId, 'history', version],
    placeholderData: (before) => before,
    queryFn: () => request<Kept<Session>>('GET', `/api/sessions/${sessionId}`),
  });
  const corrections = kept.data?.value.corrections ?? [];
  if (corrections.length === 0) return null;
  return (
    <section className={`card ${styles.chart}`} aria-label="Set right since">
      <h2>Set right since</h2>
      <ul className={styles.history}>
        {[...corrections].reverse().map((c) => (
          <li key={`${c.at} ${c.what}`}>
            <b>{c.what}</b>, {dayjs(c.at).format('D MMM YYYY, HH:mm')}:{' '}
            <s className="muted">{shown(c.what, c.before, groups)}</s> → {shown(c.what, c.after, groups)}
          </li>
        ))}
      </ul>
    </section>
  );
};
