import { z } from 'zod';
import {
  Approach,
  Break,
  CalendarSource,
  Group,
  KeptApproach,
  Measure,
  Move,
  Person,
  Session,
  Week,
} from '../model';
import { type PlacedProblem, readJson } from './json-text';

/** Version of the archive this program writes; it reads this one and every earlier one. */
export const ARCHIVE_VERSION = 1;

/** All the work of one instructor in one file, by the same shapes as everything that is kept. */
export const Archive = z.object({
  format: z.literal('kotabi-archive'),
  version: z.int().min(1).max(ARCHIVE_VERSION),
  writtenAt: z.iso.datetime(),
  approach: Approach.nullable().default(null),
  schools: KeptApproach.shape.schools,
  favourites: KeptApproach.shape.favourites,
  groups: z.array(Group).max(2000),
  people: z.array(Person).max(50_000),
  moves: z.array(Move).max(5000),
  breaks: z.array(Break).max(20_000),
  /** Breaks that were deleted: records of what was led name them. */
  deletedBreaks: z.array(Break).max(20_000).default([]),
  weeks: z.array(Week).max(50_000),
  calendars: z.array(CalendarSource).max(5000),
  sessions: z.array(Session).max(100_000),
  /** What was measured of groups and people. */
  measures: z.array(Measure).max(100_000).default([]),
});
export type Archive = z.infer<typeof Archive>;

/** The kinds of things in an archive, each after those that it points to. */
export const ARCHIVED = [
  'moves',
  'groups',
  'people',
  'breaks',
  'deletedBreaks',
  'weeks',
  'calendars',
  'sessions',
  'measures',
] as const;
export type Archived = (typeof ARCHIVED)[number];

/** Everything as text, indented so that people can read it. */
export const writeArchive = (archive: Omit<Archive, 'format' | 'version'>): string =>
  `${JSON.stringify({ format: 'kotabi-archive', version: ARCHIVE_VERSION, ...archive }, null, 2)}\n`;

/** Reads an archive. Anything wrong is named with its place in the text. */
export const readArchive = (
  text: string,
): { ok: true; archive: Archive } | { ok: false; problems: PlacedProblem[] } => {
  const read = readJson(text, Archive, 'kotabi-archive', 'this is not an archive');
  return read.ok ? { ok: true, archive: read.value } : read;
};

/** What is here already under the ids that an archive has. */
export interface Here {
  /** Ids that are taken here, whoever has them. */
  taken: (kind: Archived, id: string) => boolean;
  /** What one has oneself under such an id. */
  own: (kind: Archived, id: string) => unknown;
  /** Whether a group, or a person of it, has a week there already: there is one at a time. */
  weekTaken: (week: Week) => boolean;
}

/** What is to be made of an archive here. */
export type Adopted = Pick<Archive, Archived> & {
  /** So many are here already, word for word. */
  known: number;
  /** So many come in beside something else of the same id: as new ones. */
  beside: number;
  /** So many weeks are left out, since another one is planned in their place here. */
  left: number;
};

/** The fields that hold the id of something else. */
const POINTS: Record<string, readonly Archived[]> = {
  groupId: ['groups'],
  personId: ['people'],
  breakId: ['breaks', 'deletedBreaks'],
  moveId: ['moves'],
  sessionId: ['sessions'],
};

const sorted = (value: unknown): unknown => {
  if (Array.isArray(value)) return value.map(sorted);
  if (value === null || typeof value !== 'object') return value;
  const entries = Object.entries(value).filter(([, own]) => own !== undefined);
  return Object.fromEntries(
    entries.sort(([a], [b]) => (a < b ? -1 : 1)).map(([key, own]) => [key, sorted(own)]),
  );
};
const same = (a: unknown, b: unknown): boolean => JSON.stringify(sorted(a)) === JSON.stringify(sorted(b));

/**
 * What an archive brings to a place where something is already. What is here word for word is not taken twice; what is
 * here under the same id but reads differently comes in beside it under a new id, and everything of the archive that
 * points to it points to the new one.
 */
export const adoptArchive = (archive: Archive, here: Here, newId: () => string): Adopted => {
  const moved = new Map<string, string>();
  const pointing = (value: unknown, key = ''): unknown => {
    if (typeof value === 'string') {
      const to = POINTS[key]?.map((kind) => moved.get(`${kind} ${value}`)).find(Boolean);
      return to ?? value;
    }
    if (Array.isArray(value)) return value.map((one) => pointing(one, key));
    if (value === null || typeof value !== 'object') return value;
    return Object.fromEntries(Object.entries(value).map(([name, own]) => [name, pointing(own, name)]));
  };
  let known = 0;
  let beside = 0;
  let left = 0;
  const bring = <T extends { id: string }>(kind: Archived, things: readonly T[]): T[] => {
    const brought = new Set<string>();
    return things.flatMap((thing): T[] => {
      const value = pointing(thing) as T;
      const free = !brought.has(value.id) && !here.taken(kind, value.id);
      brought.add(value.id);
      if (free && !(kind === 'weeks' && here.weekTaken(value as unknown as Week))) return [value];
      const own = here.own(kind, value.id);
      if (own !== undefined && same(own, value)) {
        known++;
        return [];
      }
      if (kind === 'weeks' && here.weekTaken(value as unknown as Week)) {
        left++;
        return [];
      }
      beside++;
      const id = newId();
      moved.set(`${kind} ${value.id}`, id);
      return [{ ...value, id }];
    });
  };
  const adopted = {
    moves: bring('moves', archive.moves),
    groups: bring('groups', archive.groups),
    people: bring('people', archive.people),
    breaks: bring('breaks', archive.breaks),
    deletedBreaks: bring('deletedBreaks', archive.deletedBreaks),
    weeks: bring('weeks', archive.weeks),
    calendars: bring('calendars', archive.calendars),
    sessions: bring('sessions', archive.sessions),
    measures: bring('measures', archive.measures),
  };
  return { ...adopted, known, beside, left };
};

/** JSON Schema of the archive, made from the one source of its shape. */
export const archiveJsonSchema = (): unknown => ({
  ...z.toJSONSchema(Archive, { io: 'input', target: 'draft-2020-12', unrepresentable: 'any' }),
  title: `Kotabi archive, version ${ARCHIVE_VERSION}`,
});
