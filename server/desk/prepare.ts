import { momentOf } from '@kotabi/core/formats';
import {
  type DeskData,
  type DeskItem,
  type Given,
  type Group,
  type Person,
  roomLimits,
} from '@kotabi/core/model';
import { forOthers, movesOf, ownBreak } from '@kotabi/core/own';
import { kindOf, plannedBreaks } from '@kotabi/core/schedule';
import { weeksOf } from '../calendars/entries';
import type { Context } from '../context';
import { reminderId } from '../reminders/due';

/** Weeks that began longer ago than this are not on the page any more, days. */
const BACK_DAYS = 7;

const itemsOf = ({ week, breaks }: Given, group: Group, person: Person | null): DeskItem[] =>
  plannedBreaks(week).map((b) => ({
    plannedId: b.id,
    date: b.date,
    startMin: b.startMin,
    startsAt:
      momentOf(b.date, b.startMin, group.timeZone).toUTC().toISO({ suppressMilliseconds: true }) ?? '',
    lengthMin: kindOf(week.rule, b).lengthMin,
    breakId: b.breakId !== null && breaks.some((k) => k.id === b.breakId) ? b.breakId : null,
    name: breaks.find((k) => k.id === b.breakId)?.name ?? 'Stretch break',
    led: b.led ?? false,
    answerId: person ? reminderId(week, person.id, b.date, b) : '',
  }));

/**
 * What a page needs, worked out once: the weeks as they were given out, each break as this person does it, and every move in
 * them. Nothing of it says why.
 */
export const prepareDesk = async (ctx: Context, group: Group, person: Person | null): Promise<DeskData> => {
  const now = ctx.now();
  const from = new Date(now.getTime() - BACK_DAYS * 86_400_000).toISOString().slice(0, 10);
  const given = (await weeksOf(ctx, group.id, person?.id ?? null)).filter(
    ({ week }) => week.startDate >= from,
  );
  const lookup = await ctx.lookup();
  const approach = await ctx.approach();
  const wish = {
    person: person ?? { limits: [], tight: [] },
    room: { limits: roomLimits(group), things: group.things },
    lookup,
    approach,
  };
  const items = given.flatMap((g) => itemsOf(g, group, person));
  const known = new Map(given.flatMap((g) => g.breaks.map((b) => [b.id, b] as const)));
  const breaks = [...new Set(items.flatMap((i) => i.breakId ?? []))].flatMap((id) => {
    const brk = known.get(id);
    if (!brk) return [];
    // A whole group does it as it was planned: whoever needs another version has a page of their own.
    const own = person ? ownBreak(brk, wish) : { brk: forOthers(brk), changed: [] };
    return own ? [{ brk: own.brk, own: own.changed.length > 0 }] : [];
  });
  const moves = new Map(breaks.flatMap(({ brk }) => movesOf(brk, lookup).map((m) => [m.id, m] as const)));
  return {
    name: person?.name ?? '',
    groupName: group.name,
    timeZone: group.timeZone,
    madeAt: now.toISOString(),
    items: items.filter((i) => i.breakId === null || breaks.some((b) => b.brk.id === i.breakId)),
    breaks,
    moves: [...moves.values()],
    approach,
  };
};
