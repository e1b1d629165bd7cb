import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startServer } from './harness';

let app: Awaited<ReturnType<typeof startServer>>;
beforeAll(async () => {
  app = await startServer();
});
afterAll(() => app.stop());

/** One example of the page: what is sent, and the answer that is shown below it. */
interface Example {
  method: string;
  path: string;
  status: number;
  body: string;
  answer: unknown;
}

const page = readFileSync(resolve(import.meta.dirname, '../../docs/api.md'), 'utf8');
const pattern = /```json request (\w+) (\S+)\n([\s\S]*?)```[\s\S]*?```json answer (\d+)\n([\s\S]*?)```/g;
const examples: Example[] = [...page.matchAll(pattern)].map(
  ([, method = '', path = '', body = '', status, answer = '']) => ({
    method,
    path,
    body,
    status: Number(status),
    answer: JSON.parse(answer),
  }),
);

describe('docs/api.md', () => {
  it('has examples of every address, good and bad', () => {
    expect(examples.map((e) => `${e.path} ${e.status}`)).toEqual(
      expect.arrayContaining(
        ['time', 'fit', 'suggest', 'plan-day', 'plan-week', 'simulate'].flatMap((a) => [
          `/api/${a} 200`,
          `/api/${a} 422`,
        ]),
      ),
    );
  });

  it.each(examples)(
    '$method $path $status answers as written',
    async ({ method, path, status, body, answer }) => {
      const got = await app.send(method, path, body);
      expect(got.status).toBe(status);
      // What the page shows must be there; long lists are shown in part.
      expect(got.body).toMatchObject(answer as object);
    },
  );
});
