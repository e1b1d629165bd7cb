import type { LedSession } from '@kotabi/core/gather';
import type { BreakKind, Kept, Person, PlannedBreak, Week } from '@kotabi/core/model';
import {
  dayInput,
  frameOf,
  fromNow,
  type LocalNow,
  nowOn,
  overlaps,
  withCalendars,
  withPlanFrom,
} from '@kotabi/core/schedule';
import { nanoid } from 'nanoid';
import { put } from '../../api/queries';
import { freshWeek } from '../../week/store';
import { localNow } from '../../week/useNow';
import { planDays } from '../../workers';
import { type LedTeam, savedWeek } from './useGatherData';

/** The kind of a led session within a rule: one that only a person places. */
const ledKind = (lengthMin: number): BreakKind => ({
  id: `led-${lengthMin}`,
  name: 'Led',
  lengthMin,
  relief: lengthMin < 5 ? 0.5 : 1,
  onlyByHand: true,
});

/** The week with led sessions in the place of those it had; breaks they land on go. What has begun stays. */
export const withSessions = (
  week: Week,
  sessions: readonly Pick<LedSession, 'date' | 'startMin'>[],
  lengthMin: number,
  now: LocalNow,
): Week => {
  const kind = ledKind(lengthMin);
  const kinds = [...week.rule.kinds.filter((k) => k.id !== kind.id), kind];
  const lengthOf = (b: PlannedBreak): number => kinds.find((k) => k.id === b.kindId)?.lengthMin ?? 0;
  return {
    ...week,
    rule: { ...week.rule, kinds },
    days: week.days.map((day) => {
      const own = sessions.filter((s) => s.date === day.date);
      const spans = own.map((s) => ({ startMin: s.startMin, endMin: s.startMin + lengthMin }));
      const others = day.breaks.filter(
        (b) =>
          b.startMin < nowOn(now, day.date) ||
          (!b.led && !overlaps(spans, b.startMin, b.startMin + lengthOf(b))),
      );
      const led = own.map(
        ({ startMin }): PlannedBreak => ({
          id: `${day.date}.led.${nanoid(6)}`,
          startMin,
          kindId: kind.id,
          breakId: null,
          locked: true,
          led: true,
        }),
      );
      return { ...day, breaks: [...others, ...led].sort((a, b) => a.startMin - b.startMin) };
    }),
  };
};

/** Plans a week's other breaks around what is set. A day for which there is no plan keeps its set breaks alone. */
const planned = async (week: Week, team: LedTeam, person: Person | null, now: LocalNow): Promise<Week> => {
  const frame = frameOf(team.group, person);
  const ahead = week.days.flatMap((day) => {
    const input = day.off === undefined ? fromNow(dayInput(frame, week.rule, day), day, now) : null;
    return input ? [{ day, input }] : [];
  });
  const results = await planDays(
    ahead.map((a) => a.input),
    new AbortController().signal,
    () => {},
  );
  return {
    ...week,
    days: week.days.map((day) => {
      const result = results[ahead.findIndex((a) => a.day === day)];
      return result?.ok ? withPlanFrom(day, result.plan.breaks, now) : day;
    }),
  };
};

/** Puts the sessions into the week of their group, with its other breaks around them. */
export const takeIntoGroup = async (
  team: LedTeam,
  monday: string,
  sessions: readonly LedSession[],
  lengthMin: number,
): Promise<Week> => {
  const kept: Kept<Week> | null = await savedWeek(team.group.id, monday);
  const start = kept?.value ?? freshWeek(team.group, null, monday);
  const now = localNow(new Date(), team.group.timeZone);
  const value = await planned(withSessions(start, sessions, lengthMin, now), team, null, now);
  await put('weeks', { baseVersion: kept?.version ?? 0, value });
  return value;
};

/** Gives a person a week of their own: the sessions they can come to, everything else around their calendar. */
export const takeIntoPerson = async (
  team: LedTeam,
  person: Person,
  monday: string,
  sessions: readonly LedSession[],
  lengthMin: number,
  busy: Parameters<typeof withCalendars>[1],
  ofGroup: Week,
): Promise<void> => {
  const kept = await savedWeek(team.group.id, monday, person.id);
  const fresh = freshWeek(team.group, person, monday, ofGroup);
  const own = sessions.filter((s) => s.can.includes(person.id));
  const start = withCalendars(kept?.value ?? fresh, busy);
  const now = localNow(new Date(), team.group.timeZone);
  const value = await planned(withSessions(start, own, lengthMin, now), team, person, now);
  await put('weeks', { baseVersion: kept?.version ?? 0, value });
};
