import { defaultApproach, type LiveState } from '@kotabi/core/model';
import { afterAll, beforeEach, describe, expect, it } from 'vitest';
import { startServer } from './harness';

const clock = new Date();
let app: Awaited<ReturnType<typeof startServer>> | undefined;
beforeEach(async () => {
  await app?.stop();
  clock.setTime(Date.parse('2026-11-26T10:00:00Z'));
  app = await startServer(clock);
});
afterAll(() => app?.stop());

const what = {
  brk: { id: 'b', name: 'Followed', slotSec: 60, items: [] },
  moves: [],
  approach: defaultApproach,
  choices: [{ stepId: 's', lines: ['Tilt only half as far.'] }],
};
const state = (index: number): LiveState => ({
  led: {
    status: 'running',
    index,
    elapsedMs: 1200,
    addedMs: [0, 0],
    tempo: 1,
    waits: false,
    waiting: false,
  },
  at: clock.getTime(),
  mirror: false,
  note: '',
});
const open = async (shown: object = what) =>
  (await app!.send<{ id: string; token: string }>('POST', '/api/live', shown)).body;

/** Listens to an address that goes on telling; gives its events as they come. */
const listen = async (path: string) => {
  const stop = new AbortController();
  const answer = await fetch(`${app!.url}${path}`, {
    headers: { Accept: 'text/event-stream' },
    signal: stop.signal,
  });
  const events: { event: string; data: unknown }[] = [];
  const read = async (): Promise<void> => {
    let text = '';
    const decoder = new TextDecoder();
    for await (const chunk of answer.body as unknown as AsyncIterable<Uint8Array>) {
      text += decoder.decode(chunk, { stream: true });
      const all = text.split('\n\n');
      text = all.pop() ?? '';
      for (const block of all) {
        const line = (name: string) =>
          block
            .split('\n')
            .find((l) => l.startsWith(`${name}:`))
            ?.slice(name.length + 1)
            .trim();
        const event = line('event');
        if (event) events.push({ event, data: JSON.parse(line('data') ?? 'null') });
      }
    }
  };
  const reading = read().catch((error: Error) => {
    if (error.name !== 'AbortError') throw error;
  });
  const next = (event: string, count = 1) =>
    expect.poll(() => events.filter((e) => e.event === event).length).toBe(count);
  const close = async (): Promise<void> => {
    stop.abort();
    await reading;
  };
  return { answer, events, next, close };
};

describe('a break that others follow', () => {
  it('tells nobody what the instructor wrote for themselves', async () => {
    const aside = [{ key: 'k', reason: 'Ines cannot look up' }];
    const room = await open({ ...what, brk: { ...what.brk, groupId: null, aside } });
    const { body } = await app!.get(`/api/live-view/${room.token}`);
    expect(JSON.stringify(body)).toContain('Followed');
    expect(JSON.stringify(body)).not.toContain('Ines');
  });

  it('tells a late screen what it is and where it stands, then every change, by the clock of the server', async () => {
    const room = await open();
    await app!.send('PUT', `/api/live/${room.id}`, state(3));
    const { body } = await app!.get<{ what: typeof what; state: LiveState; now: number }>(
      `/api/live-view/${room.token}`,
    );
    expect([body.what.brk.name, body.state.led.index, body.now]).toEqual(['Followed', 3, clock.getTime()]);
    const screen = await listen(`/api/live-view/${room.token}`);
    expect(screen.answer.headers.get('content-type')).toContain('text/event-stream');
    await app!.send('PUT', `/api/live/${room.id}`, state(4));
    await screen.next('state');
    expect((screen.events[0]!.data as { state: LiveState }).state.led.index).toBe(4);
    await app!.send('DELETE', `/api/live/${room.id}`);
    await screen.next('gone');
    expect((await app!.fails('GET', `/api/live-view/${room.token}`)).status).toBe(404);
    await screen.close();
  });

  it('counts who follows, and tells whoever leads', async () => {
    const room = await open();
    const leader = await listen(`/api/live/${room.id}`);
    const screens = await Promise.all([1, 2, 3].map(() => listen(`/api/live-view/${room.token}`)));
    await expect
      .poll(() => leader.events.filter((e) => e.event === 'presence').at(-1)?.data)
      .toEqual({ screens: 3, remotes: 0 });
    await Promise.all(screens.map((s) => s.close()));
    await expect
      .poll(() => leader.events.filter((e) => e.event === 'presence').at(-1)?.data)
      .toEqual({ screens: 0, remotes: 0 });
    await leader.close();
  });

  it('tells two hundred screens the same moment by the same clock', async () => {
    const room = await open();
    const screens = await Promise.all(
      Array.from({ length: 200 }, () => listen(`/api/live-view/${room.token}`)),
    );
    await app!.send('PUT', `/api/live/${room.id}`, state(1));
    await Promise.all(screens.map((s) => s.next('state')));
    // What each shows follows from that alone.
    const told = screens.map(
      (s) => (s.events.find((e) => e.event === 'state')!.data as { state: LiveState }).state.at,
    );
    expect(new Set(told)).toEqual(new Set([clock.getTime()]));
    await Promise.all(screens.map((s) => s.close()));
  });

  it('is nothing to anybody without its address', async () => {
    const room = await open();
    expect((await app!.fails('GET', '/api/live-view/guessed')).status).toBe(404);
    expect((await app!.fails('GET', `/api/live-view/${room.id}`)).status).toBe(404);
    expect((await app!.fails('PUT', `/api/live/${room.id}`, { ...state(0), at: -1 })).status).toBe(422);
  });
});

describe('a remote', () => {
  const joined = async (id: string) => {
    const { body } = await app!.send<{ code: string }>('POST', `/api/live/${id}/remote`);
    const answer = await app!.send<{ remote: string }>('POST', '/api/live-remote', { code: body.code });
    return { code: body.code, remote: answer.body.remote };
  };

  it('comes in by a code, once, and what it asks for reaches whoever leads', async () => {
    const room = await open();
    const leader = await listen(`/api/live/${room.id}`);
    const { code, remote } = await joined(room.id);
    expect(code).toMatch(/^\d{6}$/);
    expect((await app!.fails('POST', '/api/live-remote', { code })).status).toBe(404);
    expect((await app!.send('POST', `/api/live-remote/${remote}`, { do: 'pause' })).status).toBe(202);
    await app!.send('POST', `/api/live-remote/${remote}`, { do: 'note', text: 'Louder, please' });
    await leader.next('command', 2);
    expect(leader.events.filter((e) => e.event === 'command').map((e) => e.data)).toEqual([
      { do: 'pause' },
      { do: 'note', text: 'Louder, please' },
    ]);
    await leader.close();
  });

  it('is told where nobody leads any more, and its code ends after five minutes', async () => {
    const room = await open();
    const { remote } = await joined(room.id);
    const alone = await app!.fails('POST', `/api/live-remote/${remote}`, { do: 'pause' });
    expect([alone.status, alone.body.message]).toEqual([
      409,
      'The screen that leads does not answer. It goes on by itself.',
    ]);
    const { body } = await app!.send<{ code: string }>('POST', `/api/live/${room.id}/remote`);
    clock.setTime(clock.getTime() + 5 * 60_000 + 1);
    expect((await app!.fails('POST', '/api/live-remote', { code: body.code })).status).toBe(404);
  });

  it('is taken back with all others, and a new code makes the old one void', async () => {
    const room = await open();
    const { remote } = await joined(room.id);
    const first = (await app!.send<{ code: string }>('POST', `/api/live/${room.id}/remote`)).body.code;
    await app!.send('POST', `/api/live/${room.id}/remote`);
    expect((await app!.fails('POST', '/api/live-remote', { code: first })).status).toBe(404);
    await app!.send('DELETE', `/api/live/${room.id}/remote`);
    expect((await app!.fails('GET', `/api/live-remote/${remote}`)).status).toBe(404);
  });

  it('finds no code by trying, and presses no faster than anybody can', async () => {
    const room = await open();
    const { remote } = await joined(room.id);
    const presses = await Promise.all(
      Array.from({ length: 40 }, () => app!.fails('POST', `/api/live-remote/${remote}`, { do: 'next' })),
    );
    expect(presses.filter((p) => p.status === 429).length).toBeGreaterThan(5);
    const tries = [];
    for (let i = 0; i < 14; i++)
      tries.push((await app!.fails('POST', '/api/live-remote', { code: String(100_000 + i) })).status);
    expect(tries.at(-1)).toBe(429);
  });
});
