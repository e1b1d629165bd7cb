import type { Group, Person } from '@kotabi/core/model';
import { and, eq, isNull } from 'drizzle-orm';
import { DateTime } from 'luxon';
import { nanoid } from 'nanoid';
import type { Context } from '../context';
import { deskPages } from '../db/schema';
import { makeDesk } from '../desk/pages';
import { reminderMail } from './reminder-mail';

/** No mail goes out before and after these hours by the clock of the group: a reminder in the night helps nobody. */
const QUIET = { until: 6, from: 21 };
const TOKEN_LENGTH = 32;

/** The address of a person's page; one is made where there is none yet. */
const pageOf = async (ctx: Context, person: Person): Promise<string> => {
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

/**
 * Sends a reminder by mail, where the person has given an address, a mail server is set, and others can reach this server. False
 * where nothing was sent: the reminder stands in the outbox all the same.
 */
export const mailReminder = async (
  ctx: Context,
  group: Group,
  person: Person,
  { breakName, startsAt }: { breakName: string; startsAt: string },
): Promise<boolean> => {
  const outside = ctx.outside?.();
  if (!ctx.mailer || !outside || !person.mail) return false;
  const { hour } = DateTime.fromJSDate(ctx.now(), { zone: group.timeZone });
  if (hour < QUIET.until || hour >= QUIET.from) return false;
  const token = await pageOf(ctx, person);
  const clock = DateTime.fromISO(startsAt, { zone: group.timeZone }).toFormat('HH:mm');
  await ctx.mailer.send(
    reminderMail({
      to: person.mail,
      breakName,
      clock,
      page: `${outside}/me/${token}`,
      unsubscribe: `${outside}/api/desk/${token}/no-mail`,
    }),
  );
  return true;
};
