import { type ChildProcess, spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join, resolve } from 'node:path';
import { setTimeout } from 'node:timers/promises';
import type { Logger } from '../log';
import type { Guard } from './guard';

/** The engine that copies is not there, or says that it cannot. */
export class CopyTrouble extends Error {}

/** Debian's starter of programs that end with the one that started them. */
const SETPRIV = '/usr/bin/setpriv';
/** So long after it ended by itself the engine is started again. */
const AGAIN_AFTER_MS = 5000;
/** So long it takes until the engine knows the file: told to end before, it brings nothing over. */
const SETTLED_AFTER_MS = 3000;
/** So long it may take to bring the last changes over when the server ends. */
const LAST_MS = 5000;

/** Litestream's program for this machine, out of its package; it is installed where there is one. */
const engine = (): string => {
  const name = `@flydotio/litestream-${process.platform}-${process.arch}`;
  try {
    return join(dirname(createRequire(import.meta.url).resolve(`${name}/package.json`)), 'litestream');
  } catch {
    throw new CopyTrouble(`There is no engine for a continuous copy for this machine (${name}).`);
  }
};

/** The place of a copy as the engine names it: a folder, or an address of a kind that it knows. */
const placeOf = (to: string): string => (/^(s3|gs|abs|sftp):/.test(to) ? to : `file://${resolve(to)}`);

/** A continuous copy of the database in another place, at most a few seconds behind. */
export interface Copy {
  /** Brings over what is not there yet, and ends. */
  stop: () => Promise<void>;
}

/**
 * Starts copying the database file to a folder (on another disk) or to an address. From then on only the engine empties
 * the log beside the file: whatever else did so could take away what it has not copied yet.
 */
export const startCopy = (guard: Guard, file: string, to: string, log: Logger): Copy => {
  const program = engine();
  if (!/^\w+:/.test(to)) mkdirSync(to, { recursive: true });
  guard.copied = true;
  let child: ChildProcess | null = null;
  let ending = false;
  let startedAt = 0;
  const start = (): void => {
    const command = [program, 'replicate', file, placeOf(to)];
    // It must not go on after a server that was killed: the next one starts its own.
    startedAt = Date.now();
    const args = existsSync(SETPRIV) ? [SETPRIV, '--pdeathsig', 'TERM', ...command] : command;
    child = spawn(args[0] as string, args.slice(1), { stdio: ['ignore', 'ignore', 'pipe'] });
    let said = '';
    child.stderr?.on('data', (text) => {
      said = (said + String(text)).slice(-500);
    });
    child.once('error', (error) => log.error({ err: error }, 'the continuous copy could not be started'));
    child.once('exit', (code) => {
      if (ending) return;
      log.error({ code, said }, 'the continuous copy ended, and is started again');
      void setTimeout(AGAIN_AFTER_MS, undefined, { ref: false }).then(() => {
        if (!ending) start();
      });
    });
  };
  start();
  return {
    stop: async () => {
      ending = true;
      const running = child;
      if (!running || running.exitCode !== null || running.signalCode !== null) return;
      const ended = new Promise<void>((done) => {
        running.once('exit', () => done());
      });
      await Promise.race([ended, setTimeout(Math.max(0, startedAt + SETTLED_AFTER_MS - Date.now()))]);
      running.kill('SIGTERM');
      await Promise.race([ended, setTimeout(LAST_MS, undefined, { ref: false })]);
      running.kill('SIGKILL');
      guard.copied = false;
    },
  };
};

/** Makes the database file anew from its continuous copy. Throws `CopyTrouble`; never touches a file that is there. */
export const restoreCopy = (from: string, file: string): void => {
  if (existsSync(file))
    throw new CopyTrouble(
      `${file} is there. Move it away first: a copy never takes the place of a database.`,
    );
  mkdirSync(dirname(file), { recursive: true });
  const { status, stderr } = spawnSync(engine(), ['restore', '-o', file, placeOf(from)], {
    encoding: 'utf8',
  });
  if (status !== 0)
    throw new CopyTrouble(
      `The copy in ${from} could not be read: ${stderr.trim().slice(0, 300) || 'no reason given'}.`,
    );
};
