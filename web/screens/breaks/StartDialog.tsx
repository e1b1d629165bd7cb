import { type Approach, type Break, type MoveLookup, stepsOf } from '@kotabi/core/model';
import { breakFrom, starts } from '@kotabi/core/starts';
import { timed } from '@kotabi/core/timing';
import { Modal } from 'antd';
import { FilePlus2, Sparkles } from 'lucide-react';
import { nanoid } from 'nanoid';
import { useMemo } from 'react';
import { MiniSpine } from '../../sheet/MiniSpine';
import { length, minSec } from '../../words/time';
import styles from './breaks.module.css';

interface Props {
  empty: () => Break;
  firstSide: Break['firstSide'];
  lookup: MoveLookup;
  approach: Approach;
  close: () => void;
  create: (brk: Break, suggest: boolean) => void;
}

/** A new break: an empty sheet, or one of the starting points. */
export const StartDialog = ({ empty, firstSide, lookup, approach, close, create }: Props) => {
  const made = useMemo(
    () =>
      starts.map((start) => {
        const brk: Break = { ...breakFrom(start, { lookup, approach, newId: () => nanoid(10) }), firstSide };
        const t = timed(brk, lookup, approach);
        return { start, brk, t };
      }),
    [lookup, approach, firstSide],
  );
  const take = (brk: Break, suggest = false): void => {
    close();
    create(brk, suggest);
  };
  return (
    <Modal open title="A new break" width={860} onCancel={close} footer={null}>
      <ul className={styles.starts}>
        <li>
          <button type="button" onClick={() => take(empty())}>
            <span className={styles.startIcon}>
              <FilePlus2 size={26} aria-hidden="true" />
            </span>
            <span>
              <b>An empty sheet</b>
              <span className="muted small">Compose it move by move: type, press or drag.</span>
            </span>
          </button>
        </li>
        <li>
          <button type="button" onClick={() => take(empty(), true)}>
            <span className={styles.startIcon}>
              <Sparkles size={26} aria-hidden="true" />
            </span>
            <span>
              <b>A suggestion</b>
              <span className="muted small">
                Say how long, what for and for whom; choose from up to three that really differ.
              </span>
            </span>
          </button>
        </li>
        {made.map(({ start, brk, t }) => (
          <li key={start.id}>
            <button type="button" onClick={() => take(brk)}>
              <MiniSpine parts={t.ok ? t.timeline.parts : []} />
              <span>
                <b>{start.name}</b>
                <span className="muted small">{start.when}</span>
                <span className="tabular small">
                  {t.ok && minSec(t.timeline.totals.totalMs)} of {length(brk.slotSec * 1000)} ·{' '}
                  {stepsOf(brk).length} {stepsOf(brk).length === 1 ? 'step' : 'steps'}
                </span>
              </span>
            </button>
          </li>
        ))}
      </ul>
    </Modal>
  );
};
