import type { Fix } from '@kotabi/core/edit';
import type { Break } from '@kotabi/core/model';
import { type Finding, findingKey, type Reviewed } from '@kotabi/core/review';
import { type ResolvedBreak, stepMoves } from '@kotabi/core/timing';
import { Button, Input, Popover } from 'antd';
import { Check, Wrench } from 'lucide-react';
import { useState } from 'react';
import { findingWords, WEIGHT_WORD } from '../../words/findings';
import { fixWords } from '../../words/fixes';
import styles from './break.module.css';
import findingsStyles from './findings.module.css';
import type { BreakStore } from './store';

/** Asks for the reason with which a finding is set aside; without one it stays. */
const SetAside = ({ keep }: { keep: (reason: string) => void }) => {
  const [open, setOpen] = useState(false);
  const [reason, setReason] = useState('');
  const done = (): void => {
    if (reason.trim() === '') return;
    keep(reason.trim());
    setOpen(false);
  };
  return (
    <Popover
      trigger="click"
      open={open}
      onOpenChange={setOpen}
      placement="bottomRight"
      title="Set aside, because …"
      content={
        <div className={findingsStyles.aside}>
          <Input
            autoFocus
            aria-label="Reason for setting it aside"
            maxLength={300}
            placeholder="only the left is tight today"
            value={reason}
            onChange={(e) => setReason(e.target.value)}
            onPressEnter={done}
          />
          <Button type="primary" disabled={reason.trim() === ''} onClick={done}>
            Set aside
          </Button>
        </div>
      }
    >
      <button type="button" className={styles.show}>
        Set aside
      </button>
    </Popover>
  );
};

interface ItemProps {
  finding: Finding;
  resolved: ResolvedBreak;
  store: BreakStore;
  /** Leads to the step it is about; left out where that is the one that is shown. */
  show?: () => void;
  fix: (fix: Fix) => void;
}

const place = (f: Finding, resolved: ResolvedBreak): string => {
  const [stepId] = f.stepIds;
  const name = stepId === undefined ? undefined : stepMoves(resolved)(stepId)?.name;
  return f.code === 'overSlot' && name ? `, from ${name} on` : '';
};

const setAside = (store: BreakStore, f: Finding, reason: string): void =>
  store.getState().edit('set a finding aside', (d: Break) => {
    d.aside = [...(d.aside ?? []).filter((a) => a.key !== findingKey(f)), { key: findingKey(f), reason }];
  });
const takeBack = (store: BreakStore, f: Finding): void =>
  store.getState().edit('take a finding back', (d: Break) => {
    d.aside = (d.aside ?? []).filter((a) => a.key !== findingKey(f));
    if (d.aside.length === 0) delete d.aside;
  });

/** One finding: what, where, why, and what can be done about it. */
const Item = ({ finding: f, resolved, store, show, fix }: ItemProps) => {
  const words = findingWords(f);
  return (
    <li className={styles[f.weight]}>
      <span className={findingsStyles.weight}>{WEIGHT_WORD[f.weight]}</span>
      <b>
        {words.title}
        {place(f, resolved)}
      </b>
      <span className="small muted">{words.why}</span>
      <div className={findingsStyles.findingActions}>
        {f.fix && (
          <Button size="small" icon={<Wrench size={13} />} onClick={() => f.fix && fix(f.fix)}>
            {fixWords(f.fix)}
          </Button>
        )}
        {show && (
          <button type="button" className={styles.show} onClick={show}>
            Show
          </button>
        )}
        <SetAside keep={(reason) => setAside(store, f, reason)} />
      </div>
    </li>
  );
};

interface Props {
  store: BreakStore;
  timed: Extract<Reviewed, { ok: true }>;
  select: (ids: string[]) => void;
  fix: (fix: Fix) => void;
}

/** What a careful colleague would notice about one step, beside the step. Silent when that is nothing. */
export const StepFindings = ({ store, timed, stepId, fix }: Omit<Props, 'select'> & { stepId: string }) => {
  const own = timed.findings.filter((f) => f.stepIds[0] === stepId && f.code !== 'overSlot');
  if (own.length === 0) return null;
  return (
    <section className={findingsStyles.findings} aria-label="Review of this step" aria-live="polite">
      <ul>
        {own.map((f) => (
          <Item key={findingKey(f)} finding={f} resolved={timed.resolved} store={store} fix={fix} />
        ))}
      </ul>
    </section>
  );
};

/** What a careful colleague would notice about the whole break; each leads to its step, most can be put right at once. */
export const Findings = ({ store, timed: { findings, aside, resolved }, select, fix }: Props) => {
  if (resolved.items.length === 0) return <p className="muted small">There is nothing to review yet.</p>;
  return (
    <section className={findingsStyles.findings} aria-label="Review" aria-live="polite">
      {findings.length === 0 && (
        <p className={findingsStyles.clear}>
          <Check size={18} aria-hidden="true" /> Nothing stands out. Sides are even and it fits its slot.
        </p>
      )}
      <ul>
        {findings.map((f) => (
          <Item
            key={findingKey(f)}
            finding={f}
            resolved={resolved}
            store={store}
            show={f.stepIds.length > 0 ? () => select([...f.stepIds].reverse()) : undefined}
            fix={fix}
          />
        ))}
      </ul>
      {aside.length > 0 && (
        <>
          <h3>Set aside</h3>
          <ul>
            {aside.map(({ finding, reason }) => (
              <li key={findingKey(finding)} className={findingsStyles.setAside}>
                <span>{findingWords(finding).title}</span>
                <span className="small muted">“{reason}”</span>
                <button type="button" className={styles.show} onClick={() => takeBack(store, finding)}>
                  Take it back
                </button>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
};
