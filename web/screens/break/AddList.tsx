import { useDraggable } from '@dnd-kit/core';
import { isOffered, isSeated, regionOrder } from '@kotabi/core/approach';
import type { Approach, Move, Region } from '@kotabi/core/model';
import { usualDose } from '@kotabi/core/timing';
import { Checkbox } from 'antd';
import { Ear, Hand, type LucideIcon, MessageSquareText, Repeat2 } from 'lucide-react';
import { useLayoutEffect, useMemo, useState } from 'react';
import { Figure } from '../../figure/Figure';
import { searchMoves } from '../../search/moves';
import { dragIdOf } from '../../sheet/dnd';
import { useGrowing } from '../../shell/useGrowing';
import styles from './break.module.css';

export interface AddProps {
  moves: readonly Move[];
  /** What stands between the moves. */
  pauses: readonly Move[];
  /** Decides what is offered, and in which order of the body. */
  approach: Approach;
  add: (move: Move) => void;
}

interface Props extends AddProps {
  text: string;
  /** What Enter was pressed for and has not been added yet. */
  asked: readonly string[];
  /** Takes note that it was looked for; what was not found stays typed. */
  answered: (left: string) => void;
}

/** Moves that a high window has room for. */
const SEEN_AT_ONCE = 14;
const ICONS: Readonly<Record<string, LucideIcon>> = {
  'pause-rest': Hand,
  'pause-note': MessageSquareText,
  'pause-look': Ear,
  'pause-recross': Repeat2,
};

/** One move: a press puts it behind the chosen step, a drag where it is dropped. */
const Found = ({ move, add }: { move: Move; add: (move: Move) => void }) => {
  const { setNodeRef, listeners, isDragging } = useDraggable({ id: dragIdOf(move.id) });
  return (
    <li ref={setNodeRef} {...listeners} style={{ opacity: isDragging ? 0.4 : 1 }}>
      <button type="button" onClick={() => add(move)} title={move.purpose}>
        <Figure move={move} width={52} plain />
        <span>
          <b>{move.name}</b>
          <span className="muted small">
            {move.kind} · {usualDose(move)}
          </span>
        </span>
      </button>
    </li>
  );
};

const Pause = ({ move, add }: { move: Move; add: (move: Move) => void }) => {
  const { setNodeRef, listeners } = useDraggable({ id: dragIdOf(move.id) });
  const Icon = ICONS[move.id] ?? Hand;
  return (
    <button
      ref={setNodeRef}
      {...listeners}
      type="button"
      className={styles.pauseButton}
      title={move.purpose}
      onClick={() => add(move)}
    >
      <Icon size={15} aria-hidden="true" /> {move.name}
    </button>
  );
};

/** What answers to the typed words: one press adds it, or it is dragged to its place. */
const AddList = ({ moves, pauses, approach, add, text, asked, answered }: Props) => {
  const [region, setRegion] = useState<Region | null>(null);
  const [standing, setStanding] = useState(false);
  const regions = regionOrder(approach).filter((r) => r !== 'floor');
  const offered = useMemo(
    () =>
      [...moves]
        .filter((m) => isOffered(m, approach) && (standing ? m.position !== 'floor' : isSeated(m)))
        .sort((a, b) => regionOrder(approach).indexOf(a.region) - regionOrder(approach).indexOf(b.region)),
    [moves, approach, standing],
  );
  // What is typed finds every move, also those that are only shown when asked for.
  const search = (words: string): Move[] =>
    searchMoves(words.trim() === '' ? offered : moves, words).filter((m) => !region || m.region === region);
  const found = search(text);
  const shown = useGrowing(SEEN_AT_ONCE);
  useLayoutEffect(() => {
    if (asked.length === 0) return;
    let left = '';
    for (const words of asked) {
      const [first] = search(words);
      if (first) add(first);
      else left = words;
    }
    answered(left);
  });
  return (
    <>
      <div className={styles.chips}>
        {regions.map((r) => (
          <button
            key={r}
            type="button"
            className={r === region ? styles.chipOn : styles.chip}
            aria-pressed={r === region}
            onClick={() => setRegion(r === region ? null : r)}
          >
            {r}
          </button>
        ))}
      </div>
      <Checkbox checked={standing} onChange={(e) => setStanding(e.target.checked)}>
        standing moves, too
      </Checkbox>
      <ul className={styles.found}>
        {found.slice(0, shown).map((m) => (
          <Found key={m.id} move={m} add={add} />
        ))}
        {found.length === 0 && (
          <li className="muted small">No move answers to that. Try fewer or other words.</li>
        )}
      </ul>
      <div className={styles.pauses}>
        {pauses
          .filter((m) => m.position !== 'floor seat' || standing)
          .map((m) => (
            <Pause key={m.id} move={m} add={add} />
          ))}
      </div>
    </>
  );
};
export default AddList;
