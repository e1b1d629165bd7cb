import { type Approach, type Break, type MoveLookup, stepsOf } from '@kotabi/core/model';
import { breakFrom, starts } from '@kotabi/core/starts';
import { type Timed, timed } from '@kotabi/core/timing';
import { Input, Modal } from 'antd';
import { FilePlus2, Sparkles } from 'lucide-react';
import { nanoid } from 'nanoid';
import { useMemo, useRef, useState } from 'react';
import { MiniSpine } from '../../sheet/MiniSpine';
import { length, minSec } from '../../words/time';
import styles from './breaks.module.css';
import { copyOf } from './newBreak';

interface Props {
  empty: () => Break;
  firstSide: Break['firstSide'];
  lookup: MoveLookup;
  approach: Approach;
  /** One's own breaks, each of which can be begun from. */
  own: readonly Break[];
  close: () => void;
  create: (brk: Break, suggest: boolean) => void;
}

interface CardProps {
  name: string;
  /** When it is good to have. */
  when?: string;
  brk: Break;
  t: Timed;
  take: () => void;
}

/** One break to begin from: its shape, its name, how long it really takes. */
const Card = ({ name, when, brk, t, take }: CardProps) => (
  <li>
    <button type="button" onClick={take}>
      <MiniSpine parts={t.ok ? t.timeline.parts : []} />
      <span>
        <b>{name}</b>
        {when && <span className="muted small">{when}</span>}
        <span className="tabular small">
          {t.ok && minSec(t.timeline.totals.totalMs)} of {length(brk.slotSec * 1000)} · {stepsOf(brk).length}{' '}
          {stepsOf(brk).length === 1 ? 'step' : 'steps'}
        </span>
      </span>
    </button>
  </li>
);

/** A new break: an empty sheet, a suggestion, one of the starting points, or one of one's own. */
export const StartDialog = ({ empty, firstSide, lookup, approach, own, close, create }: Props) => {
  const first = useRef<HTMLButtonElement>(null);
  const [words, setWords] = useState('');
  const ownFound = useMemo(
    () => own.filter((b) => b.name.toLowerCase().includes(words.trim().toLowerCase())),
    [own, words],
  );
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
    <Modal
      open
      title="A new break"
      width={860}
      onCancel={close}
      footer={null}
      // It opens on what is chosen most.
      afterOpenChange={(open) => open && first.current?.focus()}
    >
      <ul className={styles.starts}>
        <li>
          <button type="button" ref={first} onClick={() => take(empty())}>
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
          <Card key={start.id} name={start.name} when={start.when} brk={brk} t={t} take={() => take(brk)} />
        ))}
      </ul>
      {own.length > 0 && (
        <>
          <div className={styles.ownHead}>
            <h3>Begin from one of your own</h3>
            <Input
              allowClear
              aria-label="Find a break of your own"
              placeholder="name"
              value={words}
              onChange={(e) => setWords(e.target.value)}
            />
          </div>
          <ul className={styles.starts}>
            {ownFound.map((brk) => (
              <Card
                key={brk.id}
                name={brk.name}
                brk={brk}
                t={timed(brk, lookup, approach)}
                take={() => take(copyOf(brk, nanoid()))}
              />
            ))}
          </ul>
          {ownFound.length === 0 && <p className="muted small">None of your breaks has that in its name.</p>}
        </>
      )}
    </Modal>
  );
};
