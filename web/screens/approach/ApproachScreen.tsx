import { approachChanges } from '@kotabi/core/compare';
import { type Kept, KeptApproach, type School } from '@kotabi/core/model';
import { Button } from 'antd';
import { useMemo } from 'react';
import { useStore } from 'zustand';
import { request } from '../../api/client';
import { useApproach, useBreaks, useMoves } from '../../api/queries';
import { Conflict } from '../../document/Conflict';
import { createDocument, type Document } from '../../document/document';
import { type DocumentKind, useDocument } from '../../document/useDocument';
import { useKeptForm } from '../../document/useKeptForm';
import { LeaveGuard } from '../../shell/LeaveGuard';
import { useMessages } from '../../shell/messages';
import { Waiting } from '../../shell/State';
import { useTitle } from '../../shell/useTitle';
import { findingWords } from '../../words/findings';
import { ApproachForm } from './ApproachForm';
import styles from './approach.module.css';
import { Schools } from './Schools';

/** The answers are kept when told to. */
const approachKind: DocumentKind<KeptApproach> = {
  name: 'approach',
  read: (value) => KeptApproach.parse(value),
  called: () => 'your approach',
  byItself: false,
};

/** The instructor's own answers where instructors disagree, and what another answer would alter. */
export const ApproachScreen = () => {
  useTitle('Approach');
  const kept = useApproach();
  if (!kept.data) return <Waiting error={kept.error} retry={() => void kept.refetch()} />;
  return <Known kept={kept.data} />;
};

const Known = ({ kept }: { kept: Kept<KeptApproach> }) => {
  // The usual answers have no version of their own until others are kept; they are the state to begin with.
  const document = useDocument(approachKind, 'approach', kept, () => createDocument<KeptApproach>({ kept }));
  return document && <Answers document={document} />;
};

const Answers = ({ document }: { document: Document<KeptApproach> }) => {
  const form = useKeptForm(document, approachKind);
  const { value, savedValue } = useStore(document);
  const moves = useMoves();
  const breaks = useBreaks();
  const { message } = useMessages();
  const shown = value.approach;
  const now = savedValue?.approach ?? shown;
  const { changed } = form;
  const changes = useMemo(
    () =>
      changed && breaks.data
        ? approachChanges(
            now,
            shown,
            breaks.data.map((b) => b.value),
            { library: moves.moves, lookup: moves.lookup },
          )
        : null,
    [now, shown, changed, breaks.data, moves.moves, moves.lookup],
  );
  const keep = async (): Promise<void> => {
    if (await form.keep(document.getState().value)) message.success('Your approach is kept.');
  };
  /** Schools are kept at once, beside whatever is still being tried. */
  const keepSchools = async (schools: School[]): Promise<void> => {
    const typed = document.getState().value;
    const base = savedValue ?? typed;
    if (!(await form.keep({ ...base, schools }))) return;
    if (typed.approach !== base.approach) form.typed({ ...typed, schools });
  };
  return (
    <div className="page">
      <LeaveGuard when={changed} what="Your new answers have not been kept yet." onLeave={form.giveUp} />
      {form.conflict && (
        <Conflict
          open
          document={document}
          what="approach"
          theirs={() => request<Kept<KeptApproach>>('GET', '/api/approach/approach')}
          chosen={(which) => which === 'mine' && void keep()}
        />
      )}
      <div className="bar">
        <h1>Approach</h1>
        <span className="muted">Where instructors disagree: your answers.</span>
        <span className="grow" />
        {changed && <Button onClick={form.giveUp}>Back to what is kept</Button>}
        <Button type="primary" disabled={!changed} loading={form.busy} onClick={() => void keep()}>
          Keep these answers
        </Button>
      </div>
      <p className="muted">
        They change what Kotabi proposes and what it flags, never what you may write. A break can answer
        differently on its own sheet.
      </p>
      <div className={styles.columns}>
        <ApproachForm value={shown} change={(approach) => form.typed({ ...value, approach })} kept={now} />
        <div className={styles.beside}>
          <Schools
            schools={value.schools}
            answers={shown}
            own={now}
            change={(schools) => void keepSchools(schools)}
          />
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
    </div>
  );
};
