import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { TestProject } from 'vitest/node';
import build from '../server/test/setup';

declare module 'vitest' {
  interface ProvidedContext {
    /** The folder of the ready databases, `empty.db` and `demo.db`. */
    ready: string;
  }
}

/** The browser tests drive what is built, so it is built first when it is out of date; and start from ready databases. */
export default async (project: TestProject): Promise<() => void> => {
  build();
  // What was built is not there before.
  const { makeReady } = await import('./app');
  const ready = mkdtempSync(join(tmpdir(), 'kotabi-ready-'));
  await makeReady(join(ready, 'empty.db'), false);
  await makeReady(join(ready, 'demo.db'), true);
  project.provide('ready', ready);
  return () => rmSync(ready, { recursive: true, force: true });
};
