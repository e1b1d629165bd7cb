import type { Kept } from '@kotabi/core/model';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { edgeBreak, group, startServer } from './harness';

let app: Awaited<ReturnType<typeof startServer>>;
beforeAll(async () => {
  app = await startServer();
});
afterAll(() => app.stop());

describe('what is kept', () => {
  it('is given back with its version, its time and its defaults', async () => {
    const made = await app.put<Kept<typeof group>>('/api/groups/g1', group);
    expect(made.status).toBe(201);
    expect(made.body).toMatchObject({ version: 1, updatedAt: '2026-11-20T08:00:00.000Z' });
    const { body } = await app.get<Kept<Record<string, unknown>>>('/api/groups/g1');
    expect(body.value).toMatchObject({ ...group, meets: 'in the room', things: [] });
    const changed = await app.put<Kept<unknown>>('/api/groups/g1', { ...group, name: 'Tide desk' }, 1);
    expect(changed.status).toBe(200);
    expect(changed.body.version).toBe(2);
  });

  it('is never overwritten by a change based on an old version', async () => {
    const late = await app.fails('PUT', '/api/groups/g1', {
      baseVersion: 1,
      value: { ...group, name: 'Late' },
    });
    expect(late.status).toBe(409);
    expect(late.body).toMatchObject({
      code: 'conflict',
      fields: [{ path: 'baseVersion', bound: 2, value: 1 }],
    });
    const { body } = await app.get<Kept<typeof group>>('/api/groups/g1');
    expect(body.value.name).toBe('Tide desk');
  });

  it('takes the same change twice without harm', async () => {
    const value = { ...group, name: 'Fares desk' };
    const first = await app.put<Kept<unknown>>('/api/groups/g1', value, 2);
    const again = await app.put<Kept<unknown>>('/api/groups/g1', value, 2);
    expect([first.status, again.status]).toEqual([200, 200]);
    expect(again.body).toEqual(first.body);
  });

  it('lets exactly one of twenty changes at once win', async () => {
    const answers = await Promise.all(
      Array.from({ length: 20 }, (_, i) => app.put('/api/groups/g1', { ...group, name: `Writer ${i}` }, 3)),
    );
    expect(answers.filter((a) => a.status === 200)).toHaveLength(1);
    expect(answers.filter((a) => a.status === 409)).toHaveLength(19);
  });

  it('people belong to a group and go with it', async () => {
    await app.put('/api/groups/g2', { ...group, id: 'g2' });
    const person = { id: 'p1', groupId: 'g2', name: 'A. B.', tight: [{ area: 'neck', side: 'left' }] };
    expect((await app.put('/api/people/p1', person)).status).toBe(201);
    expect((await app.get<unknown[]>('/api/groups/g2/people')).body).toHaveLength(1);
    const lost = await app.fails('PUT', '/api/people/p2', {
      baseVersion: 0,
      value: { ...person, id: 'p2', groupId: 'no' },
    });
    expect(lost.status).toBe(422);
    expect(lost.body.fields[0]).toMatchObject({ path: 'value.groupId', value: 'no' });
    expect((await app.send('DELETE', '/api/groups/g2')).status).toBe(204);
    expect((await app.get('/api/groups/g2/people')).status).toBe(404);
    expect((await app.send('DELETE', '/api/people/p1')).status).toBe(404);
  });
});

describe('breaks', () => {
  it('keep every saved state as a version', async () => {
    await app.put('/api/breaks/b1', edgeBreak);
    await app.put('/api/breaks/b1', { ...edgeBreak, name: 'Second' }, 1);
    const late = await app.put('/api/breaks/b1', { ...edgeBreak, name: 'Too late' }, 1);
    expect(late.status).toBe(409);
    const { body } = await app.get<{ version: number; value: { name: string } }[]>('/api/breaks/b1/versions');
    expect(body.map((v) => [v.version, v.value.name])).toEqual([
      [2, 'Second'],
      [1, 'One side, then the other'],
    ]);
  });

  it('can be brought back after they were deleted', async () => {
    expect((await app.send('DELETE', '/api/breaks/b1')).status).toBe(204);
    expect((await app.get('/api/breaks/b1')).status).toBe(404);
    expect((await app.get('/api/breaks/b1/track')).status).toBe(404);
    // A tab that still has it open is told, and cannot bring it back by accident.
    expect((await app.put('/api/breaks/b1', { ...edgeBreak, name: 'From a tab' }, 2)).status).toBe(404);
    expect((await app.get<unknown[]>('/api/breaks')).body).toHaveLength(0);
    expect((await app.send('POST', '/api/breaks/b1/restore')).status).toBe(204);
    expect((await app.get<Kept<{ name: string }>>('/api/breaks/b1')).body.value.name).toBe('Second');
  });

  it('outlive their group', async () => {
    await app.put('/api/groups/g3', { ...group, id: 'g3' });
    await app.put('/api/breaks/b3', { ...edgeBreak, id: 'b3', groupId: 'g3' });
    await app.send('DELETE', '/api/groups/g3');
    expect((await app.get<Kept<{ groupId: null }>>('/api/breaks/b3')).body.value.groupId).toBeNull();
  });
});

describe('weeks and sessions', () => {
  const week = { id: 'w1', groupId: 'g1', startDate: '2026-11-23', rule: {}, days: [] };
  it('a week is found by its group and its Monday', async () => {
    expect((await app.get('/api/groups/g1/weeks/2026-11-23')).status).toBe(404);
    expect((await app.put('/api/weeks/w1', week)).status).toBe(201);
    const { body } = await app.get<Kept<typeof week>>('/api/groups/g1/weeks/2026-11-23');
    expect(body.value).toMatchObject({ id: 'w1', rule: { targetMin: 30, limitMin: 60 } });
  });

  it('a week starts on a Monday, plans known breaks, and a group has each week once', async () => {
    const tuesday = await app.fails('PUT', '/api/weeks/w2', {
      baseVersion: 0,
      value: { ...week, id: 'w2', startDate: '2026-11-24' },
    });
    expect(tuesday.body.fields[0]).toMatchObject({ path: 'value.startDate', message: 'must be a Monday' });
    const days = [
      { date: '2026-11-23', breaks: [{ id: 'x', startMin: 600, kindId: 'short', breakId: 'gone' }] },
    ];
    const gone = await app.fails('PUT', '/api/weeks/w1', { baseVersion: 1, value: { ...week, days } });
    expect(gone.body.fields[0]).toMatchObject({ path: 'value.days.0.breaks.0.breakId', value: 'gone' });
    const twice = await app.fails('PUT', '/api/weeks/w9', { baseVersion: 0, value: { ...week, id: 'w9' } });
    expect(twice.status).toBe(409);
  });

  it('sessions are listed with the latest first', async () => {
    const session = (id: string, startedAt: string) => ({
      id,
      breakId: 'b1',
      breakName: 'Second',
      groupId: 'g1',
      startedAt,
      endedAt: startedAt,
      ended: 'finished',
      parts: [],
    });
    await app.put('/api/sessions/s1', session('s1', '2026-11-18T10:00:00.000Z'));
    await app.put('/api/sessions/s2', session('s2', '2026-11-19T10:00:00.000Z'));
    const listed = async () =>
      (await app.get<{ rows: { id: string }[] }>('/api/log')).body.rows.map((r) => r.id);
    expect(await listed()).toEqual(['s2', 's1']);
    expect((await app.send('DELETE', '/api/sessions/s1')).status).toBe(204);
    expect(await listed()).toEqual(['s2']);
    expect((await app.send('POST', '/api/sessions/s1/restore')).status).toBe(204);
    expect(await listed()).toEqual(['s2', 's1']);
    const orphan = await app.fails('PUT', '/api/sessions/s3', {
      baseVersion: 0,
      value: { ...session('s3', '2026-11-19T10:00:00.000Z'), breakId: 'none' },
    });
    expect(orphan.body.fields[0]).toMatchObject({ path: 'value.breakId', value: 'none' });
  });
});
