import { Session } from '@kotabi/core/model';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { keepSession, sendWaiting, sessionsWaiting } from './sessions-outbox';

const session = (id: string, more: Partial<Session> = {}): Session =>
  Session.parse({
    id,
    breakId: 'b',
    breakName: 'B',
    groupId: null,
    startedAt: '2026-11-20T08:00:00.000Z',
    endedAt: '2026-11-20T08:05:00.000Z',
    ended: 'finished',
    parts: Array.from({ length: 3 }, (_, i) => ({
      stepId: `s${i}`,
      moveName: 'M',
      kind: 'work',
      side: null,
      felt: 'both',
      plannedMs: 1000,
      doneMs: 1000,
    })),
    ...more,
  });
const json = (status: number, body: unknown) => new Response(JSON.stringify(body), { status });
const kept = () => json(200, { version: 1, parts: 3 });

beforeEach(() => {
  const held = new Map<string, string>();
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => held.get(key) ?? null,
    setItem: (key: string, value: string) => void held.set(key, value),
  });
});
afterEach(() => vi.unstubAllGlobals());
const server = (...answers: (() => Response)[]) => {
  const fetched = vi.fn(async (_path: string, _init?: RequestInit): Promise<Response> => {
    const next = answers.shift();
    if (!next) throw new TypeError('down');
    return next();
  });
  vi.stubGlobal('fetch', fetched);
  return fetched;
};
const bodies = (fetched: ReturnType<typeof server>) =>
  fetched.mock.calls.map(([, init]) => JSON.parse(String(init?.body)));

describe('records on their way to the server', () => {
  it('are gone from here once the server has them', async () => {
    const fetched = server(kept);
    expect(await keepSession(session('s1'))).toBe('kept');
    expect(sessionsWaiting()).toBe(0);
    expect(fetched.mock.calls[0]?.[0]).toBe('/api/sessions/s1/pieces');
  });

  it('go in pieces while they are led: only what has changed', async () => {
    const fetched = server(kept, kept);
    await keepSession(session('s1'));
    await keepSession(session('s1'), { from: 1, until: 2 });
    expect(bodies(fetched).map((b) => [b.from, b.parts.length])).toEqual([
      [0, 3],
      [1, 1],
    ]);
  });

  it('wait here while the server is gone, each once, and go whole with the next piece', async () => {
    server();
    expect(await keepSession(session('s1'))).toBe('here');
    expect(await keepSession(session('s1', { note: 'newer' }), { from: 2, until: 3 })).toBe('here');
    expect(sessionsWaiting()).toBe(1);
    const fetched = server(kept);
    expect(await keepSession(session('s1', { note: 'newest' }), { from: 2, until: 3 })).toBe('kept');
    expect(bodies(fetched).map((b) => [b.from, b.parts.length, b.note])).toEqual([[0, 3, 'newest']]);
    expect(sessionsWaiting()).toBe(0);
  });

  it('are all sent later', async () => {
    server();
    await keepSession(session('s1'));
    await keepSession(session('s2'));
    expect(sessionsWaiting()).toBe(2);
    server(kept, kept);
    expect(await sendWaiting()).toBe(2);
    expect(sessionsWaiting()).toBe(0);
  });

  it('of which the server has less than was thought are sent whole', async () => {
    const fetched = server(
      () => json(409, { code: 'conflict', message: 'Parts before it are missing.', fields: [] }),
      kept,
    );
    expect(await keepSession(session('s1'), { from: 2, until: 3 })).toBe('kept');
    expect(bodies(fetched).map((b) => b.from)).toEqual([2, 0]);
  });

  it('that the server refuses stay here and are told', async () => {
    server(() => json(422, { code: 'invalid', message: 'No such break.', fields: [] }));
    await expect(keepSession(session('s1'))).rejects.toThrow('No such break.');
    expect(sessionsWaiting()).toBe(1);
  });
});
