import type { Break, Group, MoveLookup, Person, Week } from '../model';
import { roomLimits } from '../model';
import { needsTable } from '../needs';
import { colliding, dayInput, type Frame, type LocalNow, nowOn, plannedBreaks } from '../schedule';
import type { When } from './changes';

/** What is not ready about a week that is to be given out. */
export type NotReady =
  /** Times at which nobody would know what to do. */
  | { code: 'no break'; at: When[] }
  /** Times that lie in a meeting or in time off the desk. */
  | { code: 'in the way'; at: When[] }
  /** People for whom a break holds steps that they leave out. */
  | { code: 'left out'; breakId: string; name: string; people: string[] };

/** What to look at before a week is given out; only what is still to come. */
export const notReady = (
  week: Week,
  {
    group,
    frame,
    people,
    breaks,
    lookup,
    now,
  }: {
    group: Pick<Group, 'seats' | 'room' | 'things'>;
    frame: Frame;
    people: readonly Person[];
    breaks: ReadonlyMap<string, Break>;
    lookup: MoveLookup;
    now: LocalNow;
  },
): NotReady[] => {
  const ahead = plannedBreaks(week).filter((b) => b.startMin >= nowOn(now, b.date));
  const open = ahead.filter((b) => b.breakId === null || !breaks.has(b.breakId));
  const wrong = new Set(
    week.days.flatMap((day) =>
      day.off === undefined ? colliding(day, dayInput(frame, week.rule, day), week.rule) : [],
    ),
  );
  const inTheWay = ahead.filter((b) => wrong.has(b.id));
  const when = (list: typeof ahead): When[] => list.map(({ date, startMin }) => ({ date, startMin }));
  const room = { limits: roomLimits(group), things: group.things };
  const leftOut = [...new Set(ahead.flatMap((b) => b.breakId ?? []))].flatMap((breakId): NotReady[] => {
    const brk = breaks.get(breakId);
    if (!brk) return [];
    const names = new Set(
      needsTable(brk, people, room, lookup).flatMap(({ answers }) =>
        answers.filter(({ answer }) => answer.verdict === 'leave out').map(({ person }) => person.name),
      ),
    );
    return names.size > 0 ? [{ code: 'left out', breakId, name: brk.name, people: [...names] }] : [];
  });
  return [
    ...(open.length > 0 ? [{ code: 'no break' as const, at: when(open) }] : []),
    ...(inTheWay.length > 0 ? [{ code: 'in the way' as const, at: when(inTheWay) }] : []),
    ...leftOut,
  ];
};
