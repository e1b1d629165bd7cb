import { existsSync, rmSync } from 'node:fs';
import type { Server } from 'node:http';
import { setTimeout } from 'node:timers/promises';
import { parseArgs } from 'node:util';
import { Accounts } from './access/accounts';
import { createApp } from './app';
import { byCommand, commands, tellNewKey } from './by-command';
import { BadConfig, type Config, readConfig } from './config';
import { createContext } from './context';
import { BackupFolder } from './db/backup';
import { restoreCopy, startCopy } from './db/copy';
import { isFile } from './db/guard';
import { type Database, ForeignDatabase, openDatabase, placeOf } from './db/open';
import { announce } from './db/running';
import { purgeDeleted, thinDeeds, thinVersions } from './db/tend';
import { demoStandIns } from './demo/calendars';
import { remindDemo } from './demo/devices';
import { loadDemo, subscribeDemo } from './demo/load';
import { isLoopback } from './door';
import { listen } from './listen';
import { createLogger } from './log';
import { root, webDir } from './paths';
import { createPool } from './pool/pool';
import { startClockwork } from './reminders/clockwork';
import { newCode } from './routes/accounts';
import { openSeal } from './seal/keyring';
import type { Seal } from './seal/seal';
import { createStandIn } from './stand-ins/calendars';
import type { MailStandIn } from './stand-ins/mail';
import type { PushStandIn } from './stand-ins/push';

/** So long the end waits for what is under way. */
const PATIENCE_MS = 2000;

/** The stand-in calendar service of the demo, beside the application. */
const startStandIn = async (
  host: string,
  wanted: number,
  mails: MailStandIn | null,
  push: PushStandIn,
): Promise<{ server: Server; address: string }> => {
  const app = createStandIn(demoStandIns);
  mails?.showOn(app);
  push.showOn(app);
  const { server, port } = await listen(app, wanted, host);
  const address = `http://${host}:${port}`;
  console.log(`Stand-in calendars: ${address}`);
  if (mails) console.log(`Stand-in mail server: what it got stands at ${address}/mail`);
  console.log(`Stand-in push service: what it showed stands at ${address}/push`);
  return { server, address };
};

/**
 * Refuses to be reached by others while nobody signs in. Gives the code with which the first account is made, where there
 * is none yet and everybody signs in; else null.
 */
const mustBeSafe = async ({ host, signIn }: Config, db: Database): Promise<string | null> => {
  if (await new Accounts(db, () => new Date()).any()) return null;
  if (signIn) return newCode();
  if (!isLoopback(host))
    throw new BadConfig(
      `KOTABI_HOST is "${host}", which other machines reach, and nobody has to sign in here yet: everybody in the network ` +
        'could read who has which limits. Make the first account with: npm start -- --account "your name"; or start with ' +
        'KOTABI_SIGN_IN=on and make it in the browser. docs/running.md says more.',
    );
  return null;
};

const main = async (): Promise<void> => {
  const { values } = parseArgs({
    options: {
      demo: { type: 'boolean', default: false },
      fresh: { type: 'boolean', default: false },
      ...commands,
    },
  });
  const config = readConfig(process.env, values, root);
  const { demo, fresh, host, hosts, port, standInPort, file, token, keyFile, log: level } = config;
  const log = createLogger(level);
  if (demo && fresh) for (const end of ['', '-wal', '-shm']) rmSync(file + end, { force: true });
  if (values['from-copy']) {
    if (config.copy === undefined) throw new BadConfig('KOTABI_COPY must say where the continuous copy is.');
    restoreCopy(config.copy, file);
    console.log(`${file} was made anew from the copy in ${config.copy}. Start as usual now.`);
    return;
  }
  const isNew = !existsSync(file);
  const opened = await openDatabase(file, token).catch((error: Error) => {
    if (error instanceof ForeignDatabase) throw error;
    throw new Error(`The database ${file} could not be opened, and was not changed: ${error.message}`);
  });
  const { db, guard, checkpoint, close } = opened;
  let seal: Seal;
  let firstCode: string | null;
  try {
    if (await byCommand(opened, config, values)) return await close();
    firstCode = await mustBeSafe(config, db);
    const key = await openSeal(db, keyFile);
    if (key.words && !demo) tellNewKey(key.words, keyFile);
    seal = key.seal;
  } catch (error) {
    await close();
    throw error;
  }
  const backups = new BackupFolder(guard, config.backups, () => new Date(), seal);
  const running = announce(file);
  if (running.other !== null)
    console.log(
      `Another Kotabi (process ${running.other}) uses this database as well. Nothing is lost by that, and reminders go out once; but it is slower, and seldom wanted.`,
    );
  if (config.copy !== undefined && !isFile(placeOf(file)))
    throw new BadConfig('KOTABI_COPY is for a database in a file; a database server has its own ways.');
  const copy = config.copy === undefined ? null : startCopy(guard, file, config.copy, log);
  const pool = createPool();
  // The demo writes to a mail server of its own, which sends nothing on; its links lead to this machine.
  // What has to do with mail is loaded where there is any.
  const mails = demo && !config.smtp ? await (await import('./stand-ins/mail')).startMailStandIn(host) : null;
  const smtp =
    config.smtp ?? (mails ? { address: mails.address, from: 'breaks@shore-office.example' } : undefined);
  const mailer = smtp && (await import('./mail/mailer')).createMailer(smtp.address, smtp.from);
  let here: string | undefined;
  const outside = (): string | undefined => config.address ?? (demo ? here : undefined);
  const push = demo ? (await import('./stand-ins/push')).createPushStandIn() : null;
  const standIn = push && (await startStandIn(host, standInPort, mails, push));
  const pushService = standIn?.address;
  const ctx = createContext({ db, now: () => new Date(), pool, log, seal, outside, mailer, pushService });
  if (demo && isNew) await loadDemo(ctx);
  if (standIn) await subscribeDemo(ctx, standIn.address, isNew);
  if (standIn && push) await remindDemo(ctx, push, standIn.address);

  const { server, port: at } = await listen(
    createApp({
      db,
      pool,
      log,
      seal,
      hosts,
      outside,
      pushService,
      webDir,
      firstCode,
      behindProxy: config.behindProxy,
      backups: { folder: backups, database: file },
    }),
    port,
    host,
    (taken) => console.log(`Port ${taken} is taken, trying ${taken + 1}.`),
  );
  here = `http://${host}:${at}`;
  console.log(`Kotabi${demo ? ' (demo)' : ''} is ready at http://${host}:${at}`);
  console.log(`Data: ${file}`);
  if (firstCode) console.log(`The first account is made there with this code: ${firstCode}`);
  const clockwork = startClockwork(ctx, undefined, async () => {
    await checkpoint();
    if (backups.hasOneOfToday()) return;
    // Once a day: a backup first, then what has grown too old goes.
    if (!demo) await backups.make();
    await thinVersions(db, new Date());
    await thinDeeds(db, new Date());
    await purgeDeleted(db, new Date());
  });

  let ending = false;
  const end = (): void => {
    if (ending) return;
    ending = true;
    server.close(() => {
      // A calendar that does not answer must not hold the end up either; its last good copy is safe.
      void Promise.race([clockwork.stop(), setTimeout(PATIENCE_MS)])
        .then(() => pool.close())
        .then(() => copy?.stop())
        .then(close)
        .catch((error: unknown) => log.error({ err: error }, 'the database file was not brought up to date'))
        .finally(() => {
          running.end();
          process.exit(0);
        });
    });
    void mails?.stop();
    mailer?.close();
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
