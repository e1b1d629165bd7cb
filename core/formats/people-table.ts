import Papa from 'papaparse';
import { Area, fieldProblems, Limit, Person, type PersonLimit, type TightArea } from '../model';
import { areaOf, limitOf } from './people-words';

/** What a column of a table of people can hold. */
export const PEOPLE_COLUMNS = ['name', 'tight', 'limits', 'note', 'consent'] as const;
export type PeopleColumn = (typeof PEOPLE_COLUMNS)[number];

/** A table as it was read: its head and its rows, all as text. */
export interface Table {
  head: string[];
  rows: string[][];
}

/** Words by which columns are recognised, in small letters. */
const KNOWN: Record<PeopleColumn, readonly string[]> = {
  name: ['name', 'person', 'who', 'initials', 'first name'],
  tight: ['tight', 'tight areas', 'feels tight', 'areas', 'tension'],
  limits: ['limits', 'limit', 'careful with', 'cautions', 'avoid'],
  note: ['note', 'notes', 'remark', 'comment'],
  consent: ['consent', 'agreed', 'agrees', 'ok to keep'],
};

/** Spreadsheets run cells that begin like this; a mark in front keeps them text. */
const FORMULA = /^'(?=[=+\-@\t\r])/;

/** A first line by which spreadsheets say what parts the cells. */
const SEPARATOR = /^sep=(.)\r?\n/i;

/**
 * Reads RFC 4180 text; commas, semicolons and tabs are recognised, and what a `sep=` line says is taken. Empty lines are
 * left out.
 */
export const readTable = (text: string): { ok: true; table: Table } | { ok: false; message: string } => {
  const plain = text.replace(/^\uFEFF/, '');
  const delimiter = SEPARATOR.exec(plain)?.[1] ?? '';
  const { data, errors } = Papa.parse<string[]>(plain.replace(SEPARATOR, ''), {
    skipEmptyLines: 'greedy',
    delimiter,
  });
  const broken = errors.find((e) => e.type === 'Quotes');
  if (broken) return { ok: false, message: `Line ${(broken.row ?? 0) + 1}: a quotation mark is not closed.` };
  const [head, ...rows] = data.map((row) => row.map((cell) => cell.trim().replace(FORMULA, '')));
  if (!head || head.every((h) => h === ''))
    return { ok: false, message: 'There is no line with column names.' };
  if (rows.length === 0) return { ok: false, message: 'There is no line below the column names.' };
  return { ok: true, table: { head, rows } };
};

/** Which column holds what, as far as the names of the columns tell. */
export const guessColumns = (head: readonly string[]): Partial<Record<PeopleColumn, number>> => {
  const found: Partial<Record<PeopleColumn, number>> = {};
  for (const column of PEOPLE_COLUMNS) {
    const at = head.findIndex((h) => KNOWN[column].includes(h.toLowerCase()));
    if (at >= 0) found[column] = at;
  }
  return found;
};

/** Names of columns that speak of what people have to be careful with, without being one that is known. */
const HEALTH =
  /limit|caution|care|avoid|pain|ache|injur|condition|health|medical|surg|operat|restrict|diagnos|pregnan|disab|illness|complain/i;

/**
 * Columns that look as if they held limits or tight areas, by their name or by what stands in them, and that nothing is
 * read from. They are never passed over without somebody having said so.
 */
export const unreadHealth = (
  { head, rows }: Table,
  columns: Partial<Record<PeopleColumn, number>>,
): number[] => {
  const read = new Set(Object.values(columns));
  const speaks = (at: number): boolean =>
    rows.some((row) =>
      list(row[at] ?? '').some((one) => {
        const { what } = withSide(one);
        return limitOf(what) !== undefined || areaOf(what) !== undefined;
      }),
    );
  return head.map((_, at) => at).filter((at) => !read.has(at) && (HEALTH.test(head[at] ?? '') || speaks(at)));
};

/** What is wrong with one cell. */
export interface CellProblem {
  column: PeopleColumn;
  message: string;
  value: string;
}
/** What stands between two entries of a cell; what stands in brackets belongs to the entry before it. */
const BETWEEN = /(?:[;/|,&+\n]|\band\b)(?![^(]*\))/i;
/** How people write that there is nothing. */
const NOTHING: readonly string[] = ['none', 'nothing', 'no', '-', '–', '—'];

/** One row of the table, read or not. */
export type ReadRow =
  | { line: number; ok: true; person: Person }
  | { line: number; ok: false; name: string; problems: CellProblem[] };

const list = (cell: string): string[] =>
  cell
    .replaceAll(/\bn\/a\b/gi, '')
    .split(BETWEEN)
    .map((s) => s.trim().toLowerCase())
    .filter((s) => s !== '' && !NOTHING.includes(s));

type SideOrBoth = 'left' | 'right' | 'both';

/** Takes a side off either end of an entry: `left shoulder`, `shoulder left`, `shoulder (left)`. */
const withSide = (entry: string): { what: string; side?: SideOrBoth } => {
  const found = /\b(left|right|both)\b/.exec(entry);
  const what = entry
    .replace(/\(?\b(left|right|both)( sides?)?\b\)?/, '')
    .replace(/\s+/g, ' ')
    .trim();
  return found ? { what, side: found[1] as SideOrBoth } : { what };
};

/** Behind a limit, in brackets: a doctor has said to leave it alone. */
const STOPPED = 'stopped by a doctor';

const YES = ['yes', 'y', 'true', '1', 'agreed', 'x'];
const NO = ['no', 'n', 'false', '0', ''];

/** Reads rows as people of a group. Each row stands for itself; a wrong one names its cell, and nothing is guessed. */
export const rowsToPeople = (
  { rows }: Table,
  columns: Partial<Record<PeopleColumn, number>>,
  groupId: string,
  newId: () => string,
): ReadRow[] =>
  rows.map((row, i): ReadRow => {
    const line = i + 2;
    const cell = (column: PeopleColumn): string => {
      const at = columns[column];
      return at === undefined ? '' : (row[at] ?? '');
    };
    const problems: CellProblem[] = [];
    const bad = (column: PeopleColumn, message: string, value = cell(column)): void => {
      problems.push({ column, message, value });
    };
    const tight = list(cell('tight')).flatMap((entry): TightArea[] => {
      const { what, side = 'both' } = withSide(entry);
      const area = areaOf(what);
      if (area) return [{ area, side }];
      bad(
        'tight',
        `“${what}” is not an area; areas are ${Area.options.filter((a) => a !== 'breath').join(', ')}`,
        entry,
      );
      return [];
    });
    const limits = list(cell('limits')).flatMap((entry): PersonLimit[] => {
      const [, said = entry, more] = /^(.*?)\s*\((?!left|right|both)([^)]*)\)$/.exec(entry) ?? [];
      const { what, side } = withSide(said);
      const limit = limitOf(what);
      const at = limit === 'recent surgery' && more ? areaOf(more) : undefined;
      if (!limit) bad('limits', `“${what}” is not a limit; limits are ${Limit.options.join(', ')}`, entry);
      else if (more && more !== STOPPED && !at)
        bad(
          'limits',
          `“${more}” is not known; after a limit in brackets stands “${STOPPED}”, after a surgery its area`,
          entry,
        );
      else
        return [
          { limit, ...(side && { side }), ...(more === STOPPED && { stopped: true }), ...(at && { at }) },
        ];
      return [];
    });
    const said = cell('consent').toLowerCase();
    if (!YES.includes(said) && !NO.includes(said)) bad('consent', 'must be yes or no');
    const consent = YES.includes(said);
    const parsed = Person.safeParse({
      id: newId(),
      groupId,
      name: cell('name'),
      tight,
      limits,
      note: cell('note'),
      consent,
    });
    if (!parsed.success)
      for (const { path, message } of fieldProblems(parsed.error, { name: cell('name') })) {
        const column = PEOPLE_COLUMNS.find((c) => path.startsWith(c)) ?? 'name';
        bad(column, message);
      }
    return problems.length === 0 && parsed.success
      ? { line, ok: true, person: parsed.data }
      : { line, ok: false, name: cell('name'), problems };
  });

/** The table with another text in one cell; `line` as in `ReadRow`. */
export const withCell = ({ head, rows }: Table, line: number, at: number, text: string): Table => ({
  head,
  rows: rows.map((row, i) =>
    i === line - 2
      ? Array.from({ length: Math.max(row.length, at + 1) }, (_, c) => (c === at ? text : (row[c] ?? '')))
      : row,
  ),
});

/** A table to fill in: the names of the columns, and two lines that show how. */
export const peopleTemplate = (): string =>
  peopleToCsv([
    Person.parse({
      id: 'a',
      groupId: 'a',
      name: 'Example: delete this line',
      tight: [
        { area: 'neck', side: 'right' },
        { area: 'forearm', side: 'both' },
      ],
      limits: [{ limit: 'shoulder', side: 'left' }, { limit: 'low back' }],
      note: 'sits by the window',
      consent: true,
    }),
    Person.parse({ id: 'b', groupId: 'a', name: 'Example: nothing to note, delete this line too' }),
  ]);

const entry = (what: string, side: SideOrBoth | undefined): string =>
  side === undefined || side === 'both' ? what : `${what} ${side}`;

const limitEntry = ({ limit, side, stopped, at }: PersonLimit): string =>
  [entry(limit, side), at ? `(${at})` : stopped && `(${STOPPED})`].filter(Boolean).join(' ');

/** People as a table (RFC 4180: commas, CRLF, quoted where needed). What it writes it reads again. */
export const peopleToCsv = (people: readonly Person[]): string =>
  `${Papa.unparse(
    {
      fields: [...PEOPLE_COLUMNS],
      data: people.map(({ name, tight, limits, note, consent }) => [
        name,
        tight.map((t) => entry(t.area, t.side)).join('; '),
        limits.map(limitEntry).join('; '),
        note,
        consent ? 'yes' : 'no',
      ]),
    },
    { newline: '\r\n', escapeFormulae: true },
  )}\r\n`;
