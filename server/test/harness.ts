import { mkdtempSync, rmSync } from 'node:fs';
import type { Server } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { ApiError, GivenState } from '@kotabi/core/model';
import { type AppOptions, createApp } from '../app';
import { createContext } from '../context';
import { BackupFolder } from '../db/backup';
import { openDatabase } from '../db/open';
import { listen } from '../listen';
import { createLogger, type Logger } from '../log';
import { root } from '../paths';
import { createPool, type PoolOptions } from '../pool/pool';
import { newKey } from '../seal/key';
import { Seal } from '../seal/seal';

/** The work of the threads as it is built: a thread then starts in no time. */
export const builtTasks = join(root, 'server', 'dist', 'tasks.js');

export interface Answer<T = unknown> {
  status: number;
  body: T;
  headers: Headers;
}

/** The week of the 24th November 2026 for the group `g1`: that Tuesday with the break `b1` at some minutes of the day. */
export const tuesdayWeek = (starts: readonly number[]) => ({
  id: 'w1',
  groupId: 'g1',
  personId: null,
  startDate: '2026-11-23',
  rule: { kinds: [{ id: 'short', lengthMin: 5, relief: 1 }] },
  days: [
    {
      date: '2026-11-24',
      breaks: starts.map((startMin, i) => ({ id: `d.${i}`, startMin, kindId: 'short', breakId: 'b1' })),
    },
  ],
});

/** The application on a real database file and a real port, with a clock that stands still. */
export const startServer = async (
  now = new Date('2026-11-20T08:00:00.000Z'),
  threads: PoolOptions = {},
  log: Logger = createLogger('silent'),
  webDir?: string,
  more: Pick<AppOptions, 'firstCode' | 'behindProxy' | 'hosts' | 'outside' | 'pushService'> = {},
) => {
  const dir = mkdtempSync(join(tmpdir(), 'kotabi-test-'));
  const file = join(dir, 'test.db');
  const { db, guard, close } = await openDatabase(file);
  const pool = createPool({ file: builtTasks, ...threads });
  const seal = new Seal(newKey());
  const backups = new BackupFolder(guard, join(dir, 'backups'), () => new Date(), seal);
  const { server, port } = await listen(
    createApp({
      db,
      pool,
      log,
      seal,
      now: () => now,
      webDir,
      backups: { folder: backups, database: file },
      ...more,
    }),
    0,
    '127.0.0.1',
  );
  const url = `http://127.0.0.1:${port}`;

  const send = async <T = unknown>(
    method: string,
    path: string,
    body?: unknown,
    headers: Record<string, string> = {},
  ): Promise<Answer<T>> => {
    const raw = typeof body === 'string';
    const response = await fetch(url + path, {
      method,
      ...(body !== undefined && { body: raw ? body : JSON.stringify(body) }),
      headers: { ...(body !== undefined && { 'Content-Type': 'application/json' }), ...headers },
    });
    const text = await response.text();
    const isJson = response.headers.get('content-type')?.includes('json') && text !== '';
    return {
      status: response.status,
      body: (isJson ? JSON.parse(text) : text) as T,
      headers: response.headers,
    };
  };

  return {
    /** What the routes work with, for what runs beside them; with a clock of its own. */
    context: (clock: () => Date) => createContext({ db, now: clock, pool, log, seal }),
    db,
    guard,
    file,
    url,
    send,
    get: <T = unknown>(path: string) => send<T>('GET', path),
    put: <T = unknown>(path: string, value: unknown, baseVersion = 0) =>
      send<T>('PUT', path, { baseVersion, value }),
    /** Gives a week out as it stands. */
    give: async (weekId: string) => {
      const { body } = await send<{ version: number }>('GET', `/api/weeks/${weekId}`);
      return send<GivenState>('POST', `/api/weeks/${weekId}/given`, { version: body.version });
    },
    fails: (method: string, path: string, body?: unknown, headers?: Record<string, string>) =>
      send<ApiError>(method, path, body, headers),
    stop: async () => {
      await stopServer(server);
      await pool.close();
      await close();
      rmSync(dir, { recursive: true, force: true });
    },
  };
};

const stopServer = (server: Server): Promise<void> =>
  new Promise((done) => {
    server.close(() => done());
    server.closeAllConnections();
  });

export const group = {
  id: 'g1',
  name: 'Timetable desk',
  timeZone: 'Europe/Lisbon',
  days: [1, 2, 3, 4, 5],
  hours: { startMin: 540, endMin: 1050 },
  lunch: { startMin: 750, endMin: 795 },
};

/** A break of one stretch that takes 57.5 s: 3 + (6.5 + 20 + 2) + (4 + 20 + 2), edge of the seat. */
export const edgeBreak = {
  id: 'b1',
  name: 'One side, then the other',
  slotSec: 60,
  items: [
    {
      type: 'step',
      id: 's1',
      moveId: 'ear-to-shoulder',
      position: 'edge',
      dose: { measure: 'seconds', amount: 20 },
    },
  ],
};
