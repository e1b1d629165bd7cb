import { App } from 'antd';
import { useEffect, useState } from 'react';
import { useParams } from 'react-router';
import { messageOf } from '../../api/client';
import { put, queryClient, useBreak, useMoves } from '../../api/queries';
import { Waiting } from '../../shell/State';
import { warmUp } from '../../workers/solving';
import { autosave } from './autosave';
import { Editor } from './Editor';
import { type BreakStore, createBreakStore } from './store';
import { bringBackHeld, forgetHeld, holdUnsaved } from './unsaved';

/** Opens a break to work on: one store for as long as it is open, saved as it changes. */
export const BreakScreen = () => {
  const { breakId = '' } = useParams();
  return <OpenBreak key={breakId} breakId={breakId} />;
};

const OpenBreak = ({ breakId }: { breakId: string }) => {
  const { data, error, refetch } = useBreak(breakId);
  const moves = useMoves();
  const [store, setStore] = useState<BreakStore | null>(null);
  const { message } = App.useApp();

  useEffect(() => {
    if (data) setStore((held) => held ?? createBreakStore(data));
  }, [data]);

  useEffect(warmUp, []);

  useEffect(() => {
    if (!store) return;
    const stop = autosave(store, (change, keepalive) => put('breaks', change, keepalive));
    const letGo = holdUnsaved(store);
    if (bringBackHeld(store)) void message.info('What had not reached the server the last time is back.', 6);
    const warn = (event: BeforeUnloadEvent): void => {
      if (store.getState().save.at !== 'saved') event.preventDefault();
    };
    window.addEventListener('beforeunload', warn);
    return () => {
      window.removeEventListener('beforeunload', warn);
      letGo();
      stop()
        .then(() => forgetHeld(store.getState().brk.id))
        .catch((failure: unknown) =>
          message.error(
            `The last changes of “${store.getState().brk.name}” could not be saved. ${messageOf(failure)}`,
            8,
          ),
        )
        .finally(() => queryClient.invalidateQueries({ queryKey: ['breaks'], exact: true }));
    };
  }, [store, message]);

  if (!store || !moves.data)
    return (
      <Waiting error={error ?? moves.error} retry={() => void Promise.all([refetch(), moves.refetch()])} />
    );
  return (
    <Editor
      store={store}
      moves={moves.moves}
      own={moves.own}
      lookup={moves.lookup}
      approach={moves.approach}
    />
  );
};
