import { type Archive, type Archived, adoptArchive, writeArchive } from '@kotabi/core/formats';
import type { ArchiveOpened, Break, Week } from '@kotabi/core/model';
import { and, isNotNull } from 'drizzle-orm';
import express, { type Express } from 'express';
import { nanoid } from 'nanoid';
import { actor } from '../access/actor';
import type { Context } from '../context';
import {
  breaks,
  breakVersions,
  calendars,
  groups,
  measures,
  moves,
  people,
  sessions,
  settings,
  weeks,
} from '../db/schema';
import type { Row, Store } from '../db/store';
import { invalid } from '../errors';
import { ARCHIVE_LIMIT } from './limits';
import { route } from './route';
import { sendFile } from './send-file';

/** Reads an archive as text before anything else looks at the body: it may be larger than other bodies. */
export const archiveBodies = (app: Express): void => {
  app.use('/api/archive/open', express.text({ type: () => true, limit: ARCHIVE_LIMIT }));
};

/** All the work of one instructor as one file, and such a file brought in. */
export const archiveRoutes = (app: Express, ctx: Context): void => {
  const mine = async <T extends { id: string }>(store: Store<T>): Promise<T[]> =>
    (await store.list(store.allowed('own'))).map((kept) => kept.value);
  const deleted = async (): Promise<Break[]> => {
    const rows = await ctx.db
      .select()
      .from(breaks)
      .where(and(isNotNull(breaks.deletedAt), ctx.breaks.allowed('own')));
    return rows.map((row) => ctx.breaks.read(row as Row).value);
  };

  const everything = async (): Promise<Omit<Archive, 'format' | 'version'>> => {
    const own = await mine(ctx.groups);
    const kept = (await ctx.settings.get('approach'))?.value ?? null;
    const inOwn = (one: { groupId: string }): boolean => own.some((g) => g.id === one.groupId);
    return {
      writtenAt: ctx.now().toISOString(),
      approach: kept?.approach ?? null,
      schools: kept?.schools ?? [],
      favourites: kept?.favourites ?? [],
      groups: own,
      people: (await mine(ctx.people)).filter(inOwn),
      moves: await mine(ctx.moves),
      breaks: await mine(ctx.breaks),
      deletedBreaks: await deleted(),
      weeks: (await mine(ctx.weeks)).filter(inOwn),
      calendars: (await mine(ctx.calendars)).filter(inOwn),
      sessions: await mine(ctx.sessions),
      measures: (await mine(ctx.measures)).filter(inOwn),
    };
  };

  route(app, '/api/archive', 'instructor', {
    get: async (_, res) => {
      const archive = await everything();
      const day = archive.writtenAt.slice(0, 10);
      sendFile(res, `All my work ${day}`, '.kotabi-archive.json', 'application/json', writeArchive(archive));
    },
  });
  route(app, '/api/archive/open', 'instructor', {
    /** Brings an archive in, all of it or nothing; what is here already is told apart. */
    post: async (req, res) => {
      const read = await ctx.pool.run('readArchive', typeof req.body === 'string' ? req.body : '');
      if (!read.ok) throw invalid(read.problems);
      const own = await everything();
      const byId = new Map<string, unknown>();
      for (const [kind, things] of Object.entries(own))
        if (Array.isArray(things))
          for (const thing of things) if (typeof thing !== 'string') byId.set(`${kind} ${thing.id}`, thing);
      const tables = {
        moves,
        groups,
        people,
        breaks,
        deletedBreaks: breaks,
        weeks,
        calendars,
        sessions,
        measures,
      };
      const taken = new Set<string>();
      for (const [kind, table] of Object.entries(tables))
        for (const { id } of await ctx.db.select({ id: table.id }).from(table)) taken.add(`${kind} ${id}`);
      const planned = await ctx.db
        .select({ groupId: weeks.groupId, whose: weeks.whose, startDate: weeks.startDate })
        .from(weeks);
      const place = (groupId: string, whose: string, startDate: string) => `${groupId} ${whose} ${startDate}`;
      const places = new Set(planned.map((w) => place(w.groupId, w.whose, w.startDate)));
      const adopted = adoptArchive(
        read.archive,
        {
          taken: (kind: Archived, id) => taken.has(`${kind} ${id}`),
          own: (kind: Archived, id) => byId.get(`${kind} ${id}`),
          weekTaken: (week: Week) => places.has(place(week.groupId, week.personId ?? '', week.startDate)),
        },
        nanoid,
      );
      const at = ctx.now().toISOString();
      const allBreaks = [...adopted.breaks, ...adopted.deletedBreaks];
      const away = new Set(adopted.deletedBreaks.map((b) => b.id));
      const { approach, schools, favourites } = read.archive;
      const writes = [
        ...adopted.moves.map((v) => ctx.db.insert(moves).values(ctx.moves.newRow(v, at))),
        ...adopted.groups.map((v) => ctx.db.insert(groups).values(ctx.groups.newRow(v, at))),
        ...adopted.people.map((v) =>
          ctx.db.insert(people).values({ ...ctx.people.newRow(v, at), groupId: v.groupId }),
        ),
        ...allBreaks.flatMap((v) => {
          const row = { ...ctx.breaks.newRow(v, at), deletedAt: away.has(v.id) ? at : null };
          const { id: breakId, version, shape, data } = row;
          return [
            ctx.db.insert(breaks).values(row),
            ctx.db.insert(breakVersions).values({ breakId, version, savedAt: at, shape, data }),
          ];
        }),
        ...adopted.weeks.map((v) =>
          ctx.db
            .insert(weeks)
            .values({ ...ctx.weeks.newRow(v, at), groupId: v.groupId, startDate: v.startDate }),
        ),
        ...adopted.calendars.map((v) =>
          ctx.db.insert(calendars).values({ ...ctx.calendars.newRow(v, at), groupId: v.groupId }),
        ),
        ...adopted.sessions.map((v) =>
          ctx.db
            .insert(sessions)
            .values({ ...ctx.sessions.newRow(v, at), breakId: v.breakId, startedAt: v.startedAt }),
        ),
        ...adopted.measures.map((v) =>
          ctx.db
            .insert(measures)
            .values({ ...ctx.measures.newRow(v, at), groupId: v.groupId, takenAt: v.takenAt }),
        ),
        // One's own approach stays where there is one.
        ...(approach === null
          ? []
          : [
              ctx.db
                .insert(settings)
                .values({
                  ...ctx.settings.newRow({ id: 'approach', approach, schools, favourites }, at),
                  owner: actor()?.id ?? '',
                })
                .onConflictDoNothing(),
            ]),
      ];
      const [first, ...rest] = writes;
      if (first) await ctx.db.batch([first, ...rest]);
      const { known, beside, left, ...kinds } = adopted;
      const brought = Object.values(kinds).reduce((sum, things) => sum + things.length, 0);
      res.status(201).json({ brought, known, beside, left } satisfies ArchiveOpened);
    },
  });
};
