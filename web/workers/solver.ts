import { type FillRequest, type FillResult, fillWeek } from '@kotabi/core/fill';
import { type FitResult, fitBreak } from '@kotabi/core/fit';
import { type LedRequest, type LedResult, ledSessions } from '@kotabi/core/gather';
import { shelfOf } from '@kotabi/core/library';
import type { Approach, Break, Move } from '@kotabi/core/model';
import {
  highsSolver,
  type Setting,
  type SuggestProgress,
  type SuggestResult,
  suggest,
} from '@kotabi/core/suggest';
import { expose } from 'comlink';
import loadHighs from 'highs';
import wasmUrl from 'highs/runtime?url';
import { loadLibrary } from '../api/library';

/** The mixed-integer solver, loaded once; a load that failed is tried again. */
let highs: ReturnType<typeof loadHighs> | null = null;
const loaded = (): ReturnType<typeof loadHighs> => {
  highs ??= loadHighs({ locateFile: () => wasmUrl }).catch((error: unknown) => {
    highs = null;
    throw error;
  });
  return highs;
};

/** Finds a move among the own ones and the library. */
const lookupWith = async (own: readonly Move[]) => shelfOf(await loadLibrary(), own).lookup;

const solver = {
  /**
   * Fetches everything that will be needed, so that it is here when the server is not. The solver stays in the browser's
   * store of files: making it ready takes most of a second of a processor, and most visits never ask for it.
   */
  ready: async (): Promise<void> => {
    const [solverFile] = await Promise.all([fetch(wasmUrl), loadLibrary()]);
    await solverFile.arrayBuffer();
  },
  /** Makes the solver itself ready, where it is about to be asked. */
  load: async (): Promise<void> => {
    await Promise.all([loaded(), loadLibrary()]);
  },
  /** Fits a break into its slot. */
  fit: async (brk: Break, own: readonly Move[], approach: Approach): Promise<FitResult> =>
    fitBreak(brk, await lookupWith(own), approach),
  /** Suggests breaks; `progress` is told where the search is. */
  suggest: async (
    setting: Omit<Setting, 'lookup'>,
    own: readonly Move[],
    progress: (p: SuggestProgress) => void,
  ): Promise<SuggestResult> =>
    suggest({ ...setting, lookup: await lookupWith(own) }, highsSolver(await loaded()), progress),
  /** Chooses a break for every planned time of a week; `progress` is told how near the best it is. */
  fillWeek: async (request: FillRequest, progress: (gap: number) => void): Promise<FillResult> =>
    fillWeek(request, highsSolver(await loaded()), progress),
  /** Picks the times of led sessions. */
  ledSessions: async (request: LedRequest, progress: (gap: number) => void): Promise<LedResult> =>
    ledSessions(request, highsSolver(await loaded()), progress),
};
export type Solver = typeof solver;

expose(solver);
