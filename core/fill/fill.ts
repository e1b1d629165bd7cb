import { AIM_DAYS, AIM_SEC, type Target } from '../ledger';
import type { IsoDate } from '../model';
import type { Column, Row, Solve, SolveLimits } from '../solver';
import type { FillBreak, FillRequest, FillResult, Place, Unmet } from './request';

/** Filling a place comes before everything else, then a day for an aim, then a break of the day's area. */
export const PLACE_WORTH = 100;
export const DAY_WORTH = 20;
export const ROTA_WORTH = 5;
/** Another break now and then. Common practice, no source. */
export const OTHER_WORTH = 1;
/** A minute of a place left empty. */
export const EMPTY_COST = 0.1;

/** Nodes make the same answer every time; the seconds are only for slow machines. */
export const FILL_LIMITS: SolveLimits = { nodes: 2000, gap: 1e-4 };

const fits = (place: Place, brk: FillBreak): boolean =>
  brk.gives.totalSec <= place.lengthMin * 60 && (!place.quiet || brk.onCall);

const held = ({ gives }: FillBreak, { muscle, side }: Target): number => gives.held.get(muscle)?.[side] ?? 0;

/** The breaks that may stand at each place; what was chosen already stays. */
const optionsOf = ({ places, breaks }: FillRequest): FillBreak[][] =>
  places.map((place) =>
    place.breakId === null
      ? breaks.filter((b) => !b.stopped && fits(place, b))
      : breaks.filter((b) => b.id === place.breakId),
  );

const datesOf = (places: readonly Place[]): IsoDate[] => [...new Set(places.map((p) => p.date))].sort();

const nextDay = (date: IsoDate): IsoDate =>
  new Date(Date.parse(`${date}T00:00:00Z`) + 86_400_000).toISOString().slice(0, 10);

/**
 * Chooses a break for every planned time, as a mixed-integer program: as many places filled as can be, then as
 * many days as can be (two are enough) on which each muscle group and side is held for 60 s, without the same
 * break twice on a day and without strong work on two days running. What was chosen already stays.
 */
export const fillWeek = (
  request: FillRequest,
  solve: Solve,
  progress?: (gap: number) => void,
  limits: SolveLimits = FILL_LIMITS,
): FillResult => {
  const { places, breaks, targets, rota } = request;
  const options = optionsOf(request);
  const dates = datesOf(places);
  const columns: Column[] = [];
  const rows: Row[] = [];
  const column = (name: string, cost: number, upper = 1, whole = true): number =>
    columns.push({ name, cost, lower: 0, upper, whole }) - 1;
  const row = (lower: number, upper: number, terms: Row['terms']): void => {
    if (terms.length > 0) rows.push({ lower, upper, terms });
  };
  const inf = Number.POSITIVE_INFINITY;

  const x = places.map((place, i) =>
    (options[i] ?? []).map((brk) => {
      const area = rota.get(place.date);
      const ofTheDay = area !== undefined && brk.gives.heldAreas.has(area) ? ROTA_WORTH : 0;
      const left = Math.max(0, place.lengthMin - brk.gives.totalSec / 60);
      return column(`${place.plannedId} ${brk.id}`, PLACE_WORTH + ofTheDay - EMPTY_COST * left);
    }),
  );
  /** Columns of the choices that pass, each with a factor. */
  const those = (
    passes: (place: Place, brk: FillBreak) => boolean,
    factor: (brk: FillBreak) => number = () => 1,
  ): [number, number][] =>
    places.flatMap((place, i) =>
      (options[i] ?? []).flatMap((brk, k): [number, number][] =>
        passes(place, brk) && factor(brk) !== 0 ? [[x[i]?.[k] as number, factor(brk)]] : [],
      ),
    );

  for (const [i, place] of places.entries()) {
    const all = (x[i] ?? []).map((c): [number, number] => [c, 1]);
    row(place.breakId === null || all.length === 0 ? 0 : 1, 1, all);
  }
  // What was chosen by hand may stand twice on a day; nothing is added to it.
  for (const date of dates)
    for (const brk of breaks) {
      const already = places.filter((p) => p.date === date && p.breakId === brk.id).length;
      row(
        0,
        Math.max(1, already),
        those((p, b) => p.date === date && b === brk),
      );
    }
  const byHand = (date: IsoDate): boolean =>
    places.some((p) => p.date === date && breaks.some((b) => b.id === p.breakId && b.gives.strong));
  for (const date of dates) {
    const next = nextDay(date);
    // Two strong days running that were chosen by hand are left alone.
    if (!dates.includes(next) || (byHand(date) && byHand(next))) continue;
    const strong = (d: IsoDate) => those((p, b) => p.date === d && b.gives.strong);
    const [a, b] = [strong(date), strong(next)];
    if (a.length === 0 || b.length === 0) continue;
    const flag = column(`strong on ${date}`, 0);
    row(-inf, 0, [...a, [flag, -a.length]]);
    row(-inf, b.length, [...b, [flag, b.length]]);
  }

  for (const target of targets) {
    const reached = dates.flatMap((date): number[] => {
      const seconds = those(
        (p) => p.date === date,
        (b) => held(b, target),
      );
      if (seconds.length === 0) return [];
      const day = column(`${target.muscle} ${target.side} ${date}`, 0);
      row(0, inf, [...seconds, [day, -AIM_SEC]]);
      return [day];
    });
    const cover = column(`${target.muscle} ${target.side}`, DAY_WORTH, AIM_DAYS, false);
    row(-inf, 0, [[cover, 1], ...reached.map((d): [number, number] => [d, -1])]);
  }
  for (const brk of breaks) {
    const uses = those((_, b) => b === brk);
    if (uses.length === 0) continue;
    const used = column(`${brk.id} is used`, OTHER_WORTH);
    row(-inf, 0, [[used, 1], ...uses.map(([c]): [number, number] => [c, -1])]);
  }

  const solution =
    columns.length > 0 ? solve({ columns, rows }, limits, progress) : { status: 'none' as const };
  const values = solution.status === 'none' ? [] : solution.values;
  const chosen = new Map(
    places.map((place, i): [string, string | null] => {
      const k = (x[i] ?? []).findIndex((c) => (values[c] ?? 0) > 0.5);
      return [place.plannedId, options[i]?.[k]?.id ?? place.breakId];
    }),
  );
  return {
    chosen,
    unmet: unmetOf(request, options, chosen),
    empty: places.flatMap((place, i) =>
      chosen.get(place.plannedId) === null
        ? [{ plannedId: place.plannedId, why: whyEmpty(request, place, options[i] ?? []) }]
        : [],
    ),
    gap: solution.status === 'none' ? 0 : solution.gap,
  };
};

const whyEmpty = (
  { breaks }: FillRequest,
  place: Place,
  options: readonly FillBreak[],
): FillResult['empty'][number]['why'] => {
  if (options.length > 0) return 'no other left';
  const short = breaks.filter((b) => !b.stopped && b.gives.totalSec <= place.lengthMin * 60);
  return short.length > 0 && place.quiet ? 'none for calls' : 'none short enough';
};

/** The aims that the choice does not meet, with the reason. */
const unmetOf = (
  { places, breaks, targets }: FillRequest,
  options: readonly (readonly FillBreak[])[],
  chosen: ReadonlyMap<string, string | null>,
): Unmet[] => {
  const dates = datesOf(places);
  const byId = new Map(breaks.map((b) => [b.id, b]));
  return targets.flatMap((target): Unmet[] => {
    const daySum = (date: IsoDate, of: (i: number, place: Place) => number): number =>
      places.reduce((sum, p, i) => (p.date === date ? sum + of(i, p) : sum), 0);
    const secondsOf = (id: string | null | undefined): number => {
      const brk = id ? byId.get(id) : undefined;
      return brk ? held(brk, target) : 0;
    };
    const reached = dates.filter((d) => daySum(d, (_, p) => secondsOf(chosen.get(p.plannedId))) >= AIM_SEC);
    if (reached.length >= AIM_DAYS) return [];
    const holding = breaks.filter((b) => held(b, target) > 0);
    const most = (date: IsoDate): number => {
      // Each break once a day, the most of it in the places of that day.
      const best = new Set(places.flatMap((p, i) => (p.date === date ? (options[i] ?? []) : [])));
      return [...best]
        .map((b) => held(b, target))
        .sort((a, b) => b - a)
        .slice(0, places.filter((p) => p.date === date).length)
        .reduce((a, b) => a + b, 0);
    };
    const why =
      holding.length === 0
        ? 'no break holds it'
        : holding.every((b) => b.stopped)
          ? 'limits'
          : dates.filter((d) => most(d) >= AIM_SEC).length < AIM_DAYS
            ? 'too little a day'
            : 'no room';
    return [{ ...target, daysReached: reached.length, why }];
  });
};
