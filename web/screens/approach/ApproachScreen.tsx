import { approachChanges } from '@kotabi/core/compare';
import type { Approach, KeptApproach } from '@kotabi/core/model';
import { Button } from 'antd';
import { useMemo, useState } from 'react';
import { messageOf } from '../../api/client';
import { useApproach, useBreaks, useMoves, usePut } from '../../api/queries';
import { LeaveGuard } from '../../shell/LeaveGuard';
import { useMessages } from '../../shell/messages';
import { Waiting } from '../../shell/State';
import { useTitle } from '../../shell/useTitle';
import { findingWords } from '../../words/findings';
import { ApproachForm } from './ApproachForm';
import styles from './approach.module.css';

/** The instructor's own answers where instructors disagree, and what another answer would alter. */
export const ApproachScreen = () => {
  useTitle('Approach');
  const kept = useApproach();
  const [draft, setDraft] = useState<Approach | null>(null);
  const moves = useMoves();
  const breaks = useBreaks();
  const put = usePut<KeptApproach>('approach');
  const { message } = useMessages();
  const now = kept.data?.value.approach;
  const changes = useMemo(
    () =>
      now && draft && breaks.data
        ? approachChanges(
            now,
            draft,
            breaks.data.map((b) => b.value),
            { library: moves.moves, lookup: moves.lookup },
          )
        : null,
    [now, draft, breaks.data, moves.moves, moves.lookup],
  );
  if (!kept.data || !now) return <Waiting error={kept.error} retry={() => void kept.refetch()} />;
  const shown = draft ?? now;
  const changed = draft !== null && JSON.stringify(draft) !== JSON.stringify(now);
  const keep = (): void => {
    if (!draft) return;
    put.mutate(
      { baseVersion: kept.data.version, value: { id: 'approach', approach: draft } },
      {
        onSuccess: () => {
          setDraft(null);
          message.success('Your approach is kept.');
        },
        onError: (error) => message.error(messageOf(error)),
      },
    );
  };
  return (
    <div className="page">
      <LeaveGuard when={changed} what="Your new answers have not been kept yet." />
      <div className="bar">
        <h1>Approach</h1>
        <span className="muted">Where instructors disagree: your answers.</span>
        <span className="grow" />
        {changed && <Button onClick={() => setDraft(null)}>Back to what is kept</Button>}
        <Button type="primary" disabled={!changed} loading={put.isPending} onClick={keep}>
          Keep these answers
        </Button>
      </div>
      <p className="muted">
        They change what Kotabi proposes and what it flags, never what you may write. A break can answer
        differently on its own sheet.
      </p>
      <div className={styles.columns}>
        <ApproachForm value={shown} change={setDraft} kept={now} />
        <aside className={`card ${styles.changes}`} aria-label="What would change" aria-live="polite">
          <h2>What would change</h2>
          {!changed || !changes ? (
            <p className="muted">
              Choose another answer to see here, before you keep it, what it would alter.
            </p>
          ) : (
            <>
              {changes.breaks.length === 0 && changes.proposals.length === 0 && (
                <p>Nothing in your breaks, and no proposal.</p>
              )}
              {changes.proposals.length > 0 && (
                <section>
                  <h3>
                    {changes.proposals.length} move{changes.proposals.length === 1 ? '' : 's'} proposed
                    differently
                  </h3>
                  <p className="small">
                    {changes.proposals
                      .slice(0, 6)
                      .map((p) => `${p.name} (${p.what.join(', ')})`)
                      .join('; ')}
                    {changes.proposals.length > 6 && `; and ${changes.proposals.length - 6} more`}
                  </p>
                </section>
              )}
              {changes.breaks.map((b) => (
                <section key={b.breakId}>
                  <h3>{b.name}</h3>
                  {b.words.slice(0, 3).map((w) => (
                    <p key={w.before} className="small">
                      <del>{w.before}</del> <ins>{w.after}</ins>
                    </p>
                  ))}
                  {b.words.length > 3 && (
                    <p className="small muted">and {b.words.length - 3} more sentences</p>
                  )}
                  {b.added.map((f) => (
                    <p key={JSON.stringify(f)} className="small">
                      new note: {findingWords(f).title}
                    </p>
                  ))}
                  {b.gone.map((f) => (
                    <p key={JSON.stringify(f)} className="small">
                      gone: <span className="muted">{findingWords(f).title}</span>
                    </p>
                  ))}
                </section>
              ))}
            </>
          )}
        </aside>
      </div>
    </div>
  );
};
