import type { LedSession } from '@kotabi/core/gather';
import type { BreakKind, Kept, Person, PlannedBreak, Week } from '@kotabi/core/model';
import { frameOf, type LocalNow, localNow, nowOn, overlaps, withCalendars } from '@kotabi/core/schedule';
import { nanoid } from 'nanoid';
import { put } from '../../api/queries';
import { planWhole } from '../../week/plan-whole';
import { freshWeek } from '../../week/store';
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
  /** The break that is led in them; null leaves it to be chosen later. */
  breakId: string | null = null,
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
          breakId,
          locked: true,
          led: true,
        }),
      );
      return { ...day, breaks: [...others, ...led].sort((a, b) => a.startMin - b.startMin) };
    }),
  };
};

/** Plans a week's other breaks around what is set. A day for which there is no plan keeps its set breaks alone. */
const planned = async (week: Week, team: LedTeam, person: Person | null, now: LocalNow): Promise<Week> =>
  (await planWhole(week, frameOf(team.group, person), now, new AbortController().signal)).week;

/** What is put in: the sessions, how long each is, and the break that is led in them. */
export interface Taken {
  sessions: readonly LedSession[];
  lengthMin: number;
  breakId: string | null;
}

/** Puts the sessions into the week of their group, with its other breaks around them. */
export const takeIntoGroup = async (
  team: LedTeam,
  monday: string,
  { sessions, lengthMin, breakId }: Taken,
): Promise<Week> => {
  const kept: Kept<Week> | null = await savedWeek(team.group.id, monday);
  const start = kept?.value ?? freshWeek(team.group, null, monday);
  const now = localNow(new Date(), team.group.timeZone);
  const value = await planned(withSessions(start, sessions, lengthMin, now, breakId), team, null, now);
  await put('weeks', { baseVersion: kept?.version ?? 0, value });
  return value;
};

/** Gives a person a week of their own: the sessions they can come to, everything else around their calendar. */
export const takeIntoPerson = async (
  team: LedTeam,
  person: Person,
  monday: string,
  { sessions, lengthMin, breakId }: Taken,
  busy: Parameters<typeof withCalendars>[1],
  ofGroup: Week,
): Promise<void> => {
  const kept = await savedWeek(team.group.id, monday, person.id);
  const fresh = freshWeek(team.group, person, monday, ofGroup);
  const own = sessions.filter((s) => s.can.includes(person.id));
  const start = withCalendars(kept?.value ?? fresh, busy);
  const now = localNow(new Date(), team.group.timeZone);
  const value = await planned(withSessions(start, own, lengthMin, now, breakId), team, person, now);
  await put('weeks', { baseVersion: kept?.version ?? 0, value });
};
