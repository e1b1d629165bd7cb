import { type ChildProcess, spawn } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { setTimeout } from 'node:timers/promises';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { times } from '../../core/testing/all';
import { edgeBreak, group } from './harness';

const root = resolve(import.meta.dirname, '../..');
const WRITERS = 8;
const KILLS = times(4, 1000);
const LOCKS = times(2, 200);
/** A row of pseudo-random numbers from 0 to 1, the same each time. */
const numbers = (seed: number) => () => {
  seed = (seed * 1_664_525 + 1_013_904_223) % 4_294_967_296;
  return seed / 4_294_967_296;
};

let dir: string;
const children = new Set<ChildProcess>();
beforeEach(() => {
  dir = mkdtempSync(join(tmpdir(), 'kotabi-storm-'));
});
afterEach(() => {
  for (const child of children) child.kill('SIGKILL');
  rmSync(dir, { recursive: true, force: true });
});

const run = (args: string[]): ChildProcess => {
  const env = {
    ...process.env,
    KOTABI_DB: join(dir, 'kotabi.db'),
    KOTABI_KEY_FILE: join(dir, 'keys', 'kotabi.key'),
    KOTABI_BACKUPS: join(dir, 'backups'),
    KOTABI_PORT: '0',
    KOTABI_LOG: 'silent',
  };
  const child = spawn(process.execPath, args, { cwd: root, env });
  children.add(child);
  child.once('exit', () => children.delete(child));
  return child;
};
const start = async () => {
  const child = run(['server/dist/main.js']);
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
  return { child, url };
};

describe('kills and locks in any order', () => {
  it(
    `lose nothing that was acknowledged to ${WRITERS} writers (${KILLS} kills, ${LOCKS} locks)`,
    async () => {
      let at = await start();
      let over = false;
      const acknowledged = new Map<string, number>();
      const refused = new Set<number>();
      const writer = async (w: number): Promise<void> => {
        // In turn a thing that is changed again and again, and a new one with each write.
        for (let n = 1; !over; n++) {
          const [path, value] =
            n % 2 === 0
              ? [`groups/w${w}-${n}`, { ...group, id: `w${w}-${n}` }]
              : [`breaks/w${w}-${n}`, { ...edgeBreak, id: `w${w}-${n}` }];
          const answer = await fetch(`${at.url}/api/${path}`, {
            method: 'PUT',
            headers: { 'Content-Type': 'application/json' },
            body: JSON.stringify({ baseVersion: 0, value }),
          }).catch(() => null);
          if (answer?.status === 201) acknowledged.set(path, n);
          else if (answer) refused.add(answer.status);
          else await setTimeout(20);
        }
      };
      const writing = Promise.all(Array.from({ length: WRITERS }, (_, w) => writer(w)));
      const next = numbers(20_261_126);
      const storm = [...Array(KILLS).fill('kill'), ...Array(LOCKS).fill('lock')]
        .map((what): [number, string] => [next(), what])
        .sort((a, b) => a[0] - b[0]);
      for (const [, what] of storm) {
        // By what was kept meanwhile, not by the clock: a slow machine is struck as often in the middle of a write.
        const enough = acknowledged.size + 10 + Math.round(20 * next());
        await expect.poll(() => acknowledged.size).toBeGreaterThan(enough);
        if (what === 'kill') {
          at.child.kill('SIGKILL');
          await once(at.child, 'exit');
          at = await start();
        } else {
          const lock = run([join(import.meta.dirname, 'hold-lock.mjs'), join(dir, 'kotabi.db')]);
          await once(lock.stdout as NodeJS.ReadableStream, 'data');
          await setTimeout(400 * next());
          lock.stdin?.end();
          await once(lock, 'exit');
        }
      }
      over = true;
      await writing;
      at.child.kill('SIGKILL');
      await once(at.child, 'exit');
      at = await start();
      const kept = new Set<string>();
      for (const kind of ['groups', 'breaks'])
        for (const { value } of (await (await fetch(`${at.url}/api/${kind}`)).json()) as {
          value: { id: string };
        }[])
          kept.add(`${kind}/${value.id}`);
      expect(acknowledged.size).toBeGreaterThan(10 * (KILLS + LOCKS));
      expect([...acknowledged.keys()].filter((path) => !kept.has(path))).toEqual([]);
      // A lock of less than the patience is waited for, and a write that may have been kept before a kill is found there.
      expect([...refused].filter((status) => status !== 200 && status !== 409)).toEqual([]);
    },
    times(180_000, 3_600_000),
  );
});
