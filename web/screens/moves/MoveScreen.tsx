import { type Move, moveIdsOf, usualVariant } from '@kotabi/core/model';
import { cautionsOf } from '@kotabi/core/needs';
import { Button, Tag } from 'antd';
import { Archive, ArchiveRestore, ArrowLeft, Copy, Download, Pencil } from 'lucide-react';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { messageOf } from '../../api/client';
import { useBreaks, useMoves, usePut } from '../../api/queries';
import { useMessages } from '../../shell/messages';
import { Empty, Waiting } from '../../shell/State';
import { useTitle } from '../../shell/useTitle';
import { FigurePanel } from './FigurePanel';
import { MoveFacts } from './MoveFacts';
import { MoveLimits } from './MoveLimits';
import { MoveWords } from './MoveWords';
import styles from './move.module.css';

/** A page a move: both ways, rungs, words, dose, cautions, what balances it, and where it is used. */
export const MoveScreen = () => {
  const { moveId = '' } = useParams();
  const moves = useMoves();
  if (!moves.data) return <Waiting error={moves.error} retry={() => void moves.refetch()} />;
  const move = moves.lookup(moveId);
  if (!move)
    return (
      <div className="page">
        <Empty title="There is no such move" action={<Link to="/moves">Show all moves</Link>}>
          It may come from a break file that was never opened here.
        </Empty>
      </div>
    );
  const kept = moves.data.find((m) => m.value.id === moveId);
  return <Page key={moveId} move={move} version={kept?.version ?? null} lookup={moves.lookup} />;
};

interface Props {
  move: Move;
  /** Version of an own move; null for one of the library. */
  version: number | null;
  lookup: (id: string) => Move | undefined;
}

const Page = ({ move, version, lookup }: Props) => {
  useTitle(move.name);
  const navigate = useNavigate();
  const put = usePut<Move>('moves');
  const breaks = useBreaks();
  const { message } = useMessages();
  const [rung, setRung] = useState<string | undefined>(undefined);
  const used = (breaks.data ?? []).filter((b) => moveIdsOf(b.value).includes(move.id));
  const archive = (archived: boolean): void =>
    put.mutate(
      { baseVersion: version ?? 0, value: { ...move, archived } },
      {
        onSuccess: () =>
          message.success(
            archived ? `“${move.name}” is put away. Breaks that use it keep it.` : `“${move.name}” is back.`,
          ),
        onError: (error) => message.error(messageOf(error)),
      },
    );
  return (
    <div className={`page ${styles.page}`}>
      <div className="bar">
        <Link to="/moves" className={styles.backLink}>
          <ArrowLeft size={16} /> Moves
        </Link>
        <span className="grow" />
        <a href={`/api/moves/${move.id}/file`} download>
          <Button icon={<Download size={16} />} tabIndex={-1}>
            File
          </Button>
        </a>
        <Button icon={<Copy size={16} />} onClick={() => navigate(`/moves/new?from=${move.id}`)}>
          Copy as my own
        </Button>
        {version !== null && (
          <>
            <Button
              icon={move.archived ? <ArchiveRestore size={16} /> : <Archive size={16} />}
              onClick={() => archive(!move.archived)}
            >
              {move.archived ? 'Bring back' : 'Put away'}
            </Button>
            <Button
              type="primary"
              icon={<Pencil size={16} />}
              onClick={() => navigate(`/moves/${move.id}/edit`)}
            >
              Edit
            </Button>
          </>
        )}
      </div>
      <div className={styles.columns}>
        <FigurePanel move={move} rung={rung} setRung={setRung} />
        <div className={styles.text}>
          <header>
            <h1>{move.name}</h1>
            <p className="muted">
              {move.otherNames.length > 0 && <>also: {move.otherNames.join(', ')} · </>}
              {version !== null ? 'my own' : 'library'}
              {move.archived && <Tag style={{ marginLeft: 8 }}>put away</Tag>}
            </p>
            <p>{move.purpose}</p>
          </header>
          <MoveFacts move={move} rung={rung} lookup={lookup} />
          <MoveWords move={move} rung={rung} />
          <section className={styles.care} aria-label="Cautions">
            <h2>Take care</h2>
            {cautionsOf(usualVariant(move, rung)).map((c) => (
              <p key={c}>{c}</p>
            ))}
            <p className="muted small">
              For everyday tension only. Injury, recent surgery or a known condition: ask a doctor or
              physiotherapist first.
            </p>
          </section>
          <MoveLimits move={move} rung={rung} lookup={lookup} />
          <section aria-label="Used in">
            <h2>Used in</h2>
            {used.length === 0 ? (
              <p className="muted">No break of yours uses it yet.</p>
            ) : (
              <p>
                {used.map((b, i) => (
                  <span key={b.value.id}>
                    {i > 0 && ' · '}
                    <Link to={`/breaks/${b.value.id}`}>{b.value.name}</Link>
                  </span>
                ))}
              </p>
            )}
          </section>
        </div>
      </div>
    </div>
  );
};
