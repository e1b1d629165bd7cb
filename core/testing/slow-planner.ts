import type { DayInput, PlacedBreak } from '../model';

/** The two numbers a plan is judged by, in that order. */
export interface Judged {
  overMin: number;
  cost: number;
}

const inside = (spans: { startMin: number; endMin: number }[], minute: number) =>
  spans.some((s) => minute >= s.startMin && minute < s.endMin);

/** Reads the rules straight down, one minute after the other; shares no code with the planner. */
export const judgeSlowly = (day: DayInput, breaks: PlacedBreak[]): Judged | null => {
  const busy = new Set<number>();
  const starts = new Map<number, number>();
  let lastEnd = Number.NEGATIVE_INFINITY;
  const among = (of: (b: PlacedBreak) => boolean) => breaks.filter(of).length;
  for (const k of day.kinds) {
    const n = among((b) => b.kindId === k.id);
    if (n < (k.minCount ?? 0) || n > (k.maxCount ?? n)) return null;
  }
  for (const w of day.windows) {
    const n = among(
      (b) =>
        b.startMin >= w.fromMin && b.startMin < w.untilMin && (w.kindIds ?? [b.kindId]).includes(b.kindId),
    );
    if (n < w.least || n > (w.most ?? n)) return null;
  }
  if (breaks.length < day.minCount || breaks.length > (day.maxCount ?? breaks.length)) return null;
  const lasts = breaks.reduce((sum, b) => sum + day.kinds.find((k) => k.id === b.kindId)!.lengthMin, 0);
  if (lasts > (day.maxMinutes ?? lasts)) return null;
  for (const b of breaks) {
    const kind = day.kinds.find((k) => k.id === b.kindId)!;
    const end = b.startMin + kind.lengthMin;
    if (
      b.startMin % day.gridMin !== 0 ||
      b.startMin < day.startMin + day.edgeMin ||
      end > day.endMin - day.edgeMin
    )
      return null;
    if (b.startMin - lastEnd < (kind.minGapMin ?? day.minGapMin)) return null;
    if (b.startMin < (kind.earliestMin ?? 0) || b.startMin > (kind.latestMin ?? 9999)) return null;
    for (let m = b.startMin; m < end; m++) {
      if (inside(day.blocked, m) || inside(day.offDesk, m)) return null;
      if (inside(day.listening, m) && !kind.discreet) return null;
      busy.add(m);
    }
    starts.set(b.startMin, kind.relief);
    lastEnd = end;
  }
  let run = 0;
  let overMin = 0;
  let cost = 0;
  for (let m = day.startMin; m < day.endMin; m++) {
    const relief = starts.get(m);
    if (relief !== undefined) run = Math.round(run * (1 - relief));
    if (busy.has(m)) cost += day.lambda + (inside(day.focus, m) ? day.focusExtra : 0);
    else if (inside(day.offDesk, m)) run = 0;
    else {
      run++;
      cost += run > day.targetMin ? run - day.targetMin : 0;
      overMin += run > day.limitMin ? 1 : 0;
    }
  }
  return { overMin, cost };
};

/** Tries every set of breaks. Only for small days. */
export const planByTrying = (day: DayInput): Judged | null => {
  let best: Judged | null = null;
  const options: PlacedBreak[] = [];
  for (let m = day.startMin; m < day.endMin; m += 1)
    if (m % day.gridMin === 0) for (const k of day.kinds) options.push({ startMin: m, kindId: k.id });
  const tryFrom = (from: number, chosen: PlacedBreak[]): void => {
    const judged = judgeSlowly(day, chosen);
    if (
      judged &&
      (!best || judged.overMin < best.overMin || (judged.overMin === best.overMin && judged.cost < best.cost))
    )
      best = judged;
    if (chosen.length >= (day.maxCount ?? Number.POSITIVE_INFINITY)) return;
    for (let i = from; i < options.length; i++) {
      const last = chosen.at(-1);
      const lastKind = last && day.kinds.find((k) => k.id === last.kindId)!;
      const next = day.kinds.find((k) => k.id === options[i]!.kindId)!;
      const gap = next.minGapMin ?? day.minGapMin;
      if (last && lastKind && options[i]!.startMin < last.startMin + lastKind.lengthMin + gap) continue;
      tryFrom(i + 1, [...chosen, options[i]!]);
    }
  };
  tryFrom(0, []);
  return best;
};
