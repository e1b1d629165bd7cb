import type { Learned } from '@kotabi/core/model';
import type { Proposal } from '@kotabi/core/propose';
import { Button } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import { messageOf, request } from '../../api/client';
import { type Proposed, queryClient } from '../../api/queries';
import { useMessages } from '../../shell/messages';
import { effectText } from '../../words/trends';
import styles from './trends.module.css';

/** So many proposals are shown at first, those that matter most; the others by a press. */
const AT_FIRST = 3;

/** What the records say should change next: each to be taken or set aside, and what was answered earlier. */
export const Proposals = ({ groupId, proposed }: { groupId: string; proposed: Proposed }) => {
  const { message } = useMessages();
  const [all, setAll] = useState(false);
  const done = async (work: Promise<unknown>, said: string): Promise<void> => {
    try {
      await work;
      await queryClient.invalidateQueries();
      message.success(said);
    } catch (error) {
      message.error(messageOf(error));
    }
  };
  const answer = (p: Proposal, take: boolean): void =>
    void done(
      request('POST', `/api/groups/${groupId}/proposals`, { key: p.key, take }),
      take ? 'Taken: suggestions and new weeks use it.' : 'Set aside: it is not proposed again.',
    );
  const forget = (l: Learned): void =>
    void done(
      request('DELETE', `/api/groups/${groupId}/learned/${encodeURIComponent(l.key)}`),
      'Taken back: it is proposed again as long as the records say so.',
    );
  const { proposals, learned } = proposed;
  return (
    <section className={`card ${styles.part}`} aria-label="What to change next">
      <h2>What to change next</h2>
      <p className="muted small">From the records of the last eight weeks.</p>
      {proposals.length === 0 && <p>Nothing stands out. Keep going, and keep asking before and after.</p>}
      <ul className={styles.proposals}>
        {proposals.slice(0, all ? undefined : AT_FIRST).map((p) => (
          <li key={p.key}>
            <div>
              <b>{p.text}</b>
              <p>{p.why}</p>
              <p className="muted small">{p.changes}</p>
            </div>
            <div className={styles.answers}>
              <Button onClick={() => answer(p, true)} aria-label={`Take it: ${p.text}`}>
                Take it
              </Button>
              <Button type="text" onClick={() => answer(p, false)} aria-label={`Set aside: ${p.text}`}>
                Set aside
              </Button>
            </div>
          </li>
        ))}
      </ul>
      {proposals.length > AT_FIRST && (
        <Button type="link" className={styles.more} aria-expanded={all} onClick={() => setAll(!all)}>
          {all ? 'Show the first three only' : `Show ${proposals.length - AT_FIRST} more`}
        </Button>
      )}
      {learned.length > 0 && (
        <details>
          <summary>
            Answered before ({learned.length}): {learned.filter((l) => l.state === 'taken').length} taken
          </summary>
          <ul className={styles.learned}>
            {[...learned].reverse().map((l) => (
              <li key={l.key}>
                <span>
                  {l.state === 'taken' ? 'Taken' : 'Set aside'}, {dayjs(l.at).format('D MMM')}:{' '}
                  {effectText(l.effect)}. <span className="muted small">{l.why}</span>
                </span>
                <Button size="small" type="link" onClick={() => forget(l)}>
                  Take it back
                </Button>
              </li>
            ))}
          </ul>
        </details>
      )}
    </section>
  );
};
