import { type FillRequest, type FillResult, fillWeek } from '@kotabi/core/fill';
import { type FitResult, fitBreak } from '@kotabi/core/fit';
import { type LedRequest, type LedResult, ledSessions } from '@kotabi/core/gather';
import { shelfOf } from '@kotabi/core/library';
import { type Approach, type Break, defaultApproach, type Move } from '@kotabi/core/model';
import {
  highsSolver,
  type Setting,
  type SuggestProgress,
  SuggestRequest,
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

/** Whether the solver was asked once: what has run already is quick. */
let isQuick = false;
/** A question that goes through everything a real one does. */
const SMALL = SuggestRequest.parse({
  slotSec: 120,
  targets: [{ area: 'neck' }, { area: 'shoulder' }],
  count: 1,
});

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
  /**
   * Makes the solver itself ready, where it is about to be asked: also by a small question, since what has not run yet runs
   * three times as slowly.
   */
  load: async (): Promise<void> => {
    const [here, data] = await Promise.all([loaded(), loadLibrary()]);
    if (isQuick) return;
    isQuick = true;
    const { library, lookup } = shelfOf(data);
    const setting = { request: SMALL, moves: library, lookup, approach: defaultApproach, audience: null };
    suggest(setting, highsSolver(here));
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
