import { existsSync, rmSync } from 'node:fs';
import type { Server } from 'node:http';
import { join, resolve } from 'node:path';
import { setTimeout } from 'node:timers/promises';
import { parseArgs } from 'node:util';
import { createApp } from './app';
import { createContext } from './context';
import { openDatabase } from './db/open';
import { demoStandIns } from './demo/calendars';
import { loadDemo, subscribeDemo } from './demo/load';
import { listen } from './listen';
import { startClockwork } from './reminders/clockwork';
import { createStandIn } from './stand-ins/calendars';

const root = resolve(import.meta.dirname, '..');
/** So long the end waits for what is under way. */
const PATIENCE_MS = 2000;

/** Reads a port, or ends with a sentence that says what is wrong with it. */
const portFrom = (name: string, usual: string): number => {
  const text = process.env[name] ?? usual;
  const port = Number(text);
  if (Number.isInteger(port) && port >= 0 && port <= 65_535) return port;
  console.error(`${name} must be a whole number from 0 to 65535; it is "${text}".`);
  process.exit(1);
};

/** The stand-in calendar service of the demo, beside the application. */
const startStandIn = async (host: string): Promise<{ server: Server; address: string }> => {
  const { server, port } = await listen(
    createStandIn(demoStandIns),
    portFrom('KOTABI_STAND_IN_PORT', '4190'),
    host,
  );
  const address = `http://${host}:${port}`;
  console.log(`Stand-in calendars: ${address}`);
  return { server, address };
};

const main = async (): Promise<void> => {
  const { values } = parseArgs({
    options: { demo: { type: 'boolean', default: false }, fresh: { type: 'boolean', default: false } },
  });
  const env = process.env;
  // The demo has a file of its own and never looks at the user's: starting over deletes it.
  const file = resolve(
    root,
    values.demo ? (env.KOTABI_DEMO_DB ?? '.data/demo.db') : (env.KOTABI_DB ?? '.data/kotabi.db'),
  );
  const host = env.KOTABI_HOST ?? '127.0.0.1';
  const port = portFrom('KOTABI_PORT', '4180');
  if (values.demo && values.fresh)
    for (const end of ['', '-wal', '-shm']) rmSync(file + end, { force: true });
  const isNew = !existsSync(file);
  const { db, close } = await openDatabase(file).catch((error: Error) => {
    throw new Error(`The database ${file} could not be opened, and was not changed: ${error.message}`);
  });
  if (values.demo && isNew) await loadDemo(db, new Date());

  const ctx = createContext(db, () => new Date());
  const standIn = values.demo ? await startStandIn(host) : null;
  if (standIn) await subscribeDemo(ctx, standIn.address, isNew);

  const app = createApp({ db, webDir: join(root, 'web', 'dist') });
  const { server, port: at } = await listen(app, port, host, (taken) =>
    console.log(`Port ${taken} is taken, trying ${taken + 1}.`),
  );
  console.log(`Kotabi${values.demo ? ' (demo)' : ''} is ready at http://${host}:${at}`);
  console.log(`Data: ${file}`);
  const clockwork = startClockwork(ctx);

  let ending = false;
  const end = (): void => {
    if (ending) return;
    ending = true;
    server.close(() => {
      // A calendar that does not answer must not hold the end up either; its last good copy is safe.
      void Promise.race([clockwork.stop(), setTimeout(PATIENCE_MS)]).then(() => {
        close();
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
  console.error(error instanceof Error ? error.message : error);
  process.exit(1);
});
