import type { Group, Person } from '@kotabi/core/model';
import { eq } from 'drizzle-orm';
import { DateTime } from 'luxon';
import type { Context } from '../context';
import { devices } from '../db/schema';
import { devicesOf } from './devices';
import { sendPush } from './send';

/** Shows a reminder on every device on which the person wants it; true where at least one took it. */
export const pushReminder = async (
  ctx: Context,
  group: Group,
  person: Person,
  { breakName, startsAt, plannedId }: { breakName: string; startsAt: string; plannedId: string },
): Promise<boolean> => {
  const clock = DateTime.fromISO(startsAt, { zone: group.timeZone }).toFormat('HH:mm');
  let taken = false;
  for (const { id, token, device } of await devicesOf(ctx, person.id)) {
    try {
      const notice = { title: `${clock}: ${breakName}`, path: `/me/${token}#${plannedId}`, tag: plannedId };
      if ((await sendPush(ctx, device, notice)) === 'sent') taken = true;
      else await ctx.db.delete(devices).where(eq(devices.id, id));
    } catch (error) {
      // The other devices, and the mail, are tried all the same.
      ctx.log.error({ err: error }, 'a reminder could not be shown on a device');
    }
  }
  return taken;
};
