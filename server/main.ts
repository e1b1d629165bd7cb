import { existsSync, rmSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { createApp } from './app';
import { openDatabase } from './db/open';
import { loadDemo } from './demo/load';
import { listen } from './listen';

const root = resolve(import.meta.dirname, '..');

/** Reads a port, or ends with a sentence that says what is wrong with it. */
const portFrom = (text: string): number => {
  const port = Number(text);
  if (Number.isInteger(port) && port >= 0 && port <= 65_535) return port;
  console.error(`KOTABI_PORT must be a whole number from 0 to 65535; it is "${text}".`);
  process.exit(1);
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
  const port = portFrom(env.KOTABI_PORT ?? '4180');
  if (values.demo && values.fresh)
    for (const end of ['', '-wal', '-shm']) rmSync(file + end, { force: true });
  const isNew = !existsSync(file);
  const { db, close } = await openDatabase(file).catch((error: Error) => {
    throw new Error(`The database ${file} could not be opened, and was not changed: ${error.message}`);
  });
  if (values.demo && isNew) await loadDemo(db, new Date());

  const app = createApp({ db, webDir: join(root, 'web', 'dist') });
  const { server, port: at } = await listen(app, port, host, (taken) =>
    console.log(`Port ${taken} is taken, trying ${taken + 1}.`),
  );
  console.log(`Kotabi${values.demo ? ' (demo)' : ''} is ready at http://${host}:${at}`);
  console.log(`Data: ${file}`);

  let ending = false;
  const end = (): void => {
    if (ending) return;
    ending = true;
    server.close(() => {
      close();
      process.exit(0);
    });
    server.closeIdleConnections();
    // Connections that stay open (a browser's keep-alive) must not hold the end up.
    setTimeout(() => server.closeAllConnections(), 500).unref();
  };
  process.on('SIGINT', end);
  process.on('SIGTERM', end);
};

main().catch((error: unknown) => {
  console.error(error instanceof Error ? error.message : error);
  process.exit(1);
});
