import { useEffect } from 'react';
import { useParams } from 'react-router';
import { useBreak, useMoves } from '../../api/queries';
import { useDocument } from '../../document/useDocument';
import { Waiting } from '../../shell/State';
import { whenIdle } from '../../shell/whenIdle';
import { warmUp } from '../../workers/solving';
import { Editor } from './Editor';
import { breakKind, createBreakStore } from './store';

/** Opens a break to work on, saved as it changes. */
export const BreakScreen = () => {
  const { breakId = '' } = useParams();
  return <OpenBreak key={breakId} breakId={breakId} />;
};

const OpenBreak = ({ breakId }: { breakId: string }) => {
  const { data, error, refetch } = useBreak(breakId);
  const moves = useMoves();
  // Made only from what the server has, so there is something to make it from.
  const store = useDocument(breakKind, breakId, data, () =>
    createBreakStore(data as NonNullable<typeof data>),
  );
  const shown = store !== null && moves.data !== undefined;
  // When it is shown and there is time: what works without the server has to be here before it is gone.
  useEffect(
    () =>
      shown
        ? whenIdle(() => {
            warmUp();
            void Promise.all([
              import('./Dialogs').then((m) => m.fetchDialogs()),
              import('./Findings'),
              import('./inspector/Inspector'),
              import('../../fields/ContextMenu'),
              import('../../fields/MenuButton'),
            ]);
          })
        : undefined,
    [shown],
  );
  if (!store || !moves.data)
    return (
      <Waiting error={error ?? moves.error} retry={() => void Promise.all([refetch(), moves.refetch()])} />
    );
  return (
    <Editor store={store} moves={moves.moves} own={moves.own} shelf={moves.shelf} approach={moves.approach} />
  );
};
