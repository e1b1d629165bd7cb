import { Worker } from 'node:worker_threads';
import type { Setting, SuggestResult } from '@kotabi/core/suggest';

/** Everything a suggestion needs, as data that can go to another thread. */
export type SolveJob = Omit<Setting, 'lookup'>;

/** Suggests breaks in another thread; `signal` ends it. */
export const suggestInThread = (job: SolveJob, signal: AbortSignal): Promise<SuggestResult> =>
  new Promise((resolve, reject) => {
    const worker = new Worker(new URL('./worker.mjs', import.meta.url), { workerData: job });
    const stop = (): void => void worker.terminate();
    signal.addEventListener('abort', stop, { once: true });
    worker.once('message', (result: SuggestResult) => resolve(result));
    worker.once('error', reject);
    worker.once('exit', (code) => {
      signal.removeEventListener('abort', stop);
      // After an answer this changes nothing; without one it says that there will be none.
      reject(new Error(`suggesting ended with code ${code} and no answer`));
    });
  });
