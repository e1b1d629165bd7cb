import { memo } from 'react';
import { type Options, useHotkeys } from 'react-hotkeys-hook';
import type { Command } from './commands';
import type { BreakStore } from './store';
import type { Actions } from './useActions';

/** True when something of this class is on the page and shown: what was closed stays there, hidden. */
const isOpen = (selector: string): boolean =>
  [...document.querySelectorAll<HTMLElement>(selector)].some(
    (el) => el.offsetParent !== null || el.getClientRects().length > 0,
  );

/** Keys rest while something is typed into a field or a dialog is open. */
const on: Options = {
  // A row of the sheet is no field: keys work while it has the focus.
  enableOnFormTags: ['option'],
  preventDefault: true,
  ignoreEventWhen: () => isOpen('.ant-modal-wrap') || isOpen('.ant-dropdown'),
};

const Hotkey = ({ command, store }: { command: Command; store: BreakStore }) => {
  useHotkeys(
    command.hot,
    () => {
      if (command.possible(store.getState())) command.run();
    },
    // `+` is Shift `=` on many keyboards: such keys are taken by what they type, and `+`, `,` and `>` part nothing.
    command.typed ? { ...on, useKey: true, splitKey: '&', delimiter: '|', sequenceSplitKey: '~' } : on,
    [command],
  );
  return null;
};

const Choosing = ({ actions, store }: { actions: Actions; store: BreakStore }) => {
  useHotkeys('up', () => actions.step(-1, false), on);
  useHotkeys('down', () => actions.step(1, false), on);
  useHotkeys('shift+up', () => actions.step(-1, true), on);
  useHotkeys('shift+down', () => actions.step(1, true), on);
  useHotkeys('escape', () => store.getState().select([]), { ...on, preventDefault: false });
  return null;
};

/** Binds every command to its key, and the keys that choose: anew when what they do has changed, not with each row. */
export const Hotkeys = memo((p: { commands: readonly Command[]; actions: Actions; store: BreakStore }) => (
  <>
    <Choosing actions={p.actions} store={p.store} />
    {p.commands.map((command) => (
      <Hotkey key={command.id} command={command} store={p.store} />
    ))}
  </>
));
