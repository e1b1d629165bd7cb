import { DeskData, type DeskPage, type Person } from '@kotabi/core/model';
import { and, eq, isNull } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import type { Context } from '../context';
import { deskPages } from '../db/schema';
import { notFound, Refusal } from '../errors';
import { sealName } from '../seal/seal';
import { prepareDesk } from './prepare';

/** Long enough that nobody guesses an address: 32 letters of 64, 192 bits. */
export const TOKEN_LENGTH = 32;

const sealed = (ctx: Context, token: string, data: DeskData): unknown =>
  ctx.seal.close(data, sealName('desk', token));

/** What a page shows is worked out anew: after giving out, and after somebody's limits changed. */
const renew = async (ctx: Context, { token, groupId, personId }: DeskPage): Promise<void> => {
  const group = (await ctx.groups.get(groupId))?.value;
  const person = personId === null ? null : (await ctx.people.get(personId))?.value;
  if (!group || person === undefined) return;
  const data = await prepareDesk(ctx, group, person);
  await ctx.db
    .update(deskPages)
    .set({ data: sealed(ctx, token, data) })
    .where(eq(deskPages.token, token));
};

/** Works the pages of a group out anew, or those of one person of it. */
export const renewDesks = async (ctx: Context, groupId: string, personId?: string): Promise<void> =>
  ctx.asOwnerOf(groupId, async () => {
    const pages = await ctx.db
      .select()
      .from(deskPages)
      .where(
        and(
          eq(deskPages.groupId, groupId),
          isNull(deskPages.revokedAt),
          personId === undefined ? undefined : eq(deskPages.personId, personId),
        ),
      );
    for (const page of pages) await renew(ctx, page);
  });

/** Makes a page, with what is given out by now. */
export const makeDesk = async (ctx: Context, page: DeskPage): Promise<void> => {
  await ctx.db.insert(deskPages).values({ ...page, data: null });
  await renewDesks(ctx, page.groupId, page.personId ?? undefined);
};

/** What stands behind an address. Throws 404 for one that never was, 410 for one that was withdrawn. */
export const deskAt = async (ctx: Context, token: string): Promise<{ page: DeskPage; data: DeskData }> => {
  const [row] = await ctx.db.select().from(deskPages).where(eq(deskPages.token, token));
  if (!row) throw new Refusal(404, 'notFound', 'There is no such page. Ask whoever gave you the address.');
  const { data, ...page } = row;
  if (page.revokedAt !== null)
    throw new Refusal(410, 'revoked', 'This page was withdrawn. Ask for a new address.');
  if (data === null) throw notFound('page', '');
  return { page, data: DeskData.parse(ctx.seal.open(data as never, sealName('desk', token))) };
};

/** The address of a person's page; one is made where there is none yet. */
export const pageOf = async (ctx: Context, person: Person): Promise<string> => {
  const [page] = await ctx.db
    .select({ token: deskPages.token })
    .from(deskPages)
    .where(and(eq(deskPages.personId, person.id), isNull(deskPages.revokedAt)))
    .limit(1);
  if (page) return page.token;
  const token = nanoid(TOKEN_LENGTH);
  const createdAt = ctx.now().toISOString();
  await makeDesk(ctx, { token, groupId: person.groupId, personId: person.id, createdAt, revokedAt: null });
  return token;
};
