import { ROLE_WORDS } from '../../../words/roles';

/** What each part of a move is called in the form. */
export const FIELDS: Readonly<Record<string, string>> = {
  name: 'Name',
  otherNames: 'Other names',
  kind: 'Kind',
  purpose: 'What it is for',
  region: 'Shelf',
  areas: 'Areas, the main one first',
  muscles: 'Muscles it moves, the main one first',
  holding: 'Muscles that hold still',
  position: 'Position',
  alsoIn: 'Possible in as well',
  things: 'Things needed',
  space: 'Room',
  asks: 'Asks of body or seat, beyond what the figure shows',
  instead: 'To do instead, the nearest first',
  balancedBy: 'Balanced by',
  discreet: 'Unnoticed',
  returnSec: 'Seconds to come back (empty: as the pace)',
  onlyWhenAsked: 'Offered',
  ways: 'Sides',
  dose: 'Least, usual, most',
  breath: 'On the way out, breathe',
  rungs: 'Rungs',
  usualRung: 'Usual rung',
  figure: 'Figure',
  cues: 'Words',
  cautions: 'Take care, one a line',
};

const wordField = (key = ''): string | undefined => (ROLE_WORDS as Record<string, string>)[key];

/** Where a problem of a move lies, as the form calls it: “rungs.1.say” is the set-up of its second rung. */
export const whereInForm = (path: string, rungs: readonly { name: string }[]): string => {
  const [first = '', at = '', key] = path.split('.');
  const field = FIELDS[first] ?? 'This move';
  if (first === 'cues') return wordField(at) ?? field;
  if (first !== 'rungs' || at === '') return field;
  const name = rungs[Number(at)]?.name;
  const rung = `Rung ${Number(at) + 1}${name ? ` “${name}”` : ''}`;
  const inside =
    wordField(key) ?? (key === undefined ? undefined : key === 'figure' ? 'Figure' : FIELDS[key]);
  return inside ? `${rung}, ${inside}` : rung;
};
