import { chainOf } from '@kotabi/core/edit';
import { isTwoWay, type MoveLookup, stepsOf } from '@kotabi/core/model';
import { SLOT_FIELD } from './Gauge';
import type { BreakState } from './store';
import type { Actions } from './useActions';

/** The dialogs of the sheet. */
export type Dialog = 'keys' | 'fit' | 'suggest' | 'swap' | 'versions';

/** One thing that can be done: with its key, its place in the menu, and when it is possible. */
export interface Command {
  id: string;
  group: 'Steps' | 'Order' | 'Put in' | 'Sides and series' | 'Dose' | 'More about the dose' | 'The break';
  label: string;
  /** As it is shown. */
  keys: string;
  /** As it is bound; by what is typed rather than by where the key lies when `typed` is set. */
  hot: string | string[];
  typed?: boolean;
  possible: (state: BreakState) => boolean;
  run: () => void;
}

interface Needs {
  actions: Actions;
  lookup: MoveLookup;
  undo: () => void;
  redo: () => void;
  open: (dialog: Dialog) => void;
  nextFinding: () => void;
}

/** Bound by what the key types, not by where it lies. */
const TYPED = true;

type Line = readonly [
  id: string,
  label: string,
  keys: string,
  hot: string | string[],
  possible: Command['possible'],
  run: () => void,
  typed?: boolean,
];
const of = (group: Command['group'], lines: readonly Line[]): Command[] =>
  lines.map(([id, label, keys, hot, possible, run, typed]) => ({
    id,
    group,
    label,
    keys,
    hot,
    possible,
    run,
    ...(typed && { typed }),
  }));

/** Puts the focus into a field, as soon as the panel it is in has come. */
const focusWhenThere = (id: string, tries = 60): void => {
  const field = document.getElementById(id);
  if (field) {
    field.focus();
    // What stands there is written over by what is typed.
    if (field instanceof HTMLInputElement) field.select();
  } else if (tries > 0) requestAnimationFrame(() => focusWhenThere(id, tries - 1));
};

/** Every command of the sheet, in the order of the menu. */
export const commandsOf = ({ actions: a, lookup, undo, redo, open, nextFinding }: Needs): Command[] => {
  const chosen = ({ selected }: BreakState): boolean => selected.length > 0;
  const several = ({ selected }: BreakState): boolean => selected.length > 1;
  const always = (): boolean => true;
  const any = ({ value: brk }: BreakState): boolean => brk.items.length > 0;
  const inSeries = ({ value: brk, selected }: BreakState): boolean =>
    chainOf(brk, selected.at(-1) ?? '') !== undefined;
  const twoSided = ({ value: brk, selected }: BreakState): boolean => {
    const step = stepsOf(brk).find((s) => s.id === selected.at(-1));
    const move = step && lookup(step.moveId);
    return move !== undefined && isTwoWay(move);
  };
  return [
    ...of('Steps', [
      ['undo', 'Undo', 'Ctrl Z', 'mod+z', (s) => s.undo.length > 0, undo],
      ['redo', 'Redo', 'Ctrl Shift Z', ['mod+shift+z', 'mod+y'], (s) => s.redo.length > 0, redo],
      ['all', 'Choose all steps', 'Ctrl A', 'mod+a', any, a.all],
      ['cut', 'Cut', 'Ctrl X', 'mod+x', chosen, a.cut],
      ['copy', 'Copy', 'Ctrl C', 'mod+c', chosen, a.copy],
      ['paste', 'Paste', 'Ctrl V', 'mod+v', always, a.paste],
      ['duplicate', 'Duplicate', 'D', 'd', chosen, a.duplicate],
      ['remove', 'Remove', 'Delete', ['delete', 'backspace'], chosen, a.remove],
    ]),
    ...of('Order', [
      ['up', 'Move up', 'Alt ↑', 'alt+up', chosen, () => a.move(-1)],
      ['down', 'Move down', 'Alt ↓', 'alt+down', chosen, () => a.move(1)],
      [
        'seriesUp',
        'Move the whole series up',
        'Alt Shift ↑',
        'alt+shift+up',
        inSeries,
        () => a.move(-1, true),
      ],
      [
        'seriesDown',
        'Move the whole series down',
        'Alt Shift ↓',
        'alt+shift+down',
        inSeries,
        () => a.move(1, true),
      ],
    ]),
    ...of('Put in', [
      ['add', 'Add a move: type, then Enter', 'A', 'a', always, () => focusWhenThere('find-move')],
      ['rest', 'Rest', 'R', 'r', always, () => a.addPause('pause-rest')],
      ['note', 'Spoken note', 'N', 'n', always, () => a.addPause('pause-note')],
      ['look', 'Look round the room', 'O', 'o', always, () => a.addPause('pause-look')],
      ['swap', 'Another move instead', 'S', 's', chosen, () => open('swap')],
    ]),
    ...of('Sides and series', [
      ['first', 'Start on the other side', 'F', 'f', chosen, a.swapFirst],
      ['split', 'Split into its two sides', 'X', 'x', twoSided, a.split],
      ['directions', 'Both ways, one way, the other', 'I', 'i', chosen, a.directions],
      ['chain', 'Make a series of the chosen steps', 'C', 'c', several, a.chain],
      ['unchain', 'Take the series apart', 'U', 'u', inSeries, a.unchain],
      ['turn', 'Series side by side, or link by link', 'T', 't', inSeries, a.turnChain],
      ['mirror', 'Mirror the whole break', 'M', 'm', any, a.mirror],
    ]),
    ...of('Dose', [
      ['more', 'More', '+', ['+', 'shift+=', '='], chosen, () => a.dose(1), TYPED],
      ['less', 'Less', '−', '-', chosen, () => a.dose(-1), TYPED],
      ['stronger', 'Stronger rung', ']', ']', chosen, () => a.rung(1), TYPED],
      ['easier', 'Easier rung', '[', '[', chosen, () => a.rung(-1), TYPED],
      ['moreSets', 'One set more', '.', '.', chosen, () => a.sets(1), TYPED],
      ['fewerSets', 'One set less', ',', ',', chosen, () => a.sets(-1), TYPED],
      ['whole', 'Whole breaths on or off', 'W', 'w', chosen, a.wholeBreaths],
      ['lock', 'Lock the dose', 'L', 'l', chosen, a.lock],
      ['keep', 'Always keep the step', 'K', 'k', chosen, a.keep],
    ]),
    ...of('More about the dose', [
      ['rangeMore', 'Up to more: a range', 'E', 'e', chosen, () => a.range(1)],
      ['rangeLess', 'Up to less', 'Shift E', 'shift+e', chosen, () => a.range(-1)],
      ['heldMore', 'Repetitions held longer', 'H', 'h', chosen, () => a.held(1)],
      ['heldLess', 'Repetitions held shorter', 'Shift H', 'shift+h', chosen, () => a.held(-1)],
      ['open', 'Hold until you go on', 'P', 'p', chosen, a.open],
      ['slower', 'Slower breath', 'B', 'b', chosen, () => a.breath(-1)],
      ['quicker', 'Quicker breath', 'Shift B', 'shift+b', chosen, () => a.breath(1)],
      ['oneByOne', 'All of one side first', 'Y', 'y', twoSided, a.oneByOne],
      ['turned', 'Link the other way round', 'Z', 'z', inSeries, a.turned],
      ['moreRounds', 'One round more', '>', '>', inSeries, () => a.rounds(1), TYPED],
      ['fewerRounds', 'One round less', '<', '<', inSeries, () => a.rounds(-1), TYPED],
    ]),
    ...of('The break', [
      ['slot', 'Change the slot', 'Shift S', 'shift+s', always, () => focusWhenThere(SLOT_FIELD)],
      ['fit', 'Fit to the slot', 'Shift F', 'shift+f', any, () => open('fit')],
      ['suggest', 'Suggest a break', 'G', 'g', always, () => open('suggest')],
      ['next', 'Next finding of the review', 'J', 'j', any, nextFinding],
      ['versions', 'Versions', 'V', 'v', always, () => open('versions')],
      ['keys', 'Show these keys', '?', '?', always, () => open('keys'), TYPED],
    ]),
  ];
};

/** The keys that choose, which are no commands of the menu. */
export const CHOOSING: readonly [keys: string, what: string][] = [
  ['↑ ↓', 'choose the step above or below'],
  ['Shift ↑ ↓', 'choose several'],
  ['Esc', 'choose nothing'],
];
