import { Session } from '@kotabi/core/model';
import { piecesOf } from '@kotabi/core/record';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { edgeBreak, group, startServer } from './harness';

let app: Awaited<ReturnType<typeof startServer>>;
beforeAll(async () => {
  app = await startServer();
  await app.put('/api/groups/g1', group);
  await app.put('/api/breaks/b1', edgeBreak);
  await app.put('/api/people/p1', { id: 'p1', groupId: 'g1', name: 'Ada Quill' });
});
afterAll(() => app.stop());

const session = (parts: number, more: object = {}): Session =>
  Session.parse({
    id: 's1',
    breakId: 'b1',
    breakName: 'A class',
    groupId: 'g1',
    startedAt: '2026-11-26T09:00:00.000Z',
    endedAt: '2026-11-26T09:30:00.000Z',
    ended: 'stopped',
    parts: Array.from({ length: parts }, (_, i) => ({
      stepId: `s${i}`,
      moveName: `Move ${i}`,
      kind: 'work',
      side: null,
      felt: 'both',
      plannedMs: 10_000,
      doneMs: 0,
    })),
    ...more,
  });
const send = (piece: object, id = 's1') => app.fails('POST', `/api/sessions/${id}/pieces`, piece);

describe('a record kept while it is led', () => {
  it('of a class of 600 parts arrives whole, piece by piece, each once or twice', async () => {
    const planned = session(600);
    for (const piece of piecesOf(planned)) {
      expect((await send(piece)).status).toBeLessThan(300);
      expect((await send(piece)).status).toBe(200);
    }
    const led = session(600, {
      ended: 'finished',
      parts: planned.parts.map((p) => ({ ...p, doneMs: 9000 })),
      came: { people: ['p1'], count: 7 },
      events: [{ id: 'e', what: 'pain', stepId: 's4', moveName: 'Move 4', atMs: 5000, personId: 'p1' }],
    });
    for (const piece of piecesOf(led, 300)) await send(piece);
    const { body } = await app.get<{ value: Session }>('/api/sessions/s1');
    expect(body.value.parts.map((p) => p.doneMs)).toEqual(planned.parts.map((_, i) => (i < 300 ? 0 : 9000)));
    expect([body.value.ended, body.value.came.count, body.value.events[0]?.what]).toEqual([
      'finished',
      7,
      'pain',
    ]);
  });

  it('is refused where parts before it are missing, or where it is of another record', async () => {
    const [late] = piecesOf({ ...session(300), id: 's2' }, 200);
    const refused = await send(late!, 's2');
    expect([refused.status, refused.body.fields[0]]).toMatchObject([
      409,
      { path: 'from', bound: 0, value: 200 },
    ]);
    expect((await send(piecesOf(session(1))[0]!, 's3')).status).toBe(422);
  });

  it('loses a person who is deleted, and keeps what happened; before that all of it is told', async () => {
    const kept = await app.get<{ records: { tookPart: boolean; events: unknown[] }[] }>(
      '/api/people/p1/kept',
    );
    expect(kept.body.records).toMatchObject([{ tookPart: true, events: [{ what: 'pain' }] }]);
    expect((await app.send('DELETE', '/api/people/p1')).status).toBe(204);
    const { body } = await app.get<{ value: Session }>('/api/sessions/s1');
    expect([body.value.came, body.value.events[0]?.personId]).toEqual([{ people: [], count: 7 }, null]);
  });
});
