import type { Group } from '@kotabi/core/model';
import type { Context } from '../context';
import { notFound, Refusal } from '../errors';

/** The most months whose words are kept; the oldest go first. */
const MOST_MONTHS = 60;

/** The words that were written for a month’s page; null where they are as they were worked out. */
export const writtenFor = ({ months = [] }: Pick<Group, 'months'>, month: string): string | null =>
  months.find((m) => m.month === month)?.words ?? null;

/** Keeps the words of a month’s page, or with null has them as they were worked out. */
export const writeMonth = async (
  ctx: Context,
  groupId: string,
  month: string,
  words: string | null,
): Promise<void> => {
  const kept = await ctx.groups.get(groupId);
  if (!kept) throw notFound('group', groupId);
  const others = (kept.value.months ?? []).filter((m) => m.month !== month);
  const months = [...others, ...(words === null ? [] : [{ month, words }])]
    .sort((a, b) => a.month.localeCompare(b.month))
    .slice(-MOST_MONTHS);
  const value: Group = { ...kept.value, months };
  const { ok } = await ctx.groups.put({ baseVersion: kept.version, value });
  if (!ok)
    throw new Refusal(
      409,
      'conflict',
      'The group was changed at the same moment. The words of the page were not kept; try again.',
    );
};
