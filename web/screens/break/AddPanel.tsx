import { useDraggable } from '@dnd-kit/core';
import { isOffered, isSeated, regionOrder } from '@kotabi/core/approach';
import type { Approach, Move, Region } from '@kotabi/core/model';
import { doseWords } from '@kotabi/core/timing';
import { Checkbox, Input } from 'antd';
import { Ear, Hand, MessageSquareText, Search } from 'lucide-react';
import { memo, useMemo, useState } from 'react';
import { Figure } from '../../figure/Figure';
import { searchMoves } from '../../search/moves';
import { dragIdOf } from '../../sheet/dnd';
import styles from './break.module.css';

interface Props {
  moves: readonly Move[];
  /** What stands between the moves. */
  pauses: readonly Move[];
  /** Decides what is offered, and in which order of the body. */
  approach: Approach;
  add: (move: Move) => void;
}

const ICONS = { 'pause-rest': Hand, 'pause-note': MessageSquareText, 'pause-look': Ear } as const;

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
            {move.kind} · {doseWords(move.dose.usual)}
            {move.ways.pattern === 'together' ? '' : ' each'}
          </span>
        </span>
      </button>
    </li>
  );
};

const Pause = ({ move, add }: { move: Move; add: (move: Move) => void }) => {
  const { setNodeRef, listeners } = useDraggable({ id: dragIdOf(move.id) });
  const Icon = ICONS[move.id as keyof typeof ICONS];
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

/** The library beside the sheet: type and press Enter, press one, or drag it to its place. */
export const AddPanel = memo(({ moves, pauses, approach, add }: Props) => {
  const [text, setText] = useState('');
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
  const found = useMemo(
    // What is typed finds every move, also those that are only shown when asked for.
    () =>
      searchMoves(text.trim() === '' ? offered : moves, text).filter((m) => !region || m.region === region),
    [moves, offered, text, region],
  );
  return (
    <section className={`card ${styles.add}`} aria-label="Add a move">
      <h2>Add a move</h2>
      <Input
        id="find-move"
        aria-label="Find a move"
        placeholder="neck, wrist, breath …"
        prefix={<Search size={15} />}
        allowClear
        value={text}
        onChange={(e) => setText(e.target.value)}
        onKeyDown={(e) => {
          if (e.key === 'Escape') e.currentTarget.blur();
          if (e.key !== 'Enter' || !found[0]) return;
          add(found[0]);
          setText('');
        }}
      />
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
        {found.map((m) => (
          <Found key={m.id} move={m} add={add} />
        ))}
        {found.length === 0 && (
          <li className="muted small">No move answers to that. Try fewer or other words.</li>
        )}
      </ul>
      <div className={styles.pauses}>
        {pauses.map((m) => (
          <Pause key={m.id} move={m} add={add} />
        ))}
      </div>
    </section>
  );
});
AddPanel.displayName = 'AddPanel';
