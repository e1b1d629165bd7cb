import { type FillRequest, type FillResult, isStopped } from '@kotabi/core/fill';
import { targetsOf } from '@kotabi/core/ledger';
import type { Shelf } from '@kotabi/core/library';
import { type Approach, type Group, moveIdsOf, type Person, roomLimits, type Week } from '@kotabi/core/model';
import { habitsOf } from '@kotabi/core/propose/learned';
import { kindOf, type LocalNow, nowOn, overlaps, placeInRule } from '@kotabi/core/schedule';
import type { BreakFacts, DayFacts } from './useFacts';

/** What filling needs to know of a week. */
export const fillRequest = (
  week: Week,
  days: readonly DayFacts[],
  facts: ReadonlyMap<string, BreakFacts>,
  stopped: ReadonlySet<string>,
  anew: boolean,
  now: LocalNow,
): FillRequest => {
  const worked = days.filter((d) => d.day.off === undefined);
  const breaks = [...facts].map(([id, { gives, brk }]) => ({
    id,
    gives,
    stopped: stopped.has(id),
    onCall: brk.onCall ?? false,
  }));
  const place = placeInRule(
    week.rule.frequency,
    week.startDate,
    worked.map((d) => d.day.date),
  );
  return {
    places: worked.flatMap(({ day, input, held }) =>
      held.flatMap((b) => {
        // What has begun keeps its break, or has none.
        const past = b.startMin < nowOn(now, day.date);
        if (past && b.breakId === null) return [];
        const { lengthMin, discreet } = kindOf(week.rule, b);
        const end = b.startMin + lengthMin;
        return {
          date: day.date,
          plannedId: b.id,
          lengthMin,
          quiet: discreet === true || overlaps(input.listening, b.startMin, end),
          breakId: anew && !b.locked && !past ? null : b.breakId,
        };
      }),
    ),
    breaks,
    targets: targetsOf(
      breaks.map((b) => b.gives),
      week.aims,
    ),
    rota: new Map(place?.code === 'rota' ? place.days.map(({ date, area }) => [date, area]) : []),
  };
};

/** The breaks that someone who takes part must not do. Whether one fits its time is looked at elsewhere. */
export const stoppedBreaks = (
  facts: ReadonlyMap<string, BreakFacts>,
  { group, people, whose }: { group: Group; people: readonly Person[]; whose: 'group' | 'person' },
  shelf: Shelf,
  approach: Approach,
): ReadonlySet<string> => {
  const audience = { people, room: { limits: roomLimits(group), things: group.things } };
  // What brought complaints in this group is not chosen for it either.
  const complaints = new Set(habitsOf(group).moves.map((m) => m.moveId));
  return new Set(
    [...facts].flatMap(([id, { brk }]) =>
      moveIdsOf(brk).some((id) => complaints.has(id)) || isStopped(brk, shelf, approach, audience, whose)
        ? [id]
        : [],
    ),
  );
};

/** The week with the breaks that filling chose. */
export const withChosen = (week: Week, { chosen }: Pick<FillResult, 'chosen'>): Week => ({
  ...week,
  days: week.days.map((d) => ({
    ...d,
    breaks: d.breaks.map((b) => ({ ...b, breakId: chosen.get(b.id) ?? b.breakId })),
  })),
});
