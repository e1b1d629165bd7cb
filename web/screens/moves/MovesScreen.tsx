import { regionOrder } from '@kotabi/core/approach';
import { Area, Kind, type Move, Muscle, type Position, Thing } from '@kotabi/core/model';
import { usualDose } from '@kotabi/core/timing';
import { Button, Checkbox, Input } from 'antd';
import { FolderOpen, Plus, Search } from 'lucide-react';
import { useMemo } from 'react';
import { Link, useNavigate } from 'react-router';
import { useGroups, useMoves, usePeople } from '../../api/queries';
import { LazySelect } from '../../fields/LazySelect';
import { Figure } from '../../figure/Figure';
import { searchMoves } from '../../search/moves';
import { Waiting } from '../../shell/State';
import { useMoreAtEnd } from '../../shell/useMoreAtEnd';
import { useTitle } from '../../shell/useTitle';
import { useNarrowed } from './filterStore';
import { asksWhoMay, type Filters, filterMoves, noFilters } from './filters';
import styles from './moves.module.css';
import { useOpenMoves } from './useOpenMoves';
import { useSuits } from './useSuits';

const REGION_TITLE: Record<Move['region'], string> = {
  breath: 'Settle, breathe, close',
  neck: 'Neck',
  shoulder: 'Shoulders, chest, upper back',
  spine: 'Spine and sides',
  wrist: 'Wrists, hands, forearms',
  hip: 'Hips, legs, feet',
  face: 'Face, eyes, self-massage',
  floor: 'On the floor',
};

const pick = <T extends string>(label: string, options: readonly T[]) => [
  { value: '' as const, label },
  ...options.map((o) => ({ value: o, label: o })),
];

/** Shelves of moves that a high window has room for. */
const SHELVES_AT_ONCE = 2;

/** The library: a grid of figures by region, found by typing and narrowed by filters. */
export const MovesScreen = () => {
  useTitle('Moves');
  const { moves, away: putAway, lookup, approach, data, error, refetch } = useMoves();
  const groups = useGroups();
  const { text, filters: f } = useNarrowed();
  const setText = (typed: string): void => useNarrowed.setState({ text: typed });
  const setFilters = (filters: Filters): void => useNarrowed.setState({ filters });
  const people = usePeople(f.groupId ?? undefined);
  const navigate = useNavigate();
  const open = useOpenMoves();
  const group = groups.data?.find((g) => g.value.id === f.groupId)?.value;
  const { suits, failed } = useSuits(asksWhoMay(f));
  const { found, hidden } = useMemo(() => {
    const own = new Set((data ?? []).map((m) => m.value.id));
    const fit = group && people.data ? { group, people: people.data.map((p) => p.value) } : null;
    const answers = searchMoves(f.away ? putAway : moves, text);
    const left = filterMoves(answers, f, fit, lookup, (id) => own.has(id), suits);
    return { found: left, hidden: text.trim() === '' ? 0 : answers.length - left.length };
  }, [moves, putAway, text, f, group, people.data, lookup, data, suits]);
  const shelves = text.trim() === '' ? regionOrder(approach) : [null];
  const { shown, end } = useMoreAtEnd(SHELVES_AT_ONCE);
  if (!data) return <Waiting error={error} retry={() => void refetch()} />;
  const set = (more: Partial<Filters>): void => setFilters({ ...f, ...more });
  const changed = JSON.stringify(f) !== JSON.stringify(noFilters) || text !== '';
  const away = moves.filter((m) => m.position === 'standing' || m.position === 'floor').length;
  return (
    <div className={`page ${styles.wide}`}>
      <div className="bar">
        <h1>Moves</h1>
        <span className="muted" role="status">
          {found.length} of {moves.length}
          {hidden > 0 && ` · ${hidden} more would answer “${text.trim()}”, hidden by the filters`}
        </span>
        <span className="grow" />
        <Button icon={<FolderOpen size={16} />} onClick={open.choose}>
          Open a file of moves
        </Button>
        {open.input}
        <Button type="primary" icon={<Plus size={16} />} onClick={() => navigate('/moves/new')}>
          New move
        </Button>
      </div>
      <div className={styles.filters}>
        <Input
          aria-label="Find a move"
          className={styles.search}
          placeholder="name, muscle, area … a typo is fine"
          prefix={<Search size={15} />}
          allowClear
          value={text}
          onChange={(e) => setText(e.target.value)}
          onKeyDown={(e) => {
            if (e.key === 'Enter' && found[0]) navigate(`/moves/${found[0].id}`);
          }}
        />
        <LazySelect
          aria-label="Area"
          value={f.area ?? ''}
          options={pick('every area', Area.options)}
          onChange={(v) => set({ area: (v || null) as Filters['area'] })}
        />
        <LazySelect
          aria-label="Muscle"
          showSearch
          popupMatchSelectWidth={false}
          value={f.muscle ?? ''}
          options={pick('every muscle', Muscle.options)}
          onChange={(v) => set({ muscle: (v || null) as Filters['muscle'] })}
        />
        <LazySelect
          aria-label="Kind of move"
          value={f.kind ?? ''}
          options={pick('every kind', Kind.options)}
          onChange={(v) => set({ kind: (v || null) as Filters['kind'] })}
        />
        <LazySelect
          aria-label="Things needed"
          value={f.thing ?? ''}
          options={[
            { value: '', label: 'any things' },
            { value: 'nothing', label: 'nothing to fetch' },
            ...Thing.options.map((t) => ({ value: t, label: t })),
          ]}
          onChange={(v) => set({ thing: (v || null) as Filters['thing'] })}
        />
        <LazySelect
          aria-label="Chair"
          value={f.seat ?? ''}
          options={[
            { value: '', label: 'any chair' },
            { value: 'castors', label: 'suits a chair on castors' },
            { value: 'arms', label: 'suits a chair with arms' },
            { value: 'highBack', label: 'suits a high back' },
          ]}
          popupMatchSelectWidth={false}
          onChange={(v) => set({ seat: (v || null) as Filters['seat'] })}
        />
        <LazySelect
          aria-label="Seen by others"
          value={f.discreet ?? ''}
          options={[
            { value: '', label: 'seen or not' },
            { value: 'call', label: 'quiet on a call' },
            { value: 'camera', label: 'unseen on camera' },
          ]}
          popupMatchSelectWidth={false}
          onChange={(v) => set({ discreet: (v || null) as Filters['discreet'] })}
        />
      </div>
      <div className={styles.positions}>
        <Checkbox.Group
          aria-label="Positions"
          value={f.positions}
          onChange={(positions) =>
            set({ positions: positions.length > 0 ? (positions as Position[]) : noFilters.positions })
          }
          options={[
            { value: 'back', label: 'sitting back' },
            { value: 'edge', label: 'front edge' },
            { value: 'wide edge', label: 'front edge, feet wide' },
            { value: 'standing', label: 'standing' },
            { value: 'floor', label: 'lying on the floor' },
            { value: 'floor seat', label: 'sitting on the floor' },
          ]}
        />
        <Checkbox checked={f.own} onChange={(e) => set({ own: e.target.checked })}>
          only my own ({data.length - putAway.length})
        </Checkbox>
        {(putAway.length > 0 || f.away) && (
          <Checkbox checked={f.away} onChange={(e) => set({ away: e.target.checked })}>
            put away ({putAway.length})
          </Checkbox>
        )}
        <LazySelect
          aria-label="Fits these people"
          value={f.groupId ?? ''}
          options={[
            { value: '', label: 'fits anyone' },
            ...(groups.data ?? []).map((g) => ({ value: g.value.id, label: `fits ${g.value.name}` })),
          ]}
          popupMatchSelectWidth={false}
          onChange={(v) => set({ groupId: v || null })}
        />
        {!f.positions.includes('standing') && !f.positions.includes('floor') && (
          <span className="muted small">{away} standing and floor moves are shown only when asked for.</span>
        )}
        <span className="grow" />
        {changed && (
          <Button
            size="small"
            type="text"
            onClick={() => {
              setFilters(noFilters);
              setText('');
            }}
          >
            Show all again
          </Button>
        )}
      </div>
      {failed && (
        <p role="alert">
          What says which moves suit a chair or a group could not be fetched: the server does not answer.
          Choose it again when it does.
        </p>
      )}
      {found.length === 0 && (suits || !asksWhoMay(f)) && (
        <p className="muted">
          No move answers to all of that. {text ? 'Try fewer or other words' : 'Open one of the filters'}, or{' '}
          <Link to="/moves/new">make your own</Link>.
        </p>
      )}
      {shelves.slice(0, shown).map((region) => {
        const here = region === null ? found : found.filter((m) => m.region === region);
        if (here.length === 0) return null;
        const title = region === null ? 'Found, the best first' : REGION_TITLE[region];
        return (
          <section key={region ?? 'found'} aria-label={title}>
            <h2 className={styles.region}>
              {title} <span className="muted small">{here.length}</span>
            </h2>
            <ul className={styles.grid}>
              {here.map((m) => (
                <li key={m.id}>
                  <Link to={`/moves/${m.id}`} className={`card ${styles.tile}`}>
                    <Figure move={m} width={128} />
                    <b>{m.name}</b>
                    <span className="muted small">
                      {m.kind} · {usualDose(m)}
                    </span>
                  </Link>
                </li>
              ))}
            </ul>
          </section>
        );
      })}
      {shown < shelves.length && <div key={`end ${shown}`} ref={end} aria-hidden="true" />}
    </div>
  );
};
