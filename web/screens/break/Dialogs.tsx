import { stepAt } from '@kotabi/core/edit';
import { type Approach, approachOf, type Move, type MoveLookup, stepsOf } from '@kotabi/core/model';
import type { Audience } from '@kotabi/core/review';
import { useStore } from 'zustand';
import { useBreaks, useGroups } from '../../api/queries';
import { later } from '../../later/later';
import type { Command, Dialog } from './commands';
import type { BreakStore } from './store';
import type { Actions } from './useActions';

const FitDialog = later(async () => (await import('./dialogs/FitDialog')).FitDialog);
const SuggestDialog = later(async () => (await import('./dialogs/SuggestDialog')).SuggestDialog);
const SwapDialog = later(async () => (await import('./dialogs/SwapDialog')).SwapDialog);
const VersionsDialog = later(async () => (await import('./dialogs/VersionsDialog')).VersionsDialog);
const KeysHelp = later(async () => (await import('./KeysHelp')).KeysHelp);

/** Fetches every dialog, so that they open when the server is gone. */
export const fetchDialogs = (): Promise<unknown> =>
  Promise.all([FitDialog, SuggestDialog, SwapDialog, VersionsDialog, KeysHelp].map((one) => one.preload()));

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
