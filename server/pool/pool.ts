import { existsSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { Piscina } from 'piscina';
import { Refusal } from '../errors';
import type { TaskName, Tasks } from './tasks';

/** Jobs that may wait; more are refused at once rather than kept waiting for minutes. */
const MOST_WAITING = 12;
/** So long one job may take, seconds. */
const PATIENCE_SEC: Record<TaskName, number> = {
  // Many areas at once take some seconds, and on a busy machine several times that.
  suggest: 120,
  fit: 30,
  planDay: 30,
  planWeek: 60,
  simulate: 60,
  readCalendar: 10,
  readArchive: 30,
  paper: 20,
};
/** When a job that was refused may be tried again. */
const RETRY_AFTER_SEC = 5;

/** Runs heavy work in threads: a few at a time, the others wait their turn, and each is ended when it takes too long. */
export interface Pool {
  run: <Name extends TaskName>(
    name: Name,
    input: Parameters<Tasks[Name]>[0],
    /** Ends it when nobody waits for the answer any more. */
    signal?: AbortSignal,
  ) => Promise<Awaited<ReturnType<Tasks[Name]>>>;
  close: () => Promise<void>;
}

export interface PoolOptions {
  /** The file of the tasks, where it is not the one beside the server. */
  file?: string;
  threads?: number;
  mostWaiting?: number;
  patienceSec?: Partial<Record<TaskName, number>>;
}

/** Built, the tasks are a file of their own beside the server; while one works on Kotabi they are read as TypeScript. */
const tasksFile = (): string => {
  const built = join(import.meta.dirname, 'tasks.js');
  return existsSync(built) ? built : join(import.meta.dirname, 'tasks.mjs');
};

const busy = (): Refusal =>
  new Refusal(
    503,
    'busy',
    `The server has enough to compute already. Nothing was changed; try again in ${RETRY_AFTER_SEC} s.`,
    [],
    RETRY_AFTER_SEC,
  );

export const createPool = ({
  file = tasksFile(),
  threads = Math.max(1, availableParallelism() - 1),
  mostWaiting = MOST_WAITING,
  patienceSec = {},
}: PoolOptions = {}): Pool => {
  const piscina = new Piscina({
    filename: file,
    minThreads: 0,
    maxThreads: threads,
    maxQueue: mostWaiting,
    idleTimeout: 30_000,
    // A job that would take all the memory of the machine is ended instead.
    resourceLimits: { maxOldGenerationSizeMb: 1500 },
  });
  return {
    run: async (name, input, signal) => {
      if (piscina.queueSize >= mostWaiting) throw busy();
      const limitSec = patienceSec[name] ?? PATIENCE_SEC[name];
      const limit = AbortSignal.timeout(limitSec * 1000);
      try {
        return await piscina.run(
          { name, input },
          { signal: signal ? AbortSignal.any([signal, limit]) : limit },
        );
      } catch (error) {
        if (limit.aborted)
          throw new Refusal(
            503,
            'tooLong',
            `This took longer than ${limitSec} s and was ended. Nothing was changed; ask for less at once.`,
            [],
            RETRY_AFTER_SEC,
          );
        if ((error as { code?: string }).code === 'ERR_WORKER_OUT_OF_MEMORY')
          throw new Refusal(
            503,
            'tooMuch',
            'This needed more memory than one request may take, and was ended. Nothing was changed; ask for less at once.',
            [],
            RETRY_AFTER_SEC,
          );
        if (/queue is at limit/i.test((error as Error).message)) throw busy();
        throw error;
      }
    },
    close: () => piscina.destroy(),
  };
};
