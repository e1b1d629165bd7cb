import { writeMoveFile } from '@kotabi/core/formats';
import { library, moveLookup } from '@kotabi/core/library/all';
import { defaultApproach, type Kept, type Move, type Person } from '@kotabi/core/model';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { moves, people } from '../db/schema';
import { edgeBreak, group, startServer } from './harness';

let app: Awaited<ReturnType<typeof startServer>>;
beforeAll(async () => {
  app = await startServer();
  await app.put('/api/groups/g1', group);
  await app.put('/api/breaks/b1', { ...edgeBreak, groupId: 'g1' });
});
afterAll(() => app.stop());

const person = (id: string, more: Partial<Person> = {}): Person => ({
  id,
  groupId: 'g1',
  name: id,
  tight: [],
  limits: [],
  note: '',
  consent: false,
  measuring: false,
  ...more,
});
const listed = async (): Promise<Person[]> =>
  (await app.get<Kept<Person>[]>('/api/groups/g1/people')).body.map((p) => p.value);

describe('people', () => {
  it('are kept with limits and notes only with their consent', async () => {
    const refused = await app.put('/api/people/p1', person('p1', { limits: [{ limit: 'neck' }] }));
    expect(refused.status).toBe(422);
    expect(refused.body).toMatchObject({
      fields: [{ path: 'value.consent', message: expect.stringContaining('agreed') }],
    });
    const kept = await app.put(
      '/api/people/p1',
      person('p1', { limits: [{ limit: 'neck', side: 'left' }], consent: true }),
    );
    expect(kept.status).toBe(201);
  });

  it('come in many at once, all or none', async () => {
    const bad = await app.send('POST', '/api/groups/g1/people', {
      people: [person('a'), { ...person('b'), name: '' }, person('c')],
    });
    expect(bad.status).toBe(422);
    expect(bad.body).toMatchObject({ fields: [{ path: 'people.1.name', bound: 1 }] });
    expect((await listed()).map((p) => p.id)).toEqual(['p1']);
    const foreign = await app.send('POST', '/api/groups/g1/people', {
      people: [person('a', { groupId: 'other' })],
    });
    expect(foreign.body).toMatchObject({
      fields: [{ path: 'people.0.groupId', bound: 'g1', value: 'other' }],
    });
    const twice = await app.send('POST', '/api/groups/g1/people', { people: [person('a'), person('p1')] });
    expect(twice.body).toMatchObject({ fields: [{ path: 'people.1.id' }] });
    expect(await listed()).toHaveLength(1);
    const good = await app.send('POST', '/api/groups/g1/people', {
      people: [person('a'), person('b', { name: 'Bo' })],
    });
    expect(good).toMatchObject({ status: 201, body: { kept: 2 } });
    expect((await listed()).map((p) => p.name)).toEqual(['p1', 'a', 'Bo']);
  });

  it('go out as a table', async () => {
    const { body, headers } = await app.get<string>('/api/groups/g1/people/table');
    expect(headers.get('content-type')).toContain('text/csv');
    expect(body.split('\r\n').slice(0, 2)).toEqual(['name,tight,limits,note,consent', 'p1,,neck left,,yes']);
  });

  it('are deleted everywhere: the entry, and the name in the notes of the log', async () => {
    await app.put('/api/people/m', person('m', { name: 'Maj', note: 'By the window', consent: true }));
    const session = {
      id: 's1',
      breakId: 'b1',
      breakName: 'One',
      groupId: 'g1',
      startedAt: '2026-11-20T08:00:00.000Z',
      endedAt: '2026-11-20T08:05:00.000Z',
      ended: 'finished',
      parts: [],
      note: 'Maj stopped early; the major break was fine. MAJ, again.',
    };
    expect((await app.put('/api/sessions/s1', session)).status).toBe(201);
    const kept = await app.get('/api/people/m/kept');
    expect(kept.body).toMatchObject({
      person: { name: 'Maj', note: 'By the window' },
      group: group.name,
      texts: [{ kind: 'session', id: 's1', called: 'One', path: 'note', text: session.note }],
    });
    expect((await app.send('DELETE', '/api/people/m')).status).toBe(204);
    expect((await listed()).map((p) => p.id)).not.toContain('m');
    const after = await app.get<Kept<{ note: string }>>('/api/sessions/s1');
    expect(after.body.value.note).toBe(
      '(someone) stopped early; the major break was fine. (someone), again.',
    );
    // Nothing of the name is left in any table.
    const rows = JSON.stringify([await app.db.select().from(people), (await app.get('/api/log')).body]);
    expect(rows).not.toMatch(/\bMaj\b/i);
  });

  it('kept before consent was asked for stay readable, and their limits are none', async () => {
    await app.db.insert(people).values({
      id: 'old',
      groupId: 'g1',
      version: 1,
      updatedAt: '2026-01-01T00:00:00.000Z',
      data: { id: 'old', groupId: 'g1', name: 'Old', tight: [], note: 'headset' },
    });
    expect((await listed()).find((p) => p.id === 'old')).toMatchObject({ limits: [], consent: true });
  });
});

describe('own moves', () => {
  const own: Move = { ...(library[0] as Move), id: 'mine', name: 'Mine' };

  it('are kept, put away and brought back; the library is never touched by them', async () => {
    expect((await app.put('/api/moves/mine', own)).status).toBe(201);
    expect((await app.put('/api/moves/mine', { ...own, archived: true }, 1)).status).toBe(200);
    const list = (await app.get<Kept<Move>[]>('/api/moves')).body;
    expect(list.map((m) => [m.value.id, m.value.archived, m.version])).toEqual([['mine', true, 2]]);
    expect(moveLookup(list.map((m) => m.value))('sit-tall')).toEqual(library[0]);
    const stale = await app.put('/api/moves/mine', own, 1);
    expect(stale.status).toBe(409);
  });

  it('come in from a file, all or none, and not twice', async () => {
    const file = await app.get<object>('/api/moves/ear-to-shoulder/file');
    const text = JSON.stringify(file.body);
    expect(await app.send('POST', '/api/moves/open', { text })).toMatchObject({
      status: 201,
      body: { kept: 0, known: 1 },
    });
    const two = writeMoveFile([
      { ...own, id: 'new-1', name: 'New one' },
      { ...own, id: 'new-2', name: 'New two' },
    ]);
    const broken = await app.fails('POST', '/api/moves/open', { text: two.replace('"New two"', '""') });
    expect(broken.body.fields[0]).toMatchObject({ path: 'moves.1.name', bound: 1 });
    expect(broken.body.fields[0]?.line).toBeGreaterThan(10);
    expect((await app.get<unknown[]>('/api/moves')).body).toHaveLength(1);
    expect((await app.send('POST', '/api/moves/open', { text: two })).body).toEqual({ kept: 2, known: 0 });
    expect((await app.get<unknown[]>('/api/moves')).body).toHaveLength(3);
  });

  it('kept by an earlier version get what it did not know yet', async () => {
    const {
      figure: _,
      rungs: __,
      usualRung: _____,
      holding: ___,
      breath: ____,
      ...older
    } = { ...own, id: 'older', name: 'Older' };
    await app.db
      .insert(moves)
      .values({ id: 'older', version: 1, updatedAt: '2026-01-01T00:00:00.000Z', data: older });
    const list = (await app.get<Kept<Move>[]>('/api/moves')).body;
    expect(list.find((m) => m.value.id === 'older')?.value).toMatchObject({
      rungs: [],
      holding: [],
      breath: { going: 'free' },
    });
  });
});

describe('the approach', () => {
  it('is the usual one until another is kept, and reaches what is said', async () => {
    const first = await app.get('/api/approach/approach');
    expect(first.body).toMatchObject({ version: 0, value: { approach: defaultApproach } });
    const file = JSON.stringify({
      format: 'kotabi-break',
      version: 2,
      break: {
        id: 'x',
        name: 'X',
        slotSec: 60,
        items: [{ type: 'step', id: 's', moveId: 'slow-breaths', dose: { measure: 'breaths', amount: 2 } }],
      },
      moves: [],
    });
    const said = async (): Promise<string> =>
      (await app.send<{ parts: { lines: { text: string }[] }[] }>('POST', '/api/time', file)).body.parts[0]
        ?.lines[0]?.text ?? '';
    expect(await said()).toContain('through the mouth');
    const approach = { ...defaultApproach, breathRoute: 'nose in, pursed lips out' };
    expect((await app.put('/api/approach/approach', { id: 'approach', approach })).status).toBe(201);
    expect(await said()).toContain('through pursed lips');
    expect(
      (await app.put('/api/approach/approach', { id: 'approach', approach: defaultApproach })).status,
    ).toBe(409);
    const wrong = await app.put(
      '/api/approach/approach',
      { id: 'approach', approach: { ...approach, passes: 'never' } },
      1,
    );
    expect(wrong.body).toMatchObject({
      fields: [{ path: 'value.approach.passes', bound: 'once, twice, three sets', value: 'never' }],
    });
  });
});
