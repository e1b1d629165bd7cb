import { createHash } from 'node:crypto';
import { gzipSync } from 'node:zlib';
import { calendarText, ledEntries, type PublishedEntry } from '@kotabi/core/formats';
import { type Feed, FeedRequest, type LedFeed, LedFeedRequest } from '@kotabi/core/model';
import { and, eq, isNull } from 'drizzle-orm';
import type { Express, Request, Response } from 'express';
import { nanoid } from 'nanoid';
import { actor } from '../access/actor';
import { publish } from '../calendars/entries';
import type { Context } from '../context';
import { feeds, groups, ledFeeds } from '../db/schema';
import { notFound, parse, Refusal, unknownReference } from '../errors';
import { getKept } from './kept';
import { route } from './route';

/** Long enough that nobody guesses it: 32 letters of 64, 192 bits. */
const TOKEN_LENGTH = 32;
/** How often a subscriber should ask again, minutes. */
const REFRESH_MIN = 15;

/** A calendar as it was given out last, good for as long as nothing it is made of changes and it is the same day. */
interface Given {
  mark: string;
  day: string;
  /** The text, as it is and compressed, and the mark by which a reader knows it again. */
  text: Buffer;
  packed: Buffer;
  etag: string;
}
const made = (text: string, mark: string, day: string): Given => ({
  mark,
  day,
  text: Buffer.from(text),
  packed: gzipSync(text),
  etag: `"${createHash('sha256').update(text).digest('base64url').slice(0, 24)}"`,
});
/** How many of a kind are kept, and when one of them was changed last. */
const keptMark = (table: 'groups' | 'people' | 'moves' | 'settings'): string =>
  `(SELECT count(*) || ',' || total(version) || ',' || coalesce(max(updated_at), '') FROM ${table})`;
/** How many addresses there are, and how many of them were withdrawn. */
const addressMark = (table: 'feeds' | 'led_feeds' | 'desk_pages'): string =>
  `(SELECT count(*) || ',' || count(revoked_at) || ',' || coalesce(max(created_at), '') FROM ${table})`;
/** Everything calendars are made of: what was given out, for whom, with whose moves. Work on breaks and records is not in it. */
const MADE_OF = `SELECT ${[
  ...(['groups', 'people', 'moves', 'settings'] as const).map(keptMark),
  ...(['feeds', 'led_feeds', 'desk_pages'] as const).map(addressMark),
  "(SELECT coalesce(group_concat(id || '=' || owner), '') FROM groups)",
  "(SELECT coalesce(group_concat(week_id || '=' || given_at || '.' || version), '') FROM given_weeks)",
].join(" || ' ' || ")} AS mark`;

/** So many are held; subscribers ask every quarter of an hour, nearly always for the same. */
const MOST_GIVEN = 500;

const sendCalendar = (req: Request, res: Response, { text, packed, etag }: Given): void => {
  res.set({ 'Cache-Control': 'no-cache', ETag: etag, Vary: 'Accept-Encoding' }).type('text/calendar');
  if (req.fresh) {
    res.status(304).end();
    return;
  }
  if (req.acceptsEncodings('gzip')) res.set('Content-Encoding', 'gzip').send(packed);
  else res.send(text);
};

/** Calendar addresses: made, revoked, and answered. */
export const feedRoutes = (app: Express, ctx: Context): void => {
  const given = new Map<string, Given>();
  const calendarOf = async (feed: Feed): Promise<string> => {
    const { value: group } = await getKept(ctx.groups, feed.groupId);
    const person = feed.personId === null ? null : await ctx.people.get(feed.personId);
    return calendarText({
      name: `Stretch breaks · ${person ? person.value.name : group.name}`,
      entries: await publish(ctx, group, feed.personId),
      alarmMin: feed.alarmMin,
      busy: feed.busy,
      lengthMin: feed.lengthMin,
      refreshMin: REFRESH_MIN,
    });
  };
  /** Everything an instructor leads, as it was given out: all of their groups in one. */
  const ledCalendarOf = async ({ owner, alarmMin }: typeof ledFeeds.$inferSelect): Promise<string> => {
    const mine = await ctx.db.select({ id: groups.id }).from(groups).where(eq(groups.owner, owner));
    const entries: PublishedEntry[] = [];
    for (const { id } of mine) {
      const group = await ctx.asOwnerOf(id, async () => (await ctx.groups.get(id))?.value);
      if (group) entries.push(...ledEntries(await publish(ctx, group, null), group.name));
    }
    return calendarText({ name: 'Breaks you lead', entries, alarmMin, busy: true, refreshMin: REFRESH_MIN });
  };
  const gone = (revokedAt: string | null): void => {
    if (revokedAt !== null)
      throw new Refusal(410, 'revoked', 'This calendar address was withdrawn. Ask for a new one.');
  };
  /** The calendar behind an address. */
  const textAt = async (token: string): Promise<string> => {
    const [feed] = await ctx.db.select().from(feeds).where(eq(feeds.token, token));
    if (feed) {
      gone(feed.revokedAt);
      return ctx.asOwnerOf(feed.groupId, () => calendarOf(feed));
    }
    const [led] = await ctx.db.select().from(ledFeeds).where(eq(ledFeeds.token, token));
    if (!led) throw notFound('calendar', token);
    gone(led.revokedAt);
    return ledCalendarOf(led);
  };
  const inHand = new Map<string, Promise<Given>>();
  let marked: { state: string; mark: string } | null = null;
  /** The mark of what calendars are made of; looked at only when something was changed. Null where that cannot be told. */
  const markNow = async (): Promise<string | null> => {
    const state = await ctx.db.$client.state();
    if (state === null) return null;
    if (marked?.state !== state) {
      const { rows } = await ctx.db.$client.execute(MADE_OF);
      marked = { state, mark: `${ctx.outside?.() ?? ''} ${rows[0]?.mark}` };
    }
    return marked.mark;
  };
  const make = async (token: string, mark: string | null, day: string): Promise<Given> => {
    // Of what was there before it was made: what is changed meanwhile makes it anew.
    const now = made(await textAt(token), mark ?? '', day);
    if (mark !== null) {
      if (given.size >= MOST_GIVEN) given.clear();
      given.set(token, now);
    }
    return now;
  };
  route(app, '/api/groups/:id/feeds', 'instructor', {
    get: async (req, res) => {
      const { value: group } = await getKept(ctx.groups, String(req.params.id));
      // Whoever has an address can read what is behind it: it is shown to those who may give it out.
      await ctx.must(ctx.groups, group.id, 'edit');
      res.json(
        await ctx.db
          .select()
          .from(feeds)
          .where(and(eq(feeds.groupId, group.id), isNull(feeds.revokedAt))),
      );
    },
    post: async (req, res) => {
      const { value: group } = await getKept(ctx.groups, String(req.params.id));
      await ctx.must(ctx.groups, group.id, 'edit');
      const { personId, alarmMin, busy, lengthMin } = parse(FeedRequest, req.body);
      const person = personId === null ? null : await ctx.people.get(personId);
      if (person === undefined || (person && person.value.groupId !== group.id))
        throw unknownReference('personId', 'person', String(personId));
      const feed: Feed = {
        token: nanoid(TOKEN_LENGTH),
        groupId: group.id,
        personId,
        alarmMin,
        busy,
        lengthMin,
        createdAt: ctx.now().toISOString(),
        revokedAt: null,
      };
      await ctx.db.insert(feeds).values(feed);
      res.status(201).json(feed);
    },
  });
  route(app, '/api/feeds/:token', 'instructor', {
    /** Revokes an address for good. */
    delete: async (req, res) => {
      const { rowsAffected } = await ctx.db
        .update(feeds)
        .set({ revokedAt: ctx.now().toISOString() })
        .where(
          and(
            eq(feeds.token, String(req.params.token)),
            isNull(feeds.revokedAt),
            ctx.inMyGroups(feeds, 'edit'),
          ),
        );
      if (rowsAffected === 0) throw notFound('calendar address', String(req.params.token));
      res.status(204).end();
    },
  });
  route(app, '/api/led-feeds', 'instructor', {
    get: async (_, res) => {
      const mine = and(eq(ledFeeds.owner, actor()?.id ?? ''), isNull(ledFeeds.revokedAt));
      res.json(await ctx.db.select().from(ledFeeds).where(mine));
    },
    post: async (req, res) => {
      const { alarmMin } = parse(LedFeedRequest, req.body);
      const feed: LedFeed = {
        token: nanoid(TOKEN_LENGTH),
        alarmMin,
        createdAt: ctx.now().toISOString(),
        revokedAt: null,
      };
      await ctx.db.insert(ledFeeds).values({ ...feed, owner: actor()?.id ?? '' });
      res.status(201).json(feed);
    },
  });
  route(app, '/api/led-feeds/:token', 'instructor', {
    delete: async (req, res) => {
      const token = String(req.params.token);
      const { rowsAffected } = await ctx.db
        .update(ledFeeds)
        .set({ revokedAt: ctx.now().toISOString() })
        .where(
          and(eq(ledFeeds.token, token), isNull(ledFeeds.revokedAt), eq(ledFeeds.owner, actor()?.id ?? '')),
        );
      if (rowsAffected === 0) throw notFound('calendar address', token);
      res.status(204).end();
    },
  });
  // Outside /api: this is what calendar programs are given.
  route(app, '/calendars/:file', 'anyone', {
    get: async (req, res) => {
      const token = String(req.params.file).replace(/\.ics$/, '');
      const day = ctx.now().toISOString().slice(0, 10);
      const mark = await markNow();
      const last = given.get(token);
      if (last && last.mark === mark && last.day === day) return sendCalendar(req, res, last);
      // Many ask at once after a change: it is made once for all of them.
      const key = `${token} ${mark} ${day}`;
      const making = inHand.get(key) ?? make(token, mark, day).finally(() => inHand.delete(key));
      if (mark !== null) inHand.set(key, making);
      sendCalendar(req, res, await making);
    },
  });
};
