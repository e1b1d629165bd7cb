import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { builtinModules } from 'node:module';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { root, webDir } from '../paths';
import { group, startServer } from './harness';

const read = (...path: string[]): string => readFileSync(join(root, ...path), 'utf8');

describe('what is built', () => {
  it('needs nothing at run time that is not declared for it', () => {
    const declared = ['server', 'core'].flatMap((w) =>
      Object.keys((JSON.parse(read(w, 'package.json')) as { dependencies: object }).dependencies),
    );
    const built = readdirSync(join(root, 'server', 'dist'), { recursive: true, encoding: 'utf8' })
      .filter((f) => f.endsWith('.js'))
      .map((f) => read('server', 'dist', f));
    const imported = built.flatMap((code) =>
      [...code.matchAll(/^import .*?from "([^"./][^"]*)";$/gm)].map(([, name = '']) =>
        name
          .split('/')
          .slice(0, name.startsWith('@') ? 2 : 1)
          .join('/'),
      ),
    );
    // What has files of its own stays outside of what is built; everything else is in it.
    expect(imported).toContain('libsql');
    expect(imported).not.toContain('express');
    const own = (name: string): boolean => name.startsWith('node:') || builtinModules.includes(name);
    expect([...new Set(imported)].filter((n) => !own(n) && !declared.includes(n))).toEqual([]);
  });

  it('is the production build of React, and never the one for development', () => {
    const scripts = readdirSync(join(webDir, 'assets')).filter((f) => f.endsWith('.js'));
    const text = scripts.map((f) => read('web', 'dist', 'assets', f)).join('\n');
    expect(text).not.toMatch(/react-dom(-client)?\.development|Download the React DevTools/);
  });

  describe('is given out', () => {
    let app: Awaited<ReturnType<typeof startServer>>;
    beforeAll(async () => {
      app = await startServer(undefined, {}, undefined, webDir);
    });
    afterAll(() => app.stop());
    const get = (path: string, headers: Record<string, string> = {}) => fetch(app.url + path, { headers });
    const asset = () =>
      `/assets/${readdirSync(join(webDir, 'assets')).find((f) => /^index-.*\.js$/.test(f))}`;

    it('compressed, files with a hash for ever, pages asked for anew', async () => {
      expect(existsSync(join(webDir, 'index.html'))).toBe(true);
      const script = await get(asset(), { 'accept-encoding': 'br' });
      expect(script.headers.get('content-encoding')).toBe('br');
      expect(script.headers.get('cache-control')).toBe('public, max-age=31536000, immutable');
      const zipped = await get(asset(), { 'accept-encoding': 'gzip' });
      expect(zipped.headers.get('content-encoding')).toBe('gzip');
      const page = await get('/breaks/whatever');
      expect([page.status, page.headers.get('cache-control')]).toEqual([200, 'no-cache']);
      const again = await get('/breaks/whatever', { 'if-none-match': page.headers.get('etag') ?? '' });
      expect(again.status).toBe(304);
    });

    it('leading with a page of its own, and nothing for what is not there', async () => {
      expect(await (await get('/lead/some-break')).text()).toContain('/assets/lead-');
      expect(await (await get('/lead')).text()).toContain('/assets/index-');
      expect((await get('/assets/none.js')).status).toBe(404);
      expect((await get('/api/none')).status).toBe(404);
    });

    it('answers of some length are compressed as well', async () => {
      const { status } = await app.put('/api/groups/g1', { ...group, hopes: 'necks by noon '.repeat(20) });
      for (const id of ['g2', 'g3']) await app.put(`/api/groups/${id}`, { ...group, id });
      const groups = await get('/api/groups', { 'accept-encoding': 'gzip' });
      expect([status, groups.headers.get('content-encoding')]).toEqual([201, 'gzip']);
    });
  });
});
