import type { Answer, DeskPage, DeskView } from '@kotabi/core/model';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { loadDemo } from '../demo/load';
import { startServer } from './harness';

// The demo office on a Wednesday morning of its week.
const NOW = new Date('2026-11-25T08:00:00.000Z');
type Server = Awaited<ReturnType<typeof startServer>>;
let app: Server;
beforeAll(async () => {
  app = await startServer(NOW, {}, undefined, undefined, {
    hosts: [],
    outside: () => 'https://breaks.example',
  });
  await loadDemo(app.context(() => NOW));
});
afterAll(() => app.stop());

const pageFor = async (personId: string | null, group = 'timetable-desk'): Promise<DeskPage> =>
  (await app.send<DeskPage>('POST', `/api/groups/${group}/pages`, { personId })).body;
const view = async ({ token }: DeskPage): Promise<DeskView> =>
  (await app.get<DeskView>(`/api/desk/${token}`)).body;

describe('a page for the desks', () => {
  it('has the week as it was given out, each break in the person’s own version, and nowhere why', async () => {
    const page = await pageFor('p-4');
    const seen = await view(page);
    expect(seen.name).toBe('Anouk');
    expect(seen.items.length).toBeGreaterThan(10);
    expect(seen.breaks.some((b) => b.own)).toBe(true);
    // Her limits are the low back and a pregnancy; nothing that is sent names either, nor anybody else.
    const text = JSON.stringify({ ...seen, moves: [] });
    expect(text).not.toMatch(/pregnan|"limits"|stopped|Ilse|Tomé|Sverre/);
    for (const { brk } of seen.breaks)
      for (const item of brk.items)
        for (const step of item.type === 'chain' ? item.links : [item])
          expect(seen.moves.some((m) => m.id === step.moveId)).toBe(true);
  });

  it('of a whole group names nobody and takes no answers', async () => {
    const page = await pageFor(null);
    const seen = await view(page);
    expect([seen.name, seen.groupName]).toEqual(['', 'Timetable desk']);
    expect(seen.items.every((i) => i.answerId === '')).toBe(true);
    const { status } = await app.fails('POST', `/api/desk/${page.token}/answers`, {
      plannedId: null,
      breakId: null,
      answer: 'did it',
    });
    expect(status).toBe(403);
  });

  it('follows limits at once, and giving out', async () => {
    const page = await pageFor('p-9');
    const before = await view(page);
    const { body } = await app.get<{ version: number; value: object }>('/api/people/p-9');
    const value = { ...body.value, limits: [{ limit: 'neck' }, { limit: 'shoulder', side: 'left' }] };
    await app.put('/api/people/p-9', value, body.version);
    const after = await view(page);
    expect(JSON.stringify(after.breaks)).not.toBe(JSON.stringify(before.breaks));
    const week = await app.get<{ version: number; value: { id: string; days: { breaks: object[] }[] } }>(
      '/api/weeks/timetable-this-week',
    );
    if (week.status === 200) {
      const days = week.body.value.days.map((d, i) => (i === 4 ? { ...d, breaks: [] } : d));
      await app.put('/api/weeks/timetable-this-week', { ...week.body.value, days }, week.body.version);
      expect((await view(page)).items.length).toBe(after.items.length);
      await app.give('timetable-this-week');
      expect((await view(page)).items.length).toBeLessThan(after.items.length);
    }
  });

  it('is sealed in the file', async () => {
    await pageFor('p-2');
    const rows = JSON.stringify((await app.guard.execute('SELECT data FROM desk_pages')).rows);
    // Words with a sign that the letters of what is sealed cannot make by chance.
    expect(rows).not.toMatch(/Tomé|"items|Five minutes/);
  });

  it('takes an answer once: the newer word counts, and the log has it', async () => {
    const page = await pageFor('p-2');
    const [item] = (await view(page)).items;
    const said = { plannedId: item?.plannedId, breakId: null, tensionBefore: 6, tensionAfter: 4 };
    const path = `/api/desk/${page.token}/answers`;
    expect((await app.send('POST', path, { ...said, answer: 'part of it' })).status).toBe(201);
    expect((await app.send('POST', path, { ...said, answer: 'did it' })).status).toBe(201);
    expect((await view(page)).answers).toMatchObject([{ id: item?.answerId, answer: 'did it' }]);
    const log = (await app.get<Answer[]>('/api/answers')).body.filter((a) => a.id === item?.answerId);
    expect(log).toMatchObject([{ personName: 'Tomé', answer: 'did it', tensionBefore: 6, tensionAfter: 4 }]);
    const now = await app.send('POST', path, {
      plannedId: null,
      breakId: item?.breakId,
      answer: 'part of it',
      hurtAt: { moveId: 'fingers-up', moveName: 'Fingers up' },
    });
    expect(now.status).toBe(201);
  });

  it('refuses what cannot be, naming the field', async () => {
    const page = await pageFor('p-2');
    const wrong = await app.fails('POST', `/api/desk/${page.token}/answers`, {
      plannedId: 'nothing',
      breakId: null,
      answer: 'did it',
    });
    expect([wrong.status, wrong.body.fields[0]]).toMatchObject([
      422,
      { path: 'plannedId', value: 'nothing' },
    ]);
    const high = await app.fails('POST', `/api/desk/${page.token}/answers`, {
      plannedId: null,
      breakId: null,
      answer: 'did it',
      tensionBefore: 11,
    });
    expect(high.body.fields[0]?.path).toBe('tensionBefore');
    const other = await app.fails('POST', '/api/groups/claims/pages', { personId: 'p-2' });
    expect(other.status).toBe(422);
  });

  it('withdrawn is gone, and what it showed with it', async () => {
    const page = await pageFor('p-2');
    expect((await app.send('DELETE', `/api/pages/${page.token}`)).status).toBe(204);
    expect((await app.fails('GET', `/api/desk/${page.token}`)).status).toBe(410);
    const [row] = (await app.guard.execute(`SELECT data FROM desk_pages WHERE token = '${page.token}'`)).rows;
    expect(row?.data).toBeNull();
    expect((await app.fails('GET', '/api/desk/nobody-has-this-address-at-all')).status).toBe(404);
  });

  it('is asked no faster than anybody could', async () => {
    const page = await pageFor('p-2');
    const asked = [];
    for (let i = 0; i < 95; i++) asked.push((await app.fails('GET', `/api/desk/${page.token}`)).status);
    expect(asked.filter((s) => s === 200)).toHaveLength(90);
    expect(asked.at(-1)).toBe(429);
  });

  it('goes with the person', async () => {
    const page = await pageFor('p-3');
    await app.send('DELETE', '/api/people/p-3');
    expect((await app.fails('GET', `/api/desk/${page.token}`)).status).toBe(404);
  });

  it('says when its group is led, as far as whoever leads said for whom', async () => {
    const page = await pageFor('p-2');
    expect((await view(page)).live).toBeNull();
    const [first] = (await view(page)).breaks;
    const live = { brk: first?.brk, moves: [], approach: (await view(page)).approach };
    const room = await app.send<{ token: string }>('POST', '/api/live?group=timetable-desk', live);
    expect((await view(page)).live).toBe(room.body.token);
  });
});
