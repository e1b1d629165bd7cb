import { useDraggable } from '@dnd-kit/core';
import { isOffered, isSeated, regionOrder } from '@kotabi/core/approach';
import type { Approach, Move, Region } from '@kotabi/core/model';
import { usualDose } from '@kotabi/core/timing';
import { Checkbox } from 'antd';
import { Ear, Hand, type LucideIcon, MessageSquareText, Repeat2, Star } from 'lucide-react';
import { memo, useLayoutEffect, useMemo, useState } from 'react';
import { Figure } from '../../figure/Figure';
import { searchMoves } from '../../search/moves';
import { dragIdOf } from '../../sheet/dnd';
import { useMoreAtEnd } from '../../shell/useMoreAtEnd';
import styles from './add.module.css';
import { useFavourites, useLastUsed } from './useFavourites';

export interface AddProps {
  moves: readonly Move[];
  /** What stands between the moves. */
  pauses: readonly Move[];
  /** Decides what is offered, and in which order of the body. */
  approach: Approach;
  add: (move: Move) => void;
  /** The break they are for: what others used last is shown. */
  breakId: string;
}

interface Props extends AddProps {
  text: string;
  /** What Enter was pressed for and has not been added yet. */
  asked: readonly string[];
  /** Takes note that it was looked for; what was not found stays typed. */
  answered: (left: string) => void;
}

/** Moves that a usual window has room for; as many more come whenever the end of the list comes near. */
const SEEN_AT_ONCE = 8;
const ICONS: Readonly<Record<string, LucideIcon>> = {
  'pause-rest': Hand,
  'pause-note': MessageSquareText,
  'pause-look': Ear,
  'pause-recross': Repeat2,
};

interface FoundProps {
  move: Move;
  add: (move: Move) => void;
  liked: boolean;
  like: (moveId: string) => void;
}

/**
 * One move: a press puts it where it belongs, a drag where it is dropped; the star marks it as liked. There are many of them, so
 * none is drawn anew for what does not concern it, such as a break that has just been saved.
 */
const Found = memo(({ move, add, liked, like }: FoundProps) => {
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
      <button
        type="button"
        className={liked ? styles.liked : styles.like}
        aria-pressed={liked}
        aria-label={`${move.name} is a favourite`}
        title={liked ? 'One of your favourites' : 'Make it one of your favourites'}
        onClick={() => like(move.id)}
      >
        <Star size={15} aria-hidden="true" />
      </button>
    </li>
  );
});
Found.displayName = 'Found';

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
const AddList = ({ moves, pauses, approach, add, breakId, text, asked, answered }: Props) => {
  const [shelf, setShelf] = useState<Region | 'favourites' | 'last used' | null>(null);
  const { favourites, toggle } = useFavourites();
  const lastUsed = useLastUsed(breakId);
  const [standing, setStanding] = useState(false);
  const regions = regionOrder(approach).filter((r) => r !== 'floor');
  const offered = useMemo(
    () =>
      [...moves]
        .filter((m) => isOffered(m, approach) && (standing ? m.position !== 'floor' : isSeated(m)))
        .sort((a, b) => regionOrder(approach).indexOf(a.region) - regionOrder(approach).indexOf(b.region)),
    [moves, approach, standing],
  );
  const onShelf = (list: Move[]): Move[] => {
    if (shelf === null) return list;
    if (shelf === 'favourites') return list.filter((m) => favourites.has(m.id));
    if (shelf !== 'last used') return list.filter((m) => m.region === shelf);
    const byId = new Map(list.map((m) => [m.id, m]));
    return lastUsed.flatMap((id) => byId.get(id) ?? []);
  };
  const shelves = [
    ...(favourites.size > 0 ? (['favourites'] as const) : []),
    ...(lastUsed.length > 0 ? (['last used'] as const) : []),
    ...regions,
  ];
  // What is typed finds every move, also those that are only shown when asked for.
  const search = (words: string): Move[] =>
    onShelf(searchMoves(words.trim() === '' ? offered : moves, words));
  const found = search(text);
  const { shown, end } = useMoreAtEnd(SEEN_AT_ONCE);
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
        {shelves.map((r) => (
          <button
            key={r}
            type="button"
            className={r === shelf ? styles.chipOn : styles.chip}
            aria-pressed={r === shelf}
            onClick={() => setShelf(r === shelf ? null : r)}
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
          <Found key={m.id} move={m} add={add} liked={favourites.has(m.id)} like={toggle} />
        ))}
        {shown < found.length && <li key={`end ${shown}`} ref={end} aria-hidden="true" />}
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
