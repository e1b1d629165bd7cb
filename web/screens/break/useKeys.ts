import { type Options, useHotkeys } from 'react-hotkeys-hook';
import type { BreakStore } from './store';
import type { Actions } from './useActions';

/** The keys of the sheet, as they are listed on `?`. */
export const keyList: [keys: string, what: string][] = [
  ['↑ ↓', 'choose the step above or below'],
  ['Shift ↑ ↓', 'choose several'],
  ['Alt ↑ ↓', 'move the step (a link within its series)'],
  ['Alt Shift ↑ ↓', 'move the whole series'],
  ['A', 'add a move: type, then Enter'],
  ['+ −', 'more or less of the dose'],
  ['F', 'start on the other side'],
  ['C', 'make the chosen steps a series'],
  ['U', 'take the series apart'],
  ['D', 'duplicate the step'],
  ['Delete', 'remove the chosen steps'],
  ['Ctrl Z', 'undo'],
  ['Ctrl Shift Z', 'redo'],
  ['Esc', 'choose nothing'],
  ['?', 'show these keys'],
];

/** Binds the keys; they rest while something is typed into a field or a dialog is open. */
export const useKeys = (store: BreakStore, actions: Actions, help: () => void): void => {
  const on: Options = {
    // A row of the sheet is no field: keys work while it has the focus.
    enableOnFormTags: ['option'],
    preventDefault: true,
    ignoreEventWhen: () => document.querySelector('.ant-modal-wrap') !== null,
  };
  useHotkeys('up', () => actions.step(-1, false), on);
  useHotkeys('down', () => actions.step(1, false), on);
  useHotkeys('shift+up', () => actions.step(-1, true), on);
  useHotkeys('shift+down', () => actions.step(1, true), on);
  useHotkeys('alt+up', () => actions.move(-1), on);
  useHotkeys('alt+down', () => actions.move(1), on);
  useHotkeys('alt+shift+up', () => actions.move(-1, true), on);
  useHotkeys('alt+shift+down', () => actions.move(1, true), on);
  useHotkeys('a', () => document.getElementById('find-move')?.focus(), on);
  // `+` is Shift `=` on many keyboards; both are taken, as is the number pad.
  useHotkeys(['+', 'shift+=', '='], () => actions.dose(1), { ...on, useKey: true, splitKey: '&' });
  useHotkeys('-', () => actions.dose(-1), { ...on, useKey: true, splitKey: '&' });
  useHotkeys('f', actions.swapFirst, on);
  useHotkeys('c', actions.chain, on);
  useHotkeys('u', actions.unchain, on);
  useHotkeys('d', actions.duplicate, on);
  useHotkeys(['delete', 'backspace'], actions.remove, on);
  useHotkeys('mod+z', () => store.getState().undoEdit(), on);
  useHotkeys(['mod+shift+z', 'mod+y'], () => store.getState().redoEdit(), on);
  useHotkeys('escape', () => store.getState().select([]), { ...on, preventDefault: false });
  useHotkeys('?', help, { ...on, useKey: true });
};
