import type { DayInput, Minutes, PlacedBreak } from '../model';
import { published, type Source } from '../reference';
import { readDay } from './run';

/** One published statement about breaks, with what a plan comes to. `met` is null where it is no demand. */
export type Guidance = { source: Source; met: boolean | null } & (
  | { code: 'every hour'; leastMin: Minutes; mostMin: Minutes; longestMin: Minutes }
  | { code: 'interrupted'; daysWithout: number }
  | { code: 'extra breaks'; count: number; lengthMin: Minutes; meanADay: number }
  /** `done` of the `planned` breaks would be done, if people did as they did in breaks that were taken: only an assumption. */
  | { code: 'really done'; ordinary: number; extra: number; planned: number; done: number }
);

/** A planned day: what it is like and its breaks. */
export interface PlannedDay {
  input: DayInput;
  breaks: readonly PlacedBreak[];
}

const lengthOf = (input: DayInput, { kindId }: PlacedBreak): Minutes =>
  input.kinds.find((k) => k.id === kindId)?.lengthMin ?? 0;

/** What published guidance says about a planned week; every value is one of the published ones. */
export const weekGuidance = (days: readonly PlannedDay[]): Guidance[] => {
  const { screenBreaks, screenDuty, extraBreaks, stretchingDone } = published;
  const long = (d: PlannedDay) => d.breaks.filter((b) => lengthOf(d.input, b) >= screenBreaks.leastMin);
  // Only breaks as long as the guidance speaks of end a stretch, and they end it wholly.
  const longestMin = Math.max(0, ...days.map((d) => readDay(d.input, long(d)).longestRunMin));
  const daysWithout = days.filter((d) => d.breaks.length === 0).length;
  const extra = days.reduce(
    (n, d) => n + d.breaks.filter((b) => lengthOf(d.input, b) >= extraBreaks.lengthMin).length,
    0,
  );
  const meanADay = days.length > 0 ? extra / days.length : 0;
  const planned = days.reduce((sum, d) => sum + d.breaks.length, 0);
  return [
    {
      code: 'every hour',
      source: screenBreaks,
      met: days.length > 0 && longestMin <= screenBreaks.everyMin,
      leastMin: screenBreaks.leastMin,
      mostMin: screenBreaks.mostMin,
      longestMin,
    },
    { code: 'interrupted', source: screenDuty, met: days.length > 0 && daysWithout === 0, daysWithout },
    {
      code: 'extra breaks',
      source: extraBreaks,
      met: meanADay >= extraBreaks.extraADay,
      count: extraBreaks.extraADay,
      lengthMin: extraBreaks.lengthMin,
      meanADay,
    },
    {
      code: 'really done',
      source: stretchingDone,
      met: null,
      ordinary: stretchingDone.ordinaryShare,
      extra: stretchingDone.extraShare,
      planned,
      done: Math.round(planned * stretchingDone.extraShare),
    },
  ];
};
