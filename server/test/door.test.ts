import { request } from 'node:http';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { webDir } from '../paths';
import { group, startServer } from './harness';

let app: Awaited<ReturnType<typeof startServer>>;
beforeAll(async () => {
  app = await startServer(undefined, {}, undefined, webDir);
  await app.put('/api/groups/g1', group);
});
afterAll(() => app.stop());

/** Asks as a browser would that was told another name for this machine, or that shows another site. */
const ask = (method: string, path: string, headers: Record<string, string>, body?: string) =>
  new Promise<{ status: number; text: string }>((answered, failed) => {
    const { port } = new URL(app.url);
    const req = request(
      { host: '127.0.0.1', port, method, path, headers: { 'Content-Type': 'application/json', ...headers } },
      (res) => {
        let text = '';
        res.on('data', (chunk) => {
          text += chunk;
        });
        res.on('end', () => answered({ status: res.statusCode ?? 0, text }));
      },
    );
    req.on('error', failed);
    req.end(body);
  });

const POSTS = [
  '/api/calendars/c1/refresh',
  '/api/breaks/b1/restore',
  '/api/backups',
  '/api/feeds',
  '/api/suggest',
];

describe('the door', () => {
  it.each(['localhost:4180', '127.0.0.1', '[::1]:4180', 'LOCALHOST'])(
    'knows its own name %s',
    async (host) => {
      expect((await ask('GET', '/api/groups', { Host: host })).status).toBe(200);
    },
  );

  it.each(['stretch.example', 'localhost.example:80', '127.0.0.1.example', '192.168.1.5:4180'])(
    'lets nobody in who calls it %j, to pages neither',
    async (host) => {
      for (const path of ['/api/groups', '/', '/assets/anything.js', '/api/groups/g1/people']) {
        const answer = await ask('GET', path, { Host: host });
        expect([path, answer.status]).toEqual([path, 421]);
        expect(answer.text).not.toContain('Timetable desk');
      }
    },
  );

  it.each(POSTS)('changes nothing at %s for a page of another site', async (path) => {
    const elsewhere = await ask(
      'POST',
      path,
      { Host: 'localhost', Origin: 'https://elsewhere.example' },
      '{}',
    );
    expect([elsewhere.status, elsewhere.text.includes('Nothing was changed')]).toEqual([403, true]);
    expect(
      (await ask('POST', path, { Host: 'localhost', 'Sec-Fetch-Site': 'cross-site' }, '{}')).status,
    ).toBe(403);
    expect((await ask('POST', path, { Host: 'localhost', Origin: 'null' }, '{}')).status).toBe(403);
    // Another program on another port of this machine is another site as well.
    expect(
      (await ask('POST', path, { Host: 'localhost:4180', Origin: 'http://localhost:9999' }, '{}')).status,
    ).toBe(403);
  });

  it('deletes nothing for a page of another site, and takes it from its own', async () => {
    const elsewhere = { Host: 'localhost:4180', Origin: 'http://elsewhere.example' };
    expect((await ask('DELETE', '/api/groups/g1', elsewhere)).status).toBe(403);
    expect((await app.get<unknown[]>('/api/groups')).body).toHaveLength(1);
    const ours = { Host: 'localhost:4180', Origin: 'http://localhost:4180', 'Sec-Fetch-Site': 'same-origin' };
    expect(
      (
        await ask(
          'PUT',
          '/api/groups/g2',
          ours,
          JSON.stringify({ baseVersion: 0, value: { ...group, id: 'g2' } }),
        )
      ).status,
    ).toBe(201);
  });

  it('tells the browser what our pages may do: no inline script, no frame, nothing to other sites', async () => {
    for (const path of ['/', '/lead/b1', '/api/groups', '/assets/nothing.js']) {
      const { headers } = await fetch(app.url + path);
      const policy = headers.get('content-security-policy') ?? '';
      expect(policy).toContain("script-src 'self' 'wasm-unsafe-eval'");
      expect(policy).toContain("frame-ancestors 'none'");
      expect(policy).not.toMatch(/script-src[^;]*unsafe-inline/);
      expect(headers.get('x-content-type-options')).toBe('nosniff');
      expect(headers.get('referrer-policy')).toBe('no-referrer');
      expect(headers.get('x-frame-options')).toBe('DENY');
      expect(headers.get('permissions-policy')).toContain('camera=()');
    }
  });
});
