import { Kind, Region } from '@kotabi/core/model';
import { Drawer, Input, Select } from 'antd';
import { Search } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { useMoves } from '../../api/queries';
import { Figure } from '../../figure/Figure';
import { Waiting } from '../../shell/State';
import { useTitle } from '../../shell/useTitle';
import { doseShort } from '../../words/dose';
import { findMoves } from '../break/AddPanel';
import { MoveDetail } from './MoveDetail';
import styles from './moves.module.css';

/** The library: every move with its figure, by region; one opens beside the others. */
export const MovesScreen = () => {
  useTitle('Moves');
  const { moveId } = useParams();
  const { moves, data, error, refetch } = useMoves();
  const [text, setText] = useState('');
  const [kind, setKind] = useState<Kind | null>(null);
  const navigate = useNavigate();
  const found = useMemo(
    () => findMoves(moves, text, null).filter((m) => kind === null || m.kind === kind),
    [moves, text, kind],
  );
  if (!data) return <Waiting error={error} retry={() => void refetch()} />;
  const open = moves.find((m) => m.id === moveId);
  const kinds = Kind.options.filter((k) => moves.some((m) => m.kind === k));
  return (
    <div className="page">
      <div className="bar">
        <h1>Moves</h1>
        <span className="muted">{moves.length} in the library</span>
        <span className="grow" />
        <Select
          aria-label="Kind of move"
          style={{ width: 150 }}
          value={kind ?? ''}
          options={[{ value: '', label: 'every kind' }, ...kinds.map((k) => ({ value: k, label: k }))]}
          onChange={(k) => setKind((k || null) as Kind | null)}
        />
        <Input
          aria-label="Find a move"
          style={{ width: 260 }}
          placeholder="name, muscle, area …"
          prefix={<Search size={15} />}
          allowClear
          value={text}
          onChange={(e) => setText(e.target.value)}
        />
      </div>
      {found.length === 0 && <p className="muted">No move has all of these words. Try one of them.</p>}
      {Region.options.map((region) => {
        const here = found.filter((m) => m.region === region);
        if (here.length === 0) return null;
        return (
          <section key={region} aria-label={region}>
            <h2 className={styles.region}>{region === 'breath' ? 'settle, breathe, close' : region}</h2>
            <ul className={styles.grid}>
              {here.map((m) => (
                <li key={m.id}>
                  <Link to={`/moves/${m.id}`} className={`card ${styles.tile}`}>
                    <Figure move={m} width={104} />
                    <span className={styles.text}>
                      <b>{m.name}</b>
                      <span className="muted small">
                        {m.kind} · {doseShort(m.dose.usual)}
                        {m.ways.pattern === 'together' ? '' : ' each'}
                      </span>
                      <span className="muted small">
                        {m.muscles.slice(0, 2).join(', ') || m.areas.join(', ')}
                      </span>
                    </span>
                  </Link>
                </li>
              ))}
            </ul>
          </section>
        );
      })}
      <Drawer
        open={open !== undefined}
        onClose={() => navigate('/moves')}
        title={open?.name}
        size={520}
        styles={{ body: { padding: 0, overflow: 'hidden' } }}
      >
        {open && <MoveDetail move={open} />}
      </Drawer>
    </div>
  );
};
