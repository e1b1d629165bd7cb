import type { Session } from '@kotabi/core/model';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { keepSession, sendWaiting, sessionsWaiting } from './sessions-outbox';

const session = (id: string): Session => ({
  id,
  breakId: 'b',
  breakName: 'B',
  groupId: null,
  startedAt: '2026-11-20T08:00:00.000Z',
  endedAt: '2026-11-20T08:05:00.000Z',
  ended: 'finished',
  parts: [],
  tensionBefore: null,
  tensionAfter: null,
  note: '',
});
const json = (status: number, body: unknown) => new Response(JSON.stringify(body), { status });
const kept = (version: number) => json(200, { version, updatedAt: '2026-11-20T08:05:00.000Z', value: {} });

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

describe('records on their way to the server', () => {
  it('are gone from here once the server has them', async () => {
    server(() => kept(1));
    expect(await keepSession(session('s1'), 0)).toBe(1);
    expect(sessionsWaiting()).toBe(0);
  });

  it('wait here while the server is gone, each once, and are all sent later', async () => {
    server();
    expect(await keepSession(session('s1'), 0)).toBeNull();
    expect(await keepSession({ ...session('s1'), note: 'newer' }, 0)).toBeNull();
    expect(await keepSession(session('s2'), 0)).toBeNull();
    expect(sessionsWaiting()).toBe(2);
    const fetched = server(
      () => kept(1),
      () => kept(1),
    );
    await sendWaiting();
    expect(sessionsWaiting()).toBe(0);
    const sent = fetched.mock.calls.map(([, init]) => JSON.parse(String(init?.body)).value.note);
    expect(sent).toEqual(['newer', '']);
  });

  it('of a run that was recorded before go on from that record', async () => {
    const fetched = server(
      () => json(409, { code: 'conflict', message: 'Changed.', fields: [] }),
      () => kept(3),
      () => kept(4),
    );
    expect(await keepSession(session('s1'), 0)).toBe(4);
    expect(JSON.parse(String(fetched.mock.calls[2]?.[1]?.body)).baseVersion).toBe(3);
  });

  it('that the server refuses stay here and are told', async () => {
    server(() => json(422, { code: 'invalid', message: 'No such break.', fields: [] }));
    await expect(keepSession(session('s1'), 0)).rejects.toThrow('No such break.');
    expect(sessionsWaiting()).toBe(1);
  });
});
