import type { BusyTime, DayInput, IsoDate, PlannedBreak, Rule, Week, WeekDay } from '../model';
import { freeStart, middleOfLongestRun } from './by-hand';
import { weekdayOf } from './dates';
import { heldBreaks, kindOf } from './week';

const inOrder = <T extends { startMin: number }>(list: readonly T[]): T[] =>
  [...list].sort((a, b) => a.startMin - b.startMin);

/** The day with one of its planned breaks changed. */
export const changePlanned = (day: WeekDay, id: string, more: Partial<PlannedBreak>): WeekDay => ({
  ...day,
  breaks: inOrder(day.breaks.map((b) => (b.id === id ? { ...b, ...more } : b))),
});

/** The day with a break at another time; from then on it stays where it was put. */
export const movePlanned = (day: WeekDay, id: string, startMin: number): WeekDay =>
  changePlanned(day, id, { startMin, locked: true });

export const removePlanned = (day: WeekDay, id: string): WeekDay => ({
  ...day,
  breaks: day.breaks.filter((b) => b.id !== id),
});

/** When the breaks of a day are, all but one. */
export const otherSpans = (day: WeekDay, rule: Rule, exceptId?: string) =>
  heldBreaks(day)
    .filter((b) => b.id !== exceptId)
    .map((b) => ({ startMin: b.startMin, endMin: b.startMin + kindOf(rule, b).lengthMin }));

/** One more break where it helps most, halfway through the longest run; null when there is no room. */
export const newPlanned = (day: WeekDay, input: DayInput, rule: Rule, id: string): PlannedBreak | null => {
  const kind = rule.kinds.find((k) => !k.onlyByHand) ?? rule.kinds[0];
  if (!kind) return null;
  const wanted = middleOfLongestRun(input, heldBreaks(day));
  const startMin = freeStart(input, otherSpans(day, rule), kind, wanted);
  return startMin === null ? null : { id, startMin, kindId: kind.id, breakId: null, locked: true };
};

export const addPlanned = (day: WeekDay, planned: PlannedBreak): WeekDay => ({
  ...day,
  breaks: inOrder([...day.breaks, planned]),
});

/** The day with a busy time added, or changed when there is one of that id. */
export const putBusy = (day: WeekDay, busy: BusyTime): WeekDay => ({
  ...day,
  busy: inOrder([...day.busy.filter((b) => b.id !== busy.id), busy]),
});

export const removeBusy = (day: WeekDay, id: string): WeekDay => ({
  ...day,
  busy: day.busy.filter((b) => b.id !== id),
});

/** The week with a busy time on each of some weekdays, ISO numbers; the day it is on already keeps its id. */
export const repeatBusy = (
  week: Week,
  busy: BusyTime,
  weekdays: readonly number[],
  newId: (date: IsoDate) => string,
): Week => ({
  ...week,
  days: week.days.map((day) => {
    const has = day.busy.some((b) => b.id === busy.id);
    if (has || !weekdays.includes(weekdayOf(day.date))) return day;
    const same = day.busy.some((b) => b.startMin === busy.startMin && b.endMin === busy.endMin);
    return same ? day : putBusy(day, { ...busy, id: newId(day.date), calendarId: null });
  }),
});
