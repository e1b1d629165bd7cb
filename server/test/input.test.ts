import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { edgeBreak, group, startServer } from './harness';

let app: Awaited<ReturnType<typeof startServer>>;
beforeAll(async () => {
  app = await startServer();
  await app.put('/api/groups/g1', group);
});
afterAll(() => app.stop());

const nested = (depth: number): string => `${'['.repeat(depth)}${']'.repeat(depth)}`;

describe('what is refused before it does harm', () => {
  it.each([
    ['a new line', 'Desk\nDTSTART:20260101'],
    ['a bell', 'Desk\u0007'],
    ['half a character', 'Desk \ud83d'],
    ['a line separator', 'Desk\u2028next'],
  ])('%s in a name, with the field named', async (_, name) => {
    for (const [path, value] of [
      ['/api/groups/g2', { ...group, id: 'g2', name }],
      ['/api/groups/g2', { ...group, id: 'g2', site: name }],
      ['/api/breaks/b2', { ...edgeBreak, id: 'b2', name }],
    ] as const) {
      const refused = await app.fails('PUT', path, { baseVersion: 0, value });
      expect([refused.status, refused.body.fields[0]?.message]).toEqual([
        422,
        'must be one line, without control characters',
      ]);
    }
  });

  it('a body that is nested without end, on every address that takes one', async () => {
    for (const path of ['/api/groups/g1', '/api/breaks/b1'])
      expect([(await app.fails('PUT', path, nested(90_000))).status, path]).toEqual([413, path]);
    for (const path of [
      '/api/breaks/open',
      '/api/moves/open',
      '/api/time',
      '/api/fit',
      '/api/suggest',
      '/api/plan-day',
      '/api/simulate',
    ]) {
      const deep = await app.fails('POST', path, nested(90_000));
      expect([deep.status >= 400 && deep.status < 500, path]).toEqual([true, path]);
    }
    const inText = await app.fails('POST', '/api/breaks/open', { text: nested(90_000) });
    expect([inText.status, inText.body.fields[0]?.message]).toEqual([422, 'is nested deeper than 60 levels']);
  });

  it('two moves with one id in a file', async () => {
    await app.put('/api/breaks/b1', edgeBreak);
    const { body: file } = await app.get<{ moves: object[] }>('/api/breaks/b1/file');
    const doubled = await app.fails('POST', '/api/breaks/open', {
      text: JSON.stringify({ ...file, moves: [...file.moves, file.moves[0]] }),
    });
    expect([doubled.status, doubled.body.fields[0]?.path]).toEqual([422, 'moves.1.id']);
    const moves = { format: 'kotabi-moves', version: 1, moves: [file.moves[0], file.moves[0]] };
    expect(
      (await app.fails('POST', '/api/moves/open', { text: JSON.stringify(moves) })).body.fields[0]?.path,
    ).toBe('moves.1.id');
  });

  it('keeps a break, its first version and its moves in one go', async () => {
    const { body: file } = await app.get<{ moves: { id: string }[]; break: { items: object[] } }>(
      '/api/breaks/b1/file',
    );
    const own = { ...file.moves[0], id: 'from-elsewhere', name: 'From elsewhere' };
    const items = file.break.items.map((item) => ({ ...item, moveId: own.id }));
    const opened = await app.send<{ value: { id: string } }>('POST', '/api/breaks/open', {
      text: JSON.stringify({ ...file, break: { ...file.break, items }, moves: [own] }),
    });
    expect(opened.status).toBe(201);
    expect((await app.get<unknown[]>(`/api/breaks/${opened.body.value.id}/versions`)).body).toHaveLength(1);
    expect((await app.get<{ value: { id: string } }[]>('/api/moves')).body.map((m) => m.value.id)).toContain(
      'from-elsewhere',
    );
  });
});

describe('rows of before', () => {
  it('whose names hold what is refused now stay readable', async () => {
    await app.db.run(
      `INSERT INTO groups (id, version, updated_at, shape, data) VALUES ('old', 1, '2026-01-01T00:00:00Z', 1, '${JSON.stringify({ ...group, id: 'old', name: 'Two\nlines\u0007', hopes: 'one\ntwo\u0000' })}')`,
    );
    const { body } = await app.get<{ value: { name: string; hopes: string } }>('/api/groups/old');
    expect([body.value.name, body.value.hopes]).toEqual(['Two lines', 'one\ntwo']);
  });
});

describe('a calendar that was given out', () => {
  it('is not made anew while nothing changes, and follows every change', async () => {
    const { body: feed } = await app.send<{ token: string }>('POST', '/api/groups/g1/feeds', {
      personId: null,
      alarmMin: 5,
    });
    const first = await app.get<string>(`/calendars/${feed.token}.ics`);
    expect((await app.get<string>(`/calendars/${feed.token}.ics`)).headers.get('etag')).toBe(
      first.headers.get('etag'),
    );
    await app.put('/api/groups/g1', { ...group, name: 'Desk; of, names' }, 1);
    const renamed = await app.get<string>(`/calendars/${feed.token}.ics`);
    expect(renamed.body).toContain('NAME:Stretch breaks · Desk\\; of\\, names');
    await app.send('DELETE', `/api/feeds/${feed.token}`);
    expect((await app.get(`/calendars/${feed.token}.ics`)).status).toBe(410);
  });

  it('a week with days of another week or one day twice, and a week moved onto another one', async () => {
    const week = (id: string, startDate: string, dates: string[]) => ({
      id,
      groupId: 'g1',
      startDate,
      rule: {},
      days: dates.map((date) => ({ date })),
    });
    const put = (value: { id: string }, baseVersion = 0) =>
      app.fails('PUT', `/api/weeks/${value.id}`, { baseVersion, value });
    expect((await put(week('w1', '2026-11-23', ['2026-11-30']))).body.fields).toEqual([
      {
        path: 'value.days.0.date',
        message: 'must lie in the week, 2026-11-23 to 2026-11-29',
        bound: '2026-11-23',
        value: '2026-11-30',
      },
    ]);
    expect((await put(week('w1', '2026-11-23', ['2026-11-23', '2026-11-23']))).body.fields[0]).toMatchObject({
      path: 'value.days.1.date',
      message: 'stands in the week twice',
    });
    expect((await put(week('w1', '2026-11-23', ['2026-11-23', '2026-11-29']))).status).toBe(201);
    expect((await put(week('w2', '2026-11-30', []))).status).toBe(201);
    expect(await put(week('w2', '2026-11-23', []), 1)).toMatchObject({
      status: 409,
      body: { code: 'conflict' },
    });
    expect(await put(week('w3', '2026-11-23', []))).toMatchObject({ status: 409 });
  });
});
