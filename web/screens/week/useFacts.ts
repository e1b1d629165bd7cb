import { type Gives, givesOf } from '@kotabi/core/ledger';
import type { Break, DayInput, Group, Kept, Person, PlannedBreak, Week, WeekDay } from '@kotabi/core/model';
import { roomLimits } from '@kotabi/core/model';
import { timed } from '@kotabi/core/review';
import { type DayReading, dayInput, type Frame, frameOf, heldBreaks, readDay } from '@kotabi/core/schedule';
import { useMemo } from 'react';
import { useMoves } from '../../api/queries';

/** A day of the week with what follows from it. */
export interface DayFacts {
  day: WeekDay;
  input: DayInput;
  held: PlannedBreak[];
  reading: DayReading;
}

/** What a break gives, how long it takes, and whether someone who takes part must not do it. */
export interface BreakFacts {
  brk: Break;
  gives: Gives;
  stopped: boolean;
}

/** The days of a week as they are, or as they would be while a break is dragged. */
export const useDays = (
  week: Week,
  group: Group,
  person: Person | null,
  preview: { date: string; breaks: readonly PlannedBreak[] } | null,
): { frame: Frame; days: DayFacts[] } => {
  const frame = useMemo(() => frameOf(group, person), [group, person]);
  const days = useMemo(
    () =>
      week.days.map((day): DayFacts => {
        const input = dayInput(frame, week.rule, day);
        const held = heldBreaks(preview?.date === day.date ? { breaks: [...preview.breaks] } : day);
        return { day, input, held, reading: readDay(input, day.off === undefined ? held : []) };
      }),
    [week, frame, preview],
  );
  return { frame, days };
};

/** What each break gives, for the people of a group or for one of them. */
export const useBreakFacts = (
  breaks: readonly Kept<Break>[],
  group: Group,
  people: readonly Person[],
): Map<string, BreakFacts> => {
  const { lookup, approach } = useMoves();
  return useMemo(() => {
    const audience = { people, room: { limits: roomLimits(group), things: group.things } };
    return new Map(
      breaks.flatMap(({ value }): [string, BreakFacts][] => {
        const t = timed(value, lookup, approach, audience);
        if (!t.ok) return [];
        // Whether it fits its time is looked at elsewhere; every other stop keeps it from being chosen.
        const stopped = t.findings.some((f) => f.weight === 'stop' && f.code !== 'overSlot');
        return [[value.id, { brk: value, gives: givesOf(t.resolved, t.timeline), stopped }]];
      }),
    );
  }, [breaks, group, people, lookup, approach]);
};
