/** A screen: where it is, the file it is in, and what it asks the server for at once. */
export interface ScreenRow {
  path: string;
  /** The file in this folder; the screen has the name of its file. */
  file: string;
  /** Addresses, with names of the path in them; `library` is the library of moves. */
  reads: readonly string[];
}

/** The library of moves among what a screen reads: its address is only known when it is built. */
export const LIBRARY = 'library';
const MOVES = ['/api/moves', '/api/approach/approach', LIBRARY];

const screen = (path: string, file: string, reads: readonly string[] = []): ScreenRow => ({
  path,
  file,
  reads,
});

/**
 * Every screen of the interface but leading, which has a page of its own; each is loaded when it is opened. What is
 * named outright comes before what only has the same shape.
 */
export const table: readonly ScreenRow[] = [
  screen('/today', 'today/TodayScreen', ['/api/groups', '/api/breaks', ...MOVES]),
  screen('/people', 'people/PeopleScreen', ['/api/groups']),
  screen('/people/:groupId', 'people/PeopleScreen', ['/api/groups']),
  screen('/people/:groupId/needs', 'people/NeedsScreen', ['/api/groups']),
  screen('/moves', 'moves/MovesScreen', MOVES),
  screen('/moves/new', 'moves/edit/EditScreen', MOVES),
  screen('/moves/:moveId', 'moves/MoveScreen', MOVES),
  screen('/moves/:moveId/edit', 'moves/edit/EditScreen', MOVES),
  screen('/approach', 'approach/ApproachScreen', MOVES),
  screen('/head-load', 'headload/HeadLoadScreen'),
  screen('/numbers', 'numbers/NumbersScreen'),
  screen('/breaks', 'breaks/BreaksScreen', ['/api/breaks', '/api/groups', ...MOVES]),
  screen('/breaks/:breakId', 'break/BreakScreen', ['/api/breaks/:breakId', ...MOVES]),
  screen('/week', 'week/WeekScreen', ['/api/groups', '/api/breaks', ...MOVES]),
  screen('/week/:groupId/:startDate', 'week/WeekScreen', ['/api/groups', '/api/breaks', ...MOVES]),
  screen('/week/:groupId/:startDate/compare', 'compare/CompareScreen'),
  screen('/week/:groupId/:startDate/led', 'gather/GatherScreen'),
  screen('/weeks', 'office/OfficeScreen', ['/api/groups', '/api/breaks', ...MOVES]),
  screen('/weeks/:startDate', 'office/OfficeScreen', ['/api/groups', '/api/breaks', ...MOVES]),
  screen('/print/week/:groupId/:startDate', 'print/PrintScreen'),
  screen('/print/break/:breakId', 'print/ScriptScreen', ['/api/breaks/:breakId', ...MOVES]),
  screen('/data', 'data/DataScreen', ['/api/me', '/api/unreadable']),
  screen('/account', 'account/AccountScreen', ['/api/me']),
  screen('/accounts', 'accounts/AccountsScreen', ['/api/me', '/api/accounts']),
  screen('/deeds', 'deeds/DeedsScreen', ['/api/me', '/api/deeds']),
  screen('/outbox', 'outbox/OutboxScreen'),
  screen('/lead', 'choose/ChooseScreen', ['/api/breaks']),
  screen('/log', 'log/LogScreen', ['/api/groups']),
  screen('/log/new', 'log/NewRecordScreen', ['/api/breaks', '/api/groups', ...MOVES]),
  screen('/log/:sessionId', 'log/SessionScreen'),
  screen('/measure/:groupId', 'measure/MeasureScreen', ['/api/groups', ...MOVES]),
  screen('/trends/:groupId', 'trends/TrendsScreen', ['/api/groups']),
  screen('/print/month/:groupId/:month', 'trends/MonthScreen', ['/api/groups']),
];

/** What a screen at an address reads first, with the parts of the address in place. */
export interface Here {
  row: ScreenRow;
  reads: readonly string[];
}

/** The screen at an address; null where there is none. */
export const screenAt = (pathname: string): Here | null => {
  const parts = pathname.split('/').filter(Boolean);
  for (const row of table) {
    const pattern = row.path.split('/').filter(Boolean);
    const given = new Map<string, string>();
    const fits =
      pattern.length === parts.length &&
      pattern.every((p, i) => (p.startsWith(':') ? Boolean(given.set(p, parts[i] ?? '')) : p === parts[i]));
    if (fits)
      return {
        row,
        reads: row.reads.map((read) => read.replace(/:\w+/g, (name) => given.get(name) ?? name)),
      };
  }
  return null;
};
