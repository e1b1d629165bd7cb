import { type ChildProcess, spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';

const root = resolve(import.meta.dirname, '..');

/** The built application as a program of its own, which can be ended and started again. */
export interface Program {
  /** Its number among the processes of this machine. */
  pid: number;
  url: string;
  /** Ends it, and takes a database of its own away. */
  stop: () => Promise<void>;
}

const ended = (child: ChildProcess): Promise<void> =>
  child.exitCode !== null || child.signalCode !== null
    ? Promise.resolve()
    : new Promise((done) => {
        child.once('exit', () => done());
      });

/** Starts the built application on a free port, on this database or one of its own. */
export const startProgram = async (
  options: { demo?: boolean; db?: string; port?: number } = {},
): Promise<Program> => {
  const dir = mkdtempSync(join(tmpdir(), 'kotabi-db-'));
  const db = options.db ?? join(dir, 'kotabi.db');
  const child = spawn(process.execPath, ['server/dist/main.js', ...(options.demo ? ['--demo'] : [])], {
    cwd: root,
    env: {
      ...process.env,
      [options.demo ? 'KOTABI_DEMO_DB' : 'KOTABI_DB']: db,
      KOTABI_KEY_FILE: `${db}.key`,
      KOTABI_PORT: String(options.port ?? 0),
      KOTABI_STAND_IN_PORT: '0',
    },
  });
  let output = '';
  const url = await new Promise<string>((found, failed) => {
    const limit = setTimeout(() => failed(new Error(`The server did not start:\n${output}`)), 60_000);
    const read = (chunk: Buffer): void => {
      output += String(chunk);
      const match = /ready at (http:\/\/\S+)/.exec(output);
      if (!match?.[1]) return;
      clearTimeout(limit);
      found(match[1]);
    };
    child.stdout.on('data', read);
    child.stderr.on('data', read);
    child.once('exit', () => failed(new Error(`The server ended:\n${output}`)));
  });
  return {
    url,
    pid: child.pid ?? 0,
    stop: async () => {
      child.kill('SIGINT');
      await ended(child);
      rmSync(dir, { recursive: true, force: true });
    },
  };
};
