import { type ChildProcess, spawn } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { createClient } from '@libsql/client';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { restoreCopy } from '../db/copy';
import { group } from './harness';

const root = resolve(import.meta.dirname, '../..');
let dir: string;
let children: ChildProcess[];
beforeEach(() => {
  dir = mkdtempSync(join(tmpdir(), 'kotabi-process-'));
  children = [];
});
afterEach(() => {
  for (const child of children) child.kill('SIGKILL');
  rmSync(dir, { recursive: true, force: true });
});

const exit = (child: ChildProcess): Promise<number | null> =>
  new Promise((done) => {
    child.once('exit', (code) => done(code));
  });

/** The server as a program, on a database and with a key of this test. */
const program = (args: string[], env: Record<string, string> = {}): ChildProcess => {
  const child = spawn(process.execPath, ['server/dist/main.js', ...args], {
    cwd: root,
    env: {
      ...process.env,
      KOTABI_DB: join(dir, 'kotabi.db'),
      KOTABI_KEY_FILE: join(dir, 'keys', 'kotabi.key'),
      KOTABI_DEMO_DB: join(dir, 'demo.db'),
      ...env,
    },
  });
  children.push(child);
  return child;
};

/** Starts the server as a program of its own and waits for its address. */
const start = async (env: Record<string, string>, args: string[] = []) => {
  const child = program(args, env);
  let output = '';
  const url = await new Promise<string>((found, failed) => {
    const read = (chunk: Buffer): void => {
      output += String(chunk);
      const match = /ready at (http:\/\/\S+)/.exec(output);
      if (match?.[1]) found(match[1]);
    };
    child.stdout?.on('data', read);
    child.stderr?.on('data', read);
    child.once('exit', () => failed(new Error(output)));
  });
  return { child, url, output: () => output };
};

const put = (url: string, n: number) =>
  fetch(`${url}/api/groups/k${n}`, {
    method: 'PUT',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ baseVersion: 0, value: { ...group, id: `k${n}` } }),
  });

/** Runs a command of the server to its end, and gives what it says. */
const command = async (args: string[], env: Record<string, string> = {}): Promise<string> => {
  const child = program(args, env);
  let output = '';
  child.stdout?.on('data', (chunk) => {
    output += String(chunk);
  });
  child.stderr?.on('data', (chunk) => {
    output += String(chunk);
  });
  await exit(child);
  return output;
};

describe('the server as a program', () => {
  it('is reached by others only once somebody has to sign in, and the terminal is the way back in', async () => {
    await expect(start({ KOTABI_PORT: '0', KOTABI_HOST: '0.0.0.0' })).rejects.toThrow(
      '--account "your name"',
    );
    expect(await command(['--key-from-words', 'one two'])).toContain(
      'The recovery words are 24; these are 2.',
    );
    const made = await command(['--account', 'Ana']);
    const [, password = ''] =
      /Ana may sign in now \(instructor and keeper\), with the password: (\S+)/.exec(made) ?? [];
    const { url, child } = await start({ KOTABI_PORT: '0', KOTABI_HOST: '0.0.0.0' });
    const at = url.replace('0.0.0.0', '127.0.0.1');
    const signIn = async (words: string): Promise<number> =>
      (
        await fetch(`${at}/api/sign-in`, {
          method: 'POST',
          headers: { 'Content-Type': 'application/json' },
          body: JSON.stringify({ name: 'ana', password: words }),
        })
      ).status;
    expect(await signIn(password)).toBe(200);
    const again = await command(['--account', 'ANA']);
    const [, renewed = ''] = /Ana has a new password, .*: (\S+)/.exec(again) ?? [];
    expect(await signIn(password)).toBe(401);
    expect(await signIn(renewed)).toBe(200);
    child.kill('SIGTERM');
    expect(await exit(child)).toBe(0);
  });

  it('loses nothing acknowledged when it is killed', async () => {
    const first = await start({ KOTABI_PORT: '0', KOTABI_STAND_IN_PORT: '0' });
    const acknowledged: string[] = [];
    const writing = (async () => {
      for (let n = 0; n < 500; n++) {
        const answer = await put(first.url, n).catch(() => null);
        if (!answer) return;
        if (answer.status === 201) acknowledged.push(`k${n}`);
        if (n === 40) first.child.kill('SIGKILL');
      }
    })();
    await exit(first.child);
    await writing;
    expect(acknowledged.length).toBeGreaterThanOrEqual(40);
    const second = await start({ KOTABI_PORT: '0', KOTABI_STAND_IN_PORT: '0' });
    const kept = (await (await fetch(`${second.url}/api/groups`)).json()) as { value: { id: string } }[];
    const ids = kept.map((g) => g.value.id);
    expect(acknowledged.filter((id) => !ids.includes(id))).toEqual([]);
  });

  it('ends cleanly on Ctrl-C, even with a connection open', async () => {
    const { child, url } = await start({ KOTABI_PORT: '0', KOTABI_STAND_IN_PORT: '0' });
    await fetch(`${url}/api/health`);
    child.kill('SIGINT');
    expect(await exit(child)).toBe(0);
  });

  it('moves on from a taken port and says so', async () => {
    const blocker = createServer().listen(0, '127.0.0.1');
    try {
      await new Promise((done) => blocker.once('listening', done));
      const taken = (blocker.address() as { port: number }).port;
      const { url, output } = await start({ KOTABI_PORT: String(taken) });
      expect(output()).toContain(`Port ${taken} is taken`);
      expect(Number(new URL(url).port)).toBeGreaterThan(taken);
    } finally {
      blocker.close();
    }
  });

  it('says in a sentence what is wrong with a port', async () => {
    await expect(start({ KOTABI_PORT: 'http' })).rejects.toThrow(
      'KOTABI_PORT must be a whole number from 0 to 65535; it is "http".',
    );
  });

  it('says in a sentence that a file is no database, and leaves it as it was', async () => {
    const file = join(dir, 'letter.txt');
    writeFileSync(file, 'Dear crew, '.repeat(200));
    await expect(start({ KOTABI_PORT: '0', KOTABI_DB: file })).rejects.toThrow(
      /letter\.txt is no database\. It was not touched/,
    );
    expect(readFileSync(file, 'utf8')).toBe('Dear crew, '.repeat(200));
  });

  it('keeps what was changed in the demo until it is asked to start over, and never touches the user’s own database', async () => {
    const names = async (url: string) =>
      ((await (await fetch(`${url}/api/groups`)).json()) as { value: { id: string } }[]).map(
        (g) => g.value.id,
      );
    /** Starts, does something, and ends cleanly. */
    const run = async <T>(args: string[], use: (url: string) => Promise<T>): Promise<T> => {
      const { url, child } = await start({ KOTABI_PORT: '0', KOTABI_STAND_IN_PORT: '0' }, args);
      const got = await use(url);
      child.kill('SIGINT');
      await exit(child);
      return got;
    };
    await run([], (url) => put(url, 7));
    const shipped = await run(['--demo'], async (url) => {
      const before = await names(url);
      await put(url, 1);
      return before;
    });
    expect(shipped).toContain('timetable-desk');
    expect(await run(['--demo'], names)).toEqual([...shipped, 'k1']);
    expect(await run(['--demo', '--fresh'], names)).toEqual(shipped);
    expect(await run([], names)).toEqual(['k7']);
  });

  it('is copied elsewhere all the time: after a kill nothing older than seconds is missing', async () => {
    const copy = { KOTABI_COPY: join(dir, 'other-disk') };
    const env = { KOTABI_PORT: '0', ...copy };
    const groupsAt = async (url: string): Promise<string[]> =>
      ((await (await fetch(`${url}/api/groups`)).json()) as { value: { id: string } }[]).map(
        (g) => g.value.id,
      );
    const first = await start(env);
    for (let n = 0; n < 30; n++) expect((await put(first.url, n)).status).toBe(201);
    // What brings the log into the file from our side leaves the copy whole.
    await command(['--backup', '--to', join(dir, 'backup.db')]);
    for (let n = 30; n < 60; n++) expect((await put(first.url, n)).status).toBe(201);
    // It goes over by itself, in seconds, however slow the machine.
    let looks = 0;
    const copied = async (): Promise<number> => {
      const probe = join(dir, `probe-${looks++}.db`);
      if (!(await command(['--from-copy'], { ...copy, KOTABI_DB: probe })).includes('was made anew'))
        return -1;
      const client = createClient({ url: `file:${probe}` });
      const { rows } = await client.execute('SELECT count(*) AS n FROM groups');
      client.close();
      return Number(rows[0]?.n);
    };
    await expect.poll(copied, { interval: 1500 }).toBe(60);
    first.child.kill('SIGKILL');
    await exit(first.child);
    // The disk with the database is gone.
    const again = { ...copy, KOTABI_DB: join(dir, 'again.db') };
    expect(await command(['--from-copy'], again)).toContain('was made anew from the copy');
    const second = await start({ ...env, ...again });
    expect((await groupsAt(second.url)).length).toBe(60);
    // A clean end brings over what came last.
    expect((await put(second.url, 60)).status).toBe(201);
    second.child.kill('SIGTERM');
    expect(await exit(second.child)).toBe(0);
    const third = { ...copy, KOTABI_DB: join(dir, 'third.db') };
    await command(['--from-copy'], third);
    expect(
      (
        await groupsAt(
          (
            await start({ KOTABI_PORT: '0', ...third, KOTABI_COPY: join(dir, 'third-disk') })
          ).url,
        )
      ).length,
    ).toBe(61);
    expect(() => restoreCopy(copy.KOTABI_COPY, third.KOTABI_DB)).toThrow('Move it away first');
    expect(() => restoreCopy(join(dir, 'nowhere'), join(dir, 'n.db'))).toThrow('could not be read');
    expect(await command(['--from-copy'])).toContain('KOTABI_COPY must say where');
  });
});
