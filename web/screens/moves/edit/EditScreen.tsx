import type { Move } from '@kotabi/core/model';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { useMoves } from '../../../api/queries';
import { Empty, Waiting } from '../../../shell/State';
import { useTitle } from '../../../shell/useTitle';
import { blankMove } from './blank';
import { MoveForm } from './MoveForm';

const copyOf = (move: Move): Move => ({
  ...structuredClone(move),
  id: nanoid(),
  name: `${move.name}, my way`.slice(0, 80),
  archived: false,
});

/** Makes or edits a move of one's own. */
export const EditScreen = () => {
  const { moveId } = useParams();
  const [params] = useSearchParams();
  const from = params.get('from');
  const moves = useMoves();
  const [fresh] = useState(blankMove);
  useTitle(moveId ? 'Edit a move' : 'New move');
  if (!moves.data) return <Waiting error={moves.error} retry={() => void moves.refetch()} />;
  const kept = moveId ? moves.data.find((m) => m.value.id === moveId) : undefined;
  if (moveId && !kept)
    return (
      <div className="page">
        <Empty title="Only your own moves can be edited" action={<Link to={`/moves/${moveId}`}>Back</Link>}>
          Copy the move first; the copy is yours.
        </Empty>
      </div>
    );
  const source = from ? moves.lookup(from) : undefined;
  return (
    <OpenForm
      key={moveId ?? from ?? 'new'}
      value={kept?.value ?? (source ? copyOf(source) : fresh)}
      version={kept?.version ?? 0}
    />
  );
};

/** Holds the first state still, so that a background refresh never takes what is being typed. */
const OpenForm = (props: { value: Move; version: number }) => {
  const [first] = useState(props);
  return <MoveForm {...first} />;
};
