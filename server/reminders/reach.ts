import type { Group, Message, Person } from '@kotabi/core/model';
import { DateTime } from 'luxon';
import type { Context } from '../context';
import { mailReminder } from '../mail/send-reminder';
import { pushReminder } from '../push/remind';

/** Nothing goes out before and after these hours by the clock of the group: a reminder in the night helps nobody. */
const QUIET = { until: 6, from: 21 };

/**
 * Brings a reminder to a person by what they have: on their devices, and where none took it by mail. Never by both, and
 * never in the quiet hours. It stands in the outbox all the same.
 */
export const reach = async (
  ctx: Context,
  group: Group,
  person: Person,
  reminder: Pick<Message, 'breakName' | 'startsAt' | 'plannedId'>,
): Promise<void> => {
  const { hour } = DateTime.fromJSDate(ctx.now(), { zone: group.timeZone });
  if (hour < QUIET.until || hour >= QUIET.from) return;
  if (!(await pushReminder(ctx, group, person, reminder))) await mailReminder(ctx, group, person, reminder);
};
