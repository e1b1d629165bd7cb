import type { FillRequest, FillResult } from '@kotabi/core/fill';
import type { FitResult } from '@kotabi/core/fit';
import type { LedRequest, LedResult } from '@kotabi/core/gather';
import type { Approach, Break, Move } from '@kotabi/core/model';
import type { Setting, SuggestProgress, SuggestResult } from '@kotabi/core/suggest';
import { proxy, type Remote, wrap } from 'comlink';
import type { Solver } from './solver';

/** A worker with its one handle: the handle must live as long as the worker, or the worker stops listening. */
interface Hand {
  worker: Worker;
  solver: Remote<Solver>;
}
const start = (): Hand => {
  const worker = new Worker(new URL('./solver.ts', import.meta.url), { type: 'module' });
  return { worker, solver: wrap<Solver>(worker) };
};

/** A worker that waits for work, loaded while the server is there. */
let spare: Hand | null = null;
/** How many are at work: each waits for more when it has done its own. */
let atWork = 0;

/** Gets a worker ready, so that fitting and suggesting go on when the server is gone. */
export const warmUp = (): void => {
  if (spare || atWork > 0) return;
  const hand = start();
  spare = hand;
  hand.solver.ready().catch(() => {
    // Not now; whoever needs it starts another one and is told why if that fails as well.
    hand.worker.terminate();
    if (spare === hand) spare = null;
  });
};

/** Gets the solver itself ready as well, while it is still being said what for. */
export const warmUpSolver = (): void => {
  warmUp();
  // What goes wrong here is told to whoever asks for an answer.
  spare?.solver.load().catch(() => undefined);
};

/** Runs one piece of work in a worker; `signal` ends it at once. */
const inWorker = async <T>(signal: AbortSignal, work: (solver: Remote<Solver>) => Promise<T>): Promise<T> => {
  const hand = spare ?? start();
  const { worker, solver } = hand;
  spare = null;
  atWork++;
  const stopped = new Promise<never>((_, reject) => {
    signal.addEventListener('abort', () => reject(new DOMException('It was cancelled.', 'AbortError')));
    worker.addEventListener('error', (event) =>
      reject(new Error(event.message || 'The part that computes could not be loaded.')),
    );
  });
  try {
    const result = await Promise.race([work(solver), stopped]);
    atWork--;
    if (spare) worker.terminate();
    else spare = hand;
    return result;
  } catch (error) {
    atWork--;
    // Work that was cancelled or failed may still be running: its worker goes with it.
    worker.terminate();
    warmUp();
    throw error;
  }
};

/** Fits a break into its slot, away from the page. */
export const fitAway = (
  brk: Break,
  own: readonly Move[],
  approach: Approach,
  signal: AbortSignal,
): Promise<FitResult> => inWorker(signal, (s) => s.fit(brk, own, approach) as Promise<FitResult>);

/** Suggests breaks, away from the page. */
export const suggestAway = (
  setting: Omit<Setting, 'lookup'>,
  own: readonly Move[],
  progress: (p: SuggestProgress) => void,
  signal: AbortSignal,
): Promise<SuggestResult> =>
  inWorker(signal, (s) => s.suggest(setting, own, proxy(progress)) as Promise<SuggestResult>);

/** Chooses a break for every planned time of a week, away from the page. */
export const fillAway = (
  request: FillRequest,
  progress: (gap: number) => void,
  signal: AbortSignal,
): Promise<FillResult> =>
  inWorker(signal, (s) => s.fillWeek(request, proxy(progress)) as Promise<FillResult>);

/** Picks the times of led sessions, away from the page. */
export const ledAway = (
  request: LedRequest,
  progress: (gap: number) => void,
  signal: AbortSignal,
): Promise<LedResult> =>
  inWorker(signal, (s) => s.ledSessions(request, proxy(progress)) as Promise<LedResult>);
