import type { Shared } from '@kotabi/core/model';
import { and, eq, inArray, or, type SQL, sql } from 'drizzle-orm';
import { type AnySQLiteColumn, QueryBuilder } from 'drizzle-orm/sqlite-core';
import { breaks, groups, moves, sessions, settings, shares, weeks } from '../db/schema';

/** What somebody wants to do with a thing: see it, change it, or what only its owner may (delete it, share it). */
export type Wish = 'look' | 'edit' | 'own';

/** Which rows of a kind an account may see, change or do away with. */
export type Rule = (account: string, wish: Wish) => SQL | undefined;

const query = new QueryBuilder();

const sharedWith = (kind: Shared, account: string, wish: Wish) =>
  query
    .select({ id: shares.thingId })
    .from(shares)
    .where(
      and(
        eq(shares.kind, kind),
        eq(shares.accountId, account),
        wish === 'look' ? undefined : eq(shares.may, 'edit'),
      ),
    );

const groupRule: Rule = (account, wish) =>
  wish === 'own'
    ? eq(groups.owner, account)
    : or(eq(groups.owner, account), inArray(groups.id, sharedWith('groups', account, wish)));

/** The groups for which a wish is granted, to ask about what belongs to them. */
const groupsOf = (account: string, wish: Wish) =>
  query.select({ id: groups.id }).from(groups).where(groupRule(account, wish));

/** The ids of breaks that the weeks of shared groups plan, whoever planned them: without them nobody could read the week. */
const plannedTogether = (account: string) => sql`(
  SELECT json_extract(planned.value, '$.breakId')
  FROM ${weeks}, json_each(${weeks.data}, '$.days') AS day, json_each(day.value, '$.breaks') AS planned
  WHERE ${weeks.groupId} IN (SELECT ${shares.thingId} FROM ${shares} WHERE ${shares.kind} = 'groups')
    AND ${inArray(weeks.groupId, groupsOf(account, 'look'))})`;

const breakRule: Rule = (account, wish) => {
  const mine = eq(breaks.owner, account);
  if (wish === 'own') return mine;
  return or(
    mine,
    inArray(breaks.id, sharedWith('breaks', account, wish)),
    inArray(breaks.groupId, groupsOf(account, wish)),
    wish === 'look' ? sql`${breaks.id} IN ${plannedTogether(account)}` : undefined,
  );
};

/** A move that a shared break uses can be seen with it; only its owner changes it. */
const moveRule: Rule = (account, wish) => {
  const mine = eq(moves.owner, account);
  if (wish !== 'look') return mine;
  return or(
    mine,
    sql`${moves.id} IN (
      SELECT part.value FROM ${breaks}, json_tree(${breaks.data}) AS part
      WHERE part.key = 'moveId' AND ${breaks.owner} <> ${account} AND ${breakRule(account, 'look')})`,
  );
};

/** People, weeks and calendars go with their group. */
const withGroup =
  (table: { groupId: AnySQLiteColumn }): Rule =>
  (account, wish) =>
    inArray(table.groupId, groupsOf(account, wish === 'own' ? 'edit' : wish));

/** What was led belongs to whoever led it, and can be seen by all who may see the group. */
const sessionRule: Rule = (account, wish) => {
  const mine = eq(sessions.owner, account);
  return wish === 'look' ? or(mine, inArray(sessions.groupId, groupsOf(account, 'look'))) : mine;
};

const settingRule: Rule = (account) => eq(settings.owner, account);

/** Who may do what with each kind of kept thing: the one place that says so. */
export const rules = {
  group: groupRule,
  brk: breakRule,
  move: moveRule,
  session: sessionRule,
  approach: settingRule,
  withGroup,
};

/** The groups that an account may see or change, for tables whose rows belong to a group. */
export const inGroupsOf = groupsOf;
