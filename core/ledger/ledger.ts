import type { Area, IsoDate, Muscle, Seconds, Side } from '../model';
import { staticHoldTotal } from '../reference';
import type { BySide, Gives } from './gives';

/** A day counts for a muscle and a side from so many seconds on; so many days a week are the aim. */
export const AIM_SEC: Seconds = staticHoldTotal.totalSec;
export const AIM_DAYS: number = staticHoldTotal.daysAWeek;

/** A muscle group or an area over a week. */
export interface LedgerRow<K> {
  key: K;
  /** Seconds of each day, in the order of the week's days. */
  days: readonly BySide[];
  total: BySide;
  /** Days on which the seconds reach the aim. */
  daysReached: Record<Side, number>;
}

/** An area with what it is made of. */
export interface LedgerArea extends LedgerRow<Area> {
  muscles: readonly LedgerRow<Muscle>[];
  /** Seconds moved and worked, which do not count as held. */
  moved: LedgerRow<Area> | null;
}

/** What a week gives each area. */
export interface Ledger {
  dates: readonly IsoDate[];
  areas: readonly LedgerArea[];
}

/** One day: its date and what its breaks give. */
export interface LedgerDay {
  date: IsoDate;
  gives: readonly Gives[];
}

const SIDES: readonly Side[] = ['left', 'right'];

const row = <K>(
  key: K,
  days: readonly LedgerDay[],
  of: (g: Gives) => ReadonlyMap<K, BySide>,
): LedgerRow<K> => {
  const perDay = days.map(({ gives }): BySide => {
    const sum = { left: 0, right: 0 };
    for (const g of gives) for (const side of SIDES) sum[side] += of(g).get(key)?.[side] ?? 0;
    return sum;
  });
  const over = (side: Side): number => perDay.filter((d) => d[side] >= AIM_SEC).length;
  const total = (side: Side): Seconds => perDay.reduce((sum, d) => sum + d[side], 0);
  return {
    key,
    days: perDay,
    total: { left: total('left'), right: total('right') },
    daysReached: { left: over('left'), right: over('right') },
  };
};

/** The areas whose muscles a list of breaks can hold, with the main muscles of each. */
export const musclesByArea = (gives: Iterable<Gives>): Map<Area, Muscle[]> => {
  const areas = new Map<Area, Muscle[]>();
  for (const { main } of gives)
    for (const [muscle, area] of main) {
      const list = areas.get(area) ?? [];
      if (!list.includes(muscle)) list.push(muscle);
      areas.set(area, list);
    }
  return areas;
};

/**
 * Adds up a week: seconds held for each area and side, day by day, open to the main muscles of its stretches.
 * `aims` are shown even when nothing was done for them. Moving and activating are listed apart.
 */
export const ledgerOf = (days: readonly LedgerDay[], aims: readonly Area[] = []): Ledger => {
  const all = days.flatMap((d) => d.gives);
  const muscles = musclesByArea(all);
  const keys = new Set<Area>([
    ...aims,
    ...all.flatMap((g) => [...g.heldAreas.keys(), ...g.movedAreas.keys()]),
  ]);
  const areas = [...keys].map((area): LedgerArea => {
    const moved = row(area, days, (g) => g.movedAreas);
    return {
      ...row(area, days, (g) => g.heldAreas),
      muscles: (muscles.get(area) ?? []).map((m) => row(m, days, (g) => g.held)),
      moved: moved.total.left + moved.total.right > 0 ? moved : null,
    };
  });
  return { dates: days.map((d) => d.date), areas };
};

/** A muscle group and a side, as the aim of a week. */
export interface Target {
  muscle: Muscle;
  side: Side;
}

/** The muscle groups and sides that a week is for: the main muscles of its areas, or of every area. */
export const targetsOf = (gives: Iterable<Gives>, aims: readonly Area[]): Target[] =>
  [...musclesByArea(gives)]
    .filter(([area]) => aims.length === 0 || aims.includes(area))
    .flatMap(([, muscles]) => muscles)
    .filter((m, i, list) => list.indexOf(m) === i)
    .flatMap((muscle) => SIDES.map((side) => ({ muscle, side })));

/** The aims that a week does not reach: muscle and side with fewer days than the aim has. */
export const missedAims = ({ areas }: Ledger, targets: readonly Target[]): Target[] => {
  const days = new Map(areas.flatMap((a) => a.muscles.map((m) => [m.key, m.daysReached] as const)));
  return targets.filter(({ muscle, side }) => (days.get(muscle)?.[side] ?? 0) < AIM_DAYS);
};
