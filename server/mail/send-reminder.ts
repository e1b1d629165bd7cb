import type { Group, Person } from '@kotabi/core/model';
import { DateTime } from 'luxon';
import type { Context } from '../context';
import { pageOf } from '../desk/pages';
import { reminderMail } from './reminder-mail';

/**
 * Sends a reminder by mail, where the person has given an address, a mail server is set, and others can reach this server. False
 * where nothing was sent: the reminder stands in the outbox all the same.
 */
export const mailReminder = async (
  ctx: Context,
  group: Group,
  person: Person,
  { breakName, startsAt, plannedId }: { breakName: string; startsAt: string; plannedId: string },
): Promise<boolean> => {
  const outside = ctx.outside?.();
  if (!ctx.mailer || !outside || !person.mail) return false;
  const token = await pageOf(ctx, person);
  const clock = DateTime.fromISO(startsAt, { zone: group.timeZone }).toFormat('HH:mm');
  await ctx.mailer.send(
    reminderMail({
      to: person.mail,
      breakName,
      clock,
      page: `${outside}/me/${token}#${plannedId}`,
      unsubscribe: `${outside}/api/desk/${token}/no-mail`,
    }),
  );
  return true;
};
