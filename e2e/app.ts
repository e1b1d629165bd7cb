import { copyFileSync, mkdtempSync, rmSync } from 'node:fs';
import type { Server } from 'node:http';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import type { Pool } from '../server/parts';

const root = resolve(import.meta.dirname, '..');
/** The server as it was built: read from its sources, it takes each worker of the tests several seconds to begin. */
const built = join(root, 'server', 'dist');
const parts: typeof import('../server/parts') = await import(join(built, 'parts.js'));
const { createApp, createContext, openDatabase, createPool, listen } = parts;

const HOST = '127.0.0.1';

export interface RunningApp {
  url: string;
  /** Its database. */
  file: string;
  /** Address of the stand-in calendars; empty where nothing asked for them. */
  standIn: string;
  /** Ends the server and takes its database away. */
  stop: () => Promise<void>;
}

const log = parts.createLogger('error');
/** All databases of the tests are sealed with the same key: each starts as a copy of a ready one. */
const seal = new parts.Seal(new Uint8Array(32).fill(7));

// One set of threads, of the built server, for all tests of a worker: starting them takes longer than most tests.
const shared = globalThis as { kotabiPool?: Pool };
const pool = (): Pool => {
  shared.kotabiPool ??= createPool({ file: join(built, 'tasks.js') });
  return shared.kotabiPool;
};

const ended = (server: Server): Promise<void> =>
  new Promise((done) => {
    server.close(() => done());
    server.closeAllConnections();
  });

const startStandIn = async () => {
  const { server, port } = await listen(parts.createStandIn(parts.demoStandIns), 0, HOST);
  return { server, address: `http://${HOST}:${port}` };
};

/** Makes the databases that the tests start from, each in one file: an empty one, and one with the demo data. */
export const makeReady = async (file: string, demo: boolean): Promise<void> => {
  const { db, close } = await openDatabase(file);
  if (demo) {
    const ctx = createContext({ db, now: () => new Date(), pool: pool(), log, seal });
    const standIn = await startStandIn();
    await parts.loadDemo(ctx);
    await parts.subscribeDemo(ctx, standIn.address, true);
    await ended(standIn.server);
    await pool().close();
  }
  // Puts what is in the log beside the file into it.
  await close();
};

export interface AppWish {
  /** The ready database to start from: it is copied. */
  from: string;
  /** With stand-in calendars of its own. */
  calendars?: boolean;
  /** How often what is due is looked at, ms; never when absent. */
  everyMs?: number;
}

/** The real application on a free port, in this process, on its own copy of a ready database. */
export const startApp = async ({ from, calendars, everyMs }: AppWish): Promise<RunningApp> => {
  const dir = mkdtempSync(join(tmpdir(), 'kotabi-db-'));
  const file = join(dir, 'kotabi.db');
  copyFileSync(from, file);
  const { db, guard, close } = await openDatabase(file);
  const backups = new parts.BackupFolder(guard, join(dir, 'backups'), () => new Date(), seal);
  const ctx = createContext({ db, now: () => new Date(), pool: pool(), log, seal });
  const standIn = calendars ? await startStandIn() : null;
  if (standIn) await parts.subscribeDemo(ctx, standIn.address, false);
  const clockwork = everyMs === undefined ? null : parts.startClockwork(ctx, everyMs);
  const { server, port } = await listen(
    createApp({
      db,
      pool: pool(),
      log,
      seal,
      webDir: parts.webDir,
      backups: { folder: backups, database: file },
    }),
    0,
    HOST,
  );
  return {
    url: `http://${HOST}:${port}`,
    file,
    standIn: standIn?.address ?? '',
    stop: async () => {
      await clockwork?.stop();
      await ended(server);
      if (standIn) await ended(standIn.server);
      await close();
      rmSync(dir, { recursive: true, force: true });
    },
  };
};
