import { useEffect } from 'react';
import { useParams } from 'react-router';
import { useBreak, useMoves } from '../../api/queries';
import { useDocument } from '../../document/useDocument';
import { Waiting } from '../../shell/State';
import { whenIdle } from '../../shell/whenIdle';
import { Editor } from './Editor';
import { breakKind, createBreakStore } from './store';

/** Fetches parts before they are wanted. What is not there now is asked for again when it is. */
const fetchAhead = (parts: Promise<unknown>[]): void => {
  Promise.all(parts).catch((error: unknown) => console.error('A part of the sheet is not there yet', error));
};
/** What stands beside the sheet as soon as something is chosen. */
const fetchBeside = (): void => {
  fetchAhead([import('./Findings'), import('./inspector/Inspector')]);
};
/** What works without the server has to be here before it is gone. */
const fetchRest = (): void => {
  fetchAhead([
    import('../../workers/solving').then((m) => m.warmUp()),
    import('./Dialogs').then((m) => m.fetchDialogs()),
    import('../../fields/ContextMenu'),
    import('../../fields/MenuButton'),
  ]);
};
/** It costs a processor as much as the sheet itself: it must not hold up the first edits, nor be fetched for a short look. */
const REST_AFTER_MS = 10_000;

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
  useEffect(() => {
    if (!shown) return undefined;
    const callOff = [whenIdle(fetchBeside), whenIdle(fetchRest, REST_AFTER_MS)];
    return () => {
      for (const call of callOff) call();
    };
  }, [shown]);
  if (!store || !moves.data)
    return (
      <Waiting error={error ?? moves.error} retry={() => void Promise.all([refetch(), moves.refetch()])} />
    );
  return (
    <Editor store={store} moves={moves.moves} own={moves.own} shelf={moves.shelf} approach={moves.approach} />
  );
};
