import type { Rung } from '@kotabi/core/model';
import { Button, Input, Radio, Slider } from 'antd';
import { ArrowUp, Plus, Trash2 } from 'lucide-react';
import { ROLE_WORDS } from '../../../words/roles';
import { blankRung } from './blank';
import styles from './edit.module.css';

export interface Ladder {
  rungs: Rung[];
  usualRung?: string;
}

interface Props {
  value: Ladder;
  change: (value: Ladder) => void;
  /** Gives a rung poses of its own, or the move's again. */
  pose: (at: number, own: boolean) => void;
}

/** What else a rung may say in its own words. */
const OTHER_WORDS = ['go', 'feel', 'check', 'back'] as const;

/** The ladder of a move: rungs from the easiest to the strongest, and which one is usual. */
export const RungsField = ({ value, change, pose }: Props) => {
  const { rungs, usualRung } = value;
  const set = (i: number, more: Partial<Rung>): void => {
    const old = rungs[i];
    if (!old) return;
    const next = rungs.map((r, k) => (k === i ? { ...r, ...more } : r));
    change({ rungs: next, usualRung: usualRung === old.name ? (more.name ?? usualRung) : usualRung });
  };
  return (
    <section className={`card ${styles.form}`} aria-label="Rungs">
      <h2>Rungs, from the easiest to the strongest</h2>
      {rungs.length === 0 && <p className="muted">None yet: the move is done as it is.</p>}
      {rungs.map((r, i) => (
        // Rungs have no other identity than their place while their names are typed.
        // biome-ignore lint/suspicious/noArrayIndexKey: likewise
        <div key={i} className={styles.rungRow}>
          <div className="bar">
            <Radio
              checked={(usualRung ?? rungs[0]?.name) === r.name}
              onChange={() => change({ rungs, usualRung: r.name })}
              aria-label={`${r.name} is the usual rung`}
            >
              usual
            </Radio>
            <Input
              aria-label={`Name of rung ${i + 1}`}
              style={{ width: 170 }}
              maxLength={60}
              value={r.name}
              onChange={(e) => set(i, { name: e.target.value })}
            />
            <Input
              aria-label={`How rung ${i + 1} is done`}
              style={{ flex: 1, minWidth: 180 }}
              maxLength={160}
              value={r.how}
              onChange={(e) => set(i, { how: e.target.value })}
            />
            {r.figure ? (
              <>
                <Button size="small" onClick={() => pose(i, true)}>
                  Its own poses
                </Button>
                <Button size="small" type="text" onClick={() => pose(i, false)}>
                  As the move
                </Button>
              </>
            ) : (
              <>
                <span style={{ width: 170 }}>
                  <Slider
                    min={0.1}
                    max={1.5}
                    step={0.05}
                    value={r.share}
                    ariaLabelForHandle={`How far rung ${i + 1} goes`}
                    tooltip={{ formatter: (v) => `${Math.round((v ?? 1) * 100)} % of the way` }}
                    onChange={(share) => set(i, { share })}
                  />
                </span>
                <Button size="small" onClick={() => pose(i, true)}>
                  Pose it by itself
                </Button>
              </>
            )}
            <Button
              type="text"
              aria-label={`Rung ${i + 1} easier`}
              icon={<ArrowUp size={15} />}
              disabled={i === 0}
              onClick={() => {
                const next = [...rungs];
                const [taken] = next.splice(i, 1);
                if (taken) next.splice(i - 1, 0, taken);
                change({ rungs: next, usualRung });
              }}
            />
            <Button
              type="text"
              aria-label={`Remove rung ${i + 1}`}
              icon={<Trash2 size={15} />}
              onClick={() => {
                const next = rungs.filter((_, k) => k !== i);
                change({ rungs: next, usualRung: usualRung === r.name ? undefined : usualRung });
              }}
            />
          </div>
          <div className="bar">
            <Input
              aria-label={`Set-up of rung ${i + 1}`}
              placeholder="its own set-up, if it needs one"
              style={{ flex: 1 }}
              maxLength={600}
              value={r.say ?? ''}
              onChange={(e) => set(i, { say: e.target.value || undefined })}
            />
            <Input
              aria-label={`Second side of rung ${i + 1}`}
              placeholder="and its second side, short"
              style={{ flex: 1 }}
              maxLength={600}
              value={r.again ?? ''}
              onChange={(e) => set(i, { again: e.target.value || undefined })}
            />
          </div>
          <div className="bar">
            {OTHER_WORDS.map((role) => (
              <Input
                key={role}
                aria-label={`${ROLE_WORDS[role]} of rung ${i + 1}`}
                placeholder={`${ROLE_WORDS[role].toLowerCase()}, if another`}
                style={{ flex: 1, minWidth: 120 }}
                maxLength={600}
                value={r[role] ?? ''}
                onChange={(e) => set(i, { [role]: e.target.value || undefined })}
              />
            ))}
          </div>
        </div>
      ))}
      <Button
        icon={<Plus size={15} />}
        disabled={rungs.length >= 8}
        onClick={() =>
          change({
            rungs: [...rungs, blankRung(rungs.length + 1)],
            usualRung,
          })
        }
      >
        Add a rung
      </Button>
    </section>
  );
};
