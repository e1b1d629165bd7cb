import type { Break, Effect, Group, Learned, StandingTime } from '@kotabi/core/model';
import type { Proposal } from '@kotabi/core/propose';
import { nanoid } from 'nanoid';
import type { Context } from '../context';
import { notFound, Refusal } from '../errors';

const QUIET = 'Breaks did not happen here';

/** A quiet hour in each new week, where breaks did not happen. */
const quietHour = (group: Group, { startMin, endMin }: Extract<Effect, { what: 'hour' }>): StandingTime => ({
  id: nanoid(8),
  label: QUIET,
  use: 'focus',
  days: group.days,
  startMin,
  endMin,
});

const failed = (what: string): Refusal =>
  new Refusal(409, 'conflict', `The ${what} was changed at the same moment. Nothing was taken; try again.`);

/** Sets the pace of a break. */
const setPace = async (
  ctx: Context,
  { breakId, wordsPerMinute, changeSec }: Extract<Effect, { what: 'pace' }>,
): Promise<void> => {
  const kept = await ctx.breaks.get(breakId);
  if (!kept) throw notFound('break', breakId);
  await ctx.must(ctx.breaks, breakId, 'edit');
  const value: Break = { ...kept.value, pace: { ...kept.value.pace, wordsPerMinute, changeSec } };
  const { ok } = await ctx.breaks.put({ baseVersion: kept.version, value });
  if (!ok) throw failed('break');
};

/** Takes a proposal, or sets it aside: the group remembers it with its reason, and what it changes is changed. */
export const learn = async (
  ctx: Context,
  group: Group,
  proposal: Proposal,
  take: boolean,
): Promise<Group> => {
  const { key, effect, why } = proposal;
  if (take && effect.what === 'pace') await setPace(ctx, effect);
  const kept = await ctx.groups.get(group.id);
  if (!kept) throw notFound('group', group.id);
  const learned: Learned = {
    key,
    state: take ? 'taken' : 'set aside',
    at: ctx.now().toISOString(),
    effect,
    why,
  };
  const { value } = kept;
  const next: Group = {
    ...value,
    learned: [...value.learned.filter((l) => l.key !== key), learned],
    ...(take && effect.what === 'hour' && { standing: [...value.standing, quietHour(value, effect)] }),
  };
  const result = await ctx.groups.put({ baseVersion: kept.version, value: next });
  if (!result.ok) throw failed('group');
  return next;
};

/** Forgets an answer to a proposal: it is proposed again as long as the records say so, and a quiet hour goes. */
export const unlearn = async (ctx: Context, group: Group, key: string): Promise<void> => {
  const kept = await ctx.groups.get(group.id);
  const gone = kept?.value.learned.find((l) => l.key === key);
  if (!kept || !gone) throw notFound('answer to a proposal', key);
  const { effect, state } = gone;
  const standing = kept.value.standing.filter(
    (s) =>
      state !== 'taken' ||
      effect.what !== 'hour' ||
      s.label !== QUIET ||
      s.startMin !== effect.startMin ||
      s.endMin !== effect.endMin,
  );
  const learned = kept.value.learned.filter((l) => l.key !== key);
  const result = await ctx.groups.put({
    baseVersion: kept.version,
    value: { ...kept.value, learned, standing },
  });
  if (!result.ok) throw failed('group');
};
