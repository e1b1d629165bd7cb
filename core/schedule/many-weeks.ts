import type { BusyTime, Group, IsoDate, Minutes, Week, WeekDay, WeekRule } from '../model';
import { addDays, mondayOf } from './dates';
import { emptyDays, type Frame, withRule } from './week';

/** What a week is made for: whose it is, with its standing times and days off. */
export type WeekFor = Frame & Partial<Pick<Group, 'standing' | 'daysOff'>>;

const weekday = (monday: IsoDate, date: IsoDate): number =>
  [0, 1, 2, 3, 4, 5, 6].find((n) => addDays(monday, n) === date) ?? 0;

/**
 * A copy of a week on another Monday: the rule, the breaks and the times entered by hand. Breaks get new ids, so
 * that calendars show both weeks; days off of the new week stay free of breaks; times read from calendars are
 * not copied, since they belong to their dates.
 */
export const copyWeek = (week: Week, monday: IsoDate, id: string, frame: WeekFor): Week => ({
  ...week,
  id,
  startDate: mondayOf(monday),
  days: emptyDays(frame, mondayOf(monday)).map((empty): WeekDay => {
    const source = week.days.find(
      (d) => weekday(week.startDate, d.date) === weekday(mondayOf(monday), empty.date),
    );
    if (!source) return empty;
    const { off: _, hours, ...rest } = source;
    return {
      ...rest,
      date: empty.date,
      // Hours that belong to the day of the week come before those the week before had by itself.
      ...((empty.hours ?? hours) && { hours: empty.hours ?? hours }),
      ...(empty.off !== undefined && { off: empty.off }),
      busy: source.busy.filter((b) => b.calendarId === null),
      breaks:
        empty.off === undefined ? source.breaks.map((b, i) => ({ ...b, id: `${empty.date}.c${i + 1}` })) : [],
    };
  }),
});

/** A week with every break so many minutes later (earlier when negative), within its day and the night after it. */
export const shiftWeek = (week: Week, byMin: Minutes): Week => ({
  ...week,
  days: week.days.map((day) => ({
    ...day,
    breaks: day.breaks.map((b) => ({ ...b, startMin: Math.min(2880, Math.max(0, b.startMin + byMin)) })),
  })),
});

/** The weeks that a change from a date on concerns, each under the new rule; earlier ones are not among them. */
export const changeFrom = (weeks: readonly Week[], from: IsoDate, rule: WeekRule): Week[] =>
  weeks.filter((w) => w.startDate >= mondayOf(from)).map((w) => withRule(w, rule));

/** What is different between the times that calendars gave last and those they give now. */
export interface BusyChange {
  date: IsoDate;
  before: BusyTime | null;
  now: BusyTime | null;
}

const same = (a: BusyTime, b: BusyTime): boolean =>
  a.startMin === b.startMin && a.endMin === b.endMin && a.use === b.use;

/** Compares the times of calendars in a week with what the calendars say now, day by day. */
export const busyChanges = (
  week: Pick<Week, 'days'>,
  now: ReadonlyMap<IsoDate, readonly BusyTime[]>,
): BusyChange[] =>
  week.days.flatMap(({ date, busy }) => {
    const old = busy.filter((b) => b.calendarId !== null);
    const fresh = now.get(date) ?? [];
    const gone = old.filter((o) => !fresh.some((f) => f.id === o.id && same(f, o)));
    const come = fresh.filter((f) => !old.some((o) => o.id === f.id && same(f, o)));
    const moved = gone.map((before) => ({ date, before, now: come.find((c) => c.id === before.id) ?? null }));
    const added = come
      .filter((c) => !gone.some((g) => g.id === c.id))
      .map((c) => ({ date, before: null, now: c }));
    return [...moved, ...added];
  });

/** The week with the times of calendars as they are now; times entered by hand stay. */
export const withCalendars = (week: Week, now: ReadonlyMap<IsoDate, readonly BusyTime[]>): Week => ({
  ...week,
  days: week.days.map((day) => ({
    ...day,
    busy: [...day.busy.filter((b) => b.calendarId === null), ...(now.get(day.date) ?? [])].sort(
      (a, b) => a.startMin - b.startMin,
    ),
  })),
});
