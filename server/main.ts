import { existsSync, rmSync } from 'node:fs';
import type { Server } from 'node:http';
import { setTimeout } from 'node:timers/promises';
import { parseArgs } from 'node:util';
import { createApp } from './app';
import { byCommand } from './by-command';
import { BadConfig, readConfig } from './config';
import { createContext } from './context';
import { BackupFolder } from './db/backup';
import { ForeignDatabase, openDatabase } from './db/open';
import { announce } from './db/running';
import { thinVersions } from './db/tend';
import { demoStandIns } from './demo/calendars';
import { loadDemo, subscribeDemo } from './demo/load';
import { listen } from './listen';
import { createLogger } from './log';
import { root, webDir } from './paths';
import { createPool } from './pool/pool';
import { startClockwork } from './reminders/clockwork';
import { createStandIn } from './stand-ins/calendars';

/** So long the end waits for what is under way. */
const PATIENCE_MS = 2000;

/** The stand-in calendar service of the demo, beside the application. */
const startStandIn = async (host: string, wanted: number): Promise<{ server: Server; address: string }> => {
  const { server, port } = await listen(createStandIn(demoStandIns), wanted, host);
  const address = `http://${host}:${port}`;
  console.log(`Stand-in calendars: ${address}`);
  return { server, address };
};

const main = async (): Promise<void> => {
  const { values } = parseArgs({
    options: {
      demo: { type: 'boolean', default: false },
      fresh: { type: 'boolean', default: false },
      /** Writes a backup and ends: into its folder, or `to` a file. */
      backup: { type: 'boolean', default: false },
      to: { type: 'string' },
      /** Looks into a backup and ends; with `yes` it is put in place of what is there now. */
      restore: { type: 'string' },
      yes: { type: 'boolean', default: false },
    },
  });
  const config = readConfig(process.env, values, root);
  const { demo, fresh, host, hosts, port, standInPort, file, token, backups: folder, log: level } = config;
  const log = createLogger(level);
  if (demo && fresh) for (const end of ['', '-wal', '-shm']) rmSync(file + end, { force: true });
  const isNew = !existsSync(file);
  const { db, guard, checkpoint, close } = await openDatabase(file, token).catch((error: Error) => {
    if (error instanceof ForeignDatabase) throw error;
    throw new Error(`The database ${file} could not be opened, and was not changed: ${error.message}`);
  });
  const backups = new BackupFolder(guard, folder, () => new Date());
  if (values.backup || values.restore !== undefined) {
    await byCommand(backups, values).finally(close);
    return;
  }
  const running = announce(file);
  if (running.other !== null)
    console.log(
      `Another Kotabi (process ${running.other}) uses this database as well. Nothing is lost by that, and reminders go out once; but it is slower, and seldom wanted.`,
    );
  const pool = createPool();
  const ctx = createContext(db, () => new Date(), pool, log);
  if (demo && isNew) await loadDemo(ctx);
  const standIn = demo ? await startStandIn(host, standInPort) : null;
  if (standIn) await subscribeDemo(ctx, standIn.address, isNew);

  const { server, port: at } = await listen(
    createApp({ db, pool, log, hosts, webDir, backups: { folder: backups, database: file } }),
    port,
    host,
    (taken) => console.log(`Port ${taken} is taken, trying ${taken + 1}.`),
  );
  console.log(`Kotabi${demo ? ' (demo)' : ''} is ready at http://${host}:${at}`);
  console.log(`Data: ${file}`);
  const clockwork = startClockwork(ctx, undefined, async () => {
    await checkpoint();
    if (backups.hasOneOfToday()) return;
    // Once a day: a backup first, then what has grown too old goes.
    if (!demo) await backups.make();
    await thinVersions(db, new Date());
  });

  let ending = false;
  const end = (): void => {
    if (ending) return;
    ending = true;
    server.close(() => {
      // A calendar that does not answer must not hold the end up either; its last good copy is safe.
      void Promise.race([clockwork.stop(), setTimeout(PATIENCE_MS)])
        .then(() => pool.close())
        .then(close)
        .catch((error: unknown) => log.error({ err: error }, 'the database file was not brought up to date'))
        .finally(() => {
          running.end();
          process.exit(0);
        });
    });
    standIn?.server.close();
    standIn?.server.closeAllConnections();
    server.closeIdleConnections();
    // Connections that stay open (a browser's keep-alive) must not hold the end up.
    void setTimeout(500, undefined, { ref: false }).then(() => server.closeAllConnections());
  };
  process.on('SIGINT', end);
  process.on('SIGTERM', end);
};

main().catch((error: unknown) => {
  console.error(
    error instanceof BadConfig ? error.message : error instanceof Error ? error.message : String(error),
  );
  process.exit(1);
});
