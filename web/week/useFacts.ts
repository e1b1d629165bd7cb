import { type Gives, givesOf } from '@kotabi/core/ledger';
import type { Break, DayInput, Group, Kept, Person, PlannedBreak, Week, WeekDay } from '@kotabi/core/model';
import { type DayReading, dayInput, type Frame, frameOf, heldBreaks, readDay } from '@kotabi/core/schedule';
import { timed } from '@kotabi/core/timing';
import { useMemo } from 'react';
import { useMoves } from '../api/queries';

/** A day of the week with what follows from it. */
export interface DayFacts {
  day: WeekDay;
  input: DayInput;
  held: PlannedBreak[];
  reading: DayReading;
}

/** A break and what it gives. */
export interface BreakFacts {
  brk: Break;
  gives: Gives;
}

/** The days of a week with what follows from them; `breaks` stands in for those of a day that is being changed. */
export const dayFacts = (
  week: Week,
  frame: Frame,
  preview: { date: string; breaks: readonly PlannedBreak[] } | null = null,
): DayFacts[] =>
  week.days.map((day): DayFacts => {
    const input = dayInput(frame, week.rule, day);
    const held = heldBreaks(preview?.date === day.date ? { breaks: [...preview.breaks] } : day);
    return { day, input, held, reading: readDay(input, day.off === undefined ? held : []) };
  });

/** The days of a week as they are, or as they would be while a break is dragged. */
export const useDays = (
  week: Week,
  group: Group,
  person: Person | null,
  preview: { date: string; breaks: readonly PlannedBreak[] } | null,
): { frame: Frame; days: DayFacts[] } => {
  const frame = useMemo(() => frameOf(group, person), [group, person]);
  const days = useMemo(() => dayFacts(week, frame, preview), [week, frame, preview]);
  return { frame, days };
};

/** What each break gives. */
export const useBreakFacts = (breaks: readonly Kept<Break>[]): Map<string, BreakFacts> => {
  const { lookup, approach } = useMoves();
  return useMemo(
    () =>
      new Map(
        breaks.flatMap(({ value }): [string, BreakFacts][] => {
          const t = timed(value, lookup, approach);
          return t.ok ? [[value.id, { brk: value, gives: givesOf(t.resolved, t.timeline) }]] : [];
        }),
      ),
    [breaks, lookup, approach],
  );
};
