import { type Move, Region } from '@kotabi/core/model';
import { Input } from 'antd';
import { Search } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Figure } from '../../figure/Figure';
import { doseShort } from '../../words/dose';
import styles from './break.module.css';

/** Moves whose name, purpose, muscles or areas hold every word that is typed. */
export const findMoves = (moves: readonly Move[], text: string, region: Region | null): Move[] => {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  return moves.filter((m) => {
    if (region && m.region !== region) return false;
    const hay = [m.name, m.purpose, m.kind, m.region, ...m.muscles, ...m.areas].join(' ').toLowerCase();
    return words.every((w) => hay.includes(w));
  });
};

/** The library beside the sheet: find a move, press Enter or click, and it stands behind the chosen step. */
export const AddPanel = ({ moves, add }: { moves: readonly Move[]; add: (move: Move) => void }) => {
  const [text, setText] = useState('');
  const [region, setRegion] = useState<Region | null>(null);
  const found = useMemo(() => findMoves(moves, text, region), [moves, text, region]);
  const regions = useMemo(() => Region.options.filter((r) => moves.some((m) => m.region === r)), [moves]);
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
      <ul className={styles.found}>
        {found.map((m) => (
          <li key={m.id}>
            <button type="button" onClick={() => add(m)} title={m.purpose}>
              <Figure move={m} width={40} />
              <span>
                <b>{m.name}</b>
                <span className="muted small">
                  {m.kind} · {doseShort(m.dose.usual)}
                  {m.ways.pattern === 'together' ? '' : ' each'}
                </span>
              </span>
            </button>
          </li>
        ))}
        {found.length === 0 && <li className="muted small">No move has all of these words.</li>}
      </ul>
    </section>
  );
};
