import { stepAt } from '@kotabi/core/edit';
import { type Approach, approachOf, type Move, type MoveLookup, stepsOf } from '@kotabi/core/model';
import type { Audience } from '@kotabi/core/review';
import { lazy } from 'react';
import { useStore } from 'zustand';
import { useBreaks, useGroups } from '../../api/queries';
import type { Command, Dialog } from './commands';
import type { BreakStore } from './store';
import type { Actions } from './useActions';

const parts = {
  fitDialog: () => import('./dialogs/FitDialog').then((m) => ({ default: m.FitDialog })),
  suggestDialog: () => import('./dialogs/SuggestDialog').then((m) => ({ default: m.SuggestDialog })),
  swapDialog: () => import('./dialogs/SwapDialog').then((m) => ({ default: m.SwapDialog })),
  versionsDialog: () => import('./dialogs/VersionsDialog').then((m) => ({ default: m.VersionsDialog })),
  keysHelp: () => import('./KeysHelp').then((m) => ({ default: m.KeysHelp })),
};
/** Fetches every dialog, so that they open when the server is gone. */
export const fetchDialogs = (): Promise<unknown> => Promise.all(Object.values(parts).map((load) => load()));

const FitDialog = lazy(parts.fitDialog);
const SuggestDialog = lazy(parts.suggestDialog);
const SwapDialog = lazy(parts.swapDialog);
const VersionsDialog = lazy(parts.versionsDialog);
const KeysHelp = lazy(parts.keysHelp);

interface Props {
  dialog: Dialog | null;
  close: () => void;
  store: BreakStore;
  actions: Actions;
  commands: readonly Command[];
  moves: readonly Move[];
  own: readonly Move[];
  lookup: MoveLookup;
  /** The instructor's own. */
  approach: Approach;
  audience: Audience | null;
}

/** Moves of the newest other break of the same group: what was done the last time. */
const useLately = (breakId: string, groupId: string | null): string[] =>
  (useBreaks().data ?? [])
    .filter((b) => b.value.id !== breakId && b.value.groupId === groupId && !b.value.formOf)
    .sort((a, b) => (a.updatedAt < b.updatedAt ? 1 : -1))
    .slice(0, 1)
    .flatMap((b) => stepsOf(b.value).map((s) => s.moveId));

/** The dialog that is open, if one is. */
export const Dialogs = ({ dialog, close, store, actions, commands, moves, own, ...p }: Props) => {
  const { value: brk, selected, replace } = useStore(store);
  const { lookup, approach, audience } = p;
  const lately = useLately(brk.id, brk.groupId);
  const group = useGroups().data?.find((g) => g.value.id === brk.groupId)?.value;
  const step = stepAt(brk, selected.at(-1) ?? '');
  const about = { brk, lookup, approach, close };
  return (
    <>
      {dialog === 'keys' && <KeysHelp commands={commands} open close={close} />}
      {dialog === 'fit' && (
        <FitDialog {...about} own={own} apply={(next) => replace('fit to the slot', () => next)} />
      )}
      {dialog === 'swap' && step && (
        <SwapDialog
          {...about}
          step={step}
          moves={moves}
          audience={audience}
          take={(move) => actions.swap(step.id, move)}
        />
      )}
      {dialog === 'versions' && (
        <VersionsDialog
          {...about}
          bringBack={(version, value) => replace(`bring back version ${version}`, () => value)}
        />
      )}
      {dialog === 'suggest' && (
        <SuggestDialog
          {...about}
          approach={approachOf(approach, brk.approach)}
          moves={moves}
          own={own}
          audience={audience}
          groupName={group?.name ?? null}
          lately={lately}
          take={({ brk: suggested }) => actions.takeSuggestion(suggested)}
        />
      )}
    </>
  );
};
