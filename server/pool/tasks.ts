import { type ReadOptions, readCalendar } from '@kotabi/core/calendars';
import { type FitResult, fitBreak } from '@kotabi/core/fit';
import { readArchive } from '@kotabi/core/formats';
import { shelf } from '@kotabi/core/library/all';
import type { Approach, Break, DayInput, Move } from '@kotabi/core/model';
import { type PlanResult, planBestDays, planDay } from '@kotabi/core/schedule';
import { type SimInput, type SimResult, type SimSettings, simulate } from '@kotabi/core/simulate';
import { highsSolver, type Setting, type SuggestResult, suggest } from '@kotabi/core/suggest';
import loadHighs from 'highs';
import type { PaperJob } from '../paper';

let highs: ReturnType<typeof loadHighs> | null = null;

/** What is done in a thread of its own, so that the server goes on answering meanwhile. All of it is data in, data out. */
export const tasks = {
  suggest: async (job: Omit<Setting, 'lookup'>): Promise<SuggestResult> => {
    highs ??= loadHighs();
    return suggest({ ...job, lookup: shelf(job.moves).lookup }, highsSolver(await highs));
  },
  fit: ({ brk, moves, approach }: { brk: Break; moves: readonly Move[]; approach: Approach }): FitResult =>
    fitBreak(brk, shelf(moves).lookup, approach),
  planDay: (day: DayInput): PlanResult => planDay(day),
  planWeek: ({ days, bestDays }: { days: readonly DayInput[]; bestDays?: number }): PlanResult[] =>
    bestDays === undefined ? days.map((day) => planDay(day)) : planBestDays(days, bestDays),
  simulate: ({ week, settings }: { week: readonly SimInput[]; settings: SimSettings }): SimResult =>
    simulate(week, settings),
  readCalendar: ({ text, window }: { text: string; window: ReadOptions }): ReturnType<typeof readCalendar> =>
    readCalendar(text, window),
  // Most threads never draw on paper: what it needs takes a fifth of a second to load.
  paper: async (job: PaperJob): Promise<Uint8Array | null> => (await import('../paper')).drawPaper(job),
  readArchive: (text: string): ReturnType<typeof readArchive> => readArchive(text),
};
export type Tasks = typeof tasks;
export type TaskName = keyof Tasks;

/** Does one task by its name. */
export default ({ name, input }: { name: TaskName; input: never }): unknown => tasks[name](input);
