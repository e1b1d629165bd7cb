import type { Approach, Break, Move, MoveLookup, Step } from '@kotabi/core/model';
import type { Audience } from '@kotabi/core/review';
import { type Swap, swapsFor } from '@kotabi/core/suggest';
import { Input, Modal } from 'antd';
import { useMemo, useState } from 'react';
import { Figure } from '../../../figure/Figure';
import { searchMoves } from '../../../search/moves';
import { seconds } from '../../../words/time';
import styles from './dialogs.module.css';

interface Props {
  brk: Break;
  step: Step;
  moves: readonly Move[];
  lookup: MoveLookup;
  approach: Approach;
  audience: Audience | null;
  close: () => void;
  take: (move: Move) => void;
}

const timeText = (byMs: number): string =>
  byMs === 0 ? 'the same time' : `${seconds(Math.abs(byMs))} ${byMs > 0 ? 'longer' : 'shorter'}`;

const peopleText = ({ served, servedNow }: Swap, all: number): string =>
  `${served} of ${all} can do it as it is${served === servedNow ? '' : `, ${Math.abs(served - servedNow)} ${served > servedNow ? 'more' : 'fewer'} than now`}`;

const musclesText = ({ shared, gained, lost }: Swap): string =>
  [
    shared.length > 0 && `still ${shared.join(', ')}`,
    gained.length > 0 && `new: ${gained.join(', ')}`,
    lost.length > 0 && `no longer: ${lost.join(', ')}`,
  ]
    .filter(Boolean)
    .join(' · ');

/** The moves that would serve instead of one step, with what each would change. */
export const SwapDialog = ({ brk, step, moves, lookup, approach, audience, close, take }: Props) => {
  const swaps = useMemo(
    () => swapsFor(brk, step, { moves, lookup, approach, audience }, Number.POSITIVE_INFINITY),
    [brk, step, moves, lookup, approach, audience],
  );
  const [words, setWords] = useState('');
  const shown = useMemo(() => {
    const found = new Set(
      searchMoves(
        swaps.map((s) => s.move),
        words,
      ).map((m) => m.id),
    );
    return swaps.filter((s) => found.has(s.move.id));
  }, [swaps, words]);
  const people = audience?.people.length ?? 0;
  return (
    <Modal
      open
      title={`Instead of “${lookup(step.moveId)?.name}”`}
      width={680}
      onCancel={close}
      footer={null}
    >
      {swaps.length > 0 && (
        <Input
          allowClear
          autoFocus
          aria-label="Find among what would serve"
          placeholder={`${swaps.length} would serve; name, muscle, area …`}
          value={words}
          onChange={(e) => setWords(e.target.value)}
          onPressEnter={() => {
            const [first] = shown;
            if (!first) return;
            take(first.move);
            close();
          }}
        />
      )}
      {swaps.length > 0 && shown.length === 0 && (
        <p className="muted small">None of them answers to that. Try fewer or other words.</p>
      )}
      {swaps.length === 0 && <p>No other move of the library serves the same area here.</p>}
      <ul className={styles.swaps}>
        {shown.map((s) => (
          <li key={s.move.id}>
            <button
              type="button"
              onClick={() => {
                take(s.move);
                close();
              }}
            >
              <Figure move={s.move} rung={s.step.rung} position={s.step.position} width={64} plain />
              <span>
                <b>{s.move.name}</b>
                <span className="small">
                  {timeText(s.byMs)}
                  {people > 0 && ` · ${peopleText(s, people)}`}
                  {s.findings > 0 && ` · ${s.findings} more to look at`}
                  {s.findings < 0 && ` · ${-s.findings} fewer to look at`}
                </span>
                <span className="muted small">{musclesText(s)}</span>
              </span>
            </button>
          </li>
        ))}
      </ul>
    </Modal>
  );
};
