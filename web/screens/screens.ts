import library from '@kotabi/core/library.json?url';
import type { ComponentType } from 'react';

/** A screen: where it is, its code, and what it asks the server for at once. */
export interface Screen {
  path: string;
  load: () => Promise<ComponentType>;
  /** Addresses, with the path's parameters in place. */
  reads: readonly string[];
}

const screen = <Name extends string>(
  path: string,
  load: () => Promise<Record<Name, ComponentType>>,
  name: Name,
  reads: readonly string[] = [],
): Screen => ({ path, load: async () => (await load())[name], reads });

const MOVES = ['/api/moves', '/api/approach/approach', library];
const people = () => import('./people/PeopleScreen');
const week = () => import('./week/WeekScreen');
const edit = () => import('./moves/edit/EditScreen');

/** Every screen of the interface but leading, which has a page of its own; each is loaded when it is opened. */
export const screens: readonly Screen[] = [
  screen('/people', people, 'PeopleScreen', ['/api/groups']),
  screen('/people/:groupId', people, 'PeopleScreen', ['/api/groups']),
  screen('/people/:groupId/needs', () => import('./people/NeedsScreen'), 'NeedsScreen', ['/api/groups']),
  screen('/moves', () => import('./moves/MovesScreen'), 'MovesScreen', MOVES),
  screen('/moves/new', edit, 'EditScreen', MOVES),
  screen('/moves/:moveId', () => import('./moves/MoveScreen'), 'MoveScreen', MOVES),
  screen('/moves/:moveId/edit', edit, 'EditScreen', MOVES),
  screen('/approach', () => import('./approach/ApproachScreen'), 'ApproachScreen', MOVES),
  screen('/head-load', () => import('./headload/HeadLoadScreen'), 'HeadLoadScreen'),
  screen('/numbers', () => import('./numbers/NumbersScreen'), 'NumbersScreen'),
  screen('/breaks', () => import('./breaks/BreaksScreen'), 'BreaksScreen', [
    '/api/breaks',
    '/api/groups',
    ...MOVES,
  ]),
  screen('/breaks/:breakId', () => import('./break/BreakScreen'), 'BreakScreen', [
    '/api/breaks/:breakId',
    ...MOVES,
  ]),
  screen('/week', week, 'WeekScreen', ['/api/groups']),
  screen('/week/:groupId/:startDate', week, 'WeekScreen', ['/api/groups']),
  screen('/week/:groupId/:startDate/compare', () => import('./compare/CompareScreen'), 'CompareScreen'),
  screen('/week/:groupId/:startDate/led', () => import('./gather/GatherScreen'), 'GatherScreen'),
  screen('/print/week/:groupId/:startDate', () => import('./print/PrintScreen'), 'PrintScreen'),
  screen('/outbox', () => import('./outbox/OutboxScreen'), 'OutboxScreen'),
  screen('/lead', () => import('./choose/ChooseScreen'), 'ChooseScreen', ['/api/breaks']),
  screen('/log', () => import('./log/LogScreen'), 'LogScreen', ['/api/sessions', '/api/groups']),
  screen('/log/:sessionId', () => import('./log/SessionScreen'), 'SessionScreen'),
];

/** The screen at an address and what it reads first; null where there is none. */
export const screenAt = (pathname: string): Screen | null => {
  const parts = pathname.split('/').filter(Boolean);
  for (const one of screens) {
    const pattern = one.path.split('/').filter(Boolean);
    if (pattern.length !== parts.length) continue;
    const given = new Map<string, string>();
    const fits = pattern.every((p, i) =>
      p.startsWith(':') ? Boolean(given.set(p, parts[i] ?? '')) : p === parts[i],
    );
    // What is named outright comes before what only has the same length.
    if (!fits || screens.some((s) => s !== one && s.path === `/${parts.join('/')}`)) continue;
    const filled = (address: string): string => address.replace(/:\w+/g, (name) => given.get(name) ?? name);
    return { ...one, reads: one.reads.map(filled) };
  }
  return null;
};
