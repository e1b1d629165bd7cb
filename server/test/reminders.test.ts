import type { Answer, Message } from '@kotabi/core/model';
import { valuesInUse } from '@kotabi/core/numbers';
import { afterAll, beforeEach, describe, expect, it } from 'vitest';
import { GRACE_MIN } from '../reminders/due';
import { tick } from '../reminders/scheduler';
import { edgeBreak, group, startServer } from './harness';

let app: Awaited<ReturnType<typeof startServer>> | undefined;
let clock = new Date();
const at = (time: string): void => {
  clock = new Date(`2026-11-23T${time}:00Z`);
};
/** One round of a server that has just been started: nothing but the database is carried over. */
const round = () => tick(app!.context(() => clock));

beforeEach(async () => {
  await app?.stop();
  app = await startServer(new Date('2026-11-23T09:00:00Z'));
  await app.put('/api/groups/g1', { ...group, reminders: { leadMin: 5 } });
  await app.put('/api/people/p1', { id: 'p1', groupId: 'g1', name: 'Tomé', consent: true });
  await app.put('/api/breaks/b1', edgeBreak);
  await plan([600, 700]);
});
afterAll(() => app?.stop());

/** A week planned and given out. */
const plan = async (starts: number[], version = 0, more: object = {}) => {
  await app!.put(
    '/api/weeks/w1',
    {
      id: 'w1',
      groupId: 'g1',
      startDate: '2026-11-23',
      rule: {},
      days: [
        {
          date: '2026-11-23',
          breaks: starts.map((startMin, i) => ({ id: `d.${i}`, startMin, kindId: 'short', breakId: 'b1' })),
          ...more,
        },
      ],
    },
    version,
  );
  await app!.give('w1');
};
const outbox = async () =>
  (await app!.get<(Message & { personName: string })[]>('/api/messages')).body
    .map((m) => [m.startMin, m.state, m.times])
    .sort();
const first = async () => (await app!.get<Message[]>('/api/messages')).body.find((m) => m.startMin === 600)!;

describe('reminders', () => {
  it('are too late when the page of numbers says so', () => {
    expect(valuesInUse.find((v) => v.place === 'Reminders')?.value).toBe(`${GRACE_MIN} min`);
  });

  it('are sent at their lead time, once, however often the server looks', async () => {
    at('09:54');
    expect(await round()).toEqual({ sent: 0 });
    expect(await outbox()).toEqual([]);
    at('09:55');
    expect(await round()).toEqual({ sent: 1 });
    expect(await round()).toEqual({ sent: 0 });
    expect(await Promise.all([round(), round()])).toEqual([{ sent: 0 }, { sent: 0 }]);
    expect(await outbox()).toEqual([[600, 'sent', 1]]);
  });

  it('survive a restart without being sent twice or forgotten', async () => {
    at('09:55');
    await round();
    // The server was away from 09:56 to 11:42; the second break began at 11:40.
    at('11:42');
    expect(await round()).toEqual({ sent: 1 });
    expect(await outbox()).toEqual([
      [600, 'sent', 1],
      [700, 'sent', 1],
    ]);
  });

  it('that were missed for good are said to be too late', async () => {
    at('10:30');
    await round();
    expect(await outbox()).toEqual([[600, 'too late', 0]]);
    expect(await round()).toEqual({ sent: 0 });
  });

  it('wait while their reader is in a meeting, and go out after it', async () => {
    await plan([600, 700], 1, {
      busy: [{ id: 'm', label: '', use: 'meeting', startMin: 570, endMin: 598 }],
    });
    at('09:55');
    expect(await round()).toEqual({ sent: 0 });
    expect(await outbox()).toEqual([[600, 'waiting', 0]]);
    at('09:58');
    expect(await round()).toEqual({ sent: 1 });
  });

  it('are withdrawn when the break moves before they are sent, and sent for the new time', async () => {
    await plan([600, 700], 1, { busy: [{ id: 'm', label: '', use: 'meeting', startMin: 570, endMin: 599 }] });
    at('09:55');
    await round();
    await plan([650, 700], 2);
    at('10:45');
    expect(await round()).toEqual({ sent: 1 });
    expect(await outbox()).toEqual([
      [600, 'withdrawn', 0],
      [650, 'sent', 1],
    ]);
  });

  it('can be put off, and come again', async () => {
    at('09:55');
    await round();
    const { id } = await first();
    // The clock of the addresses stands at 09:00; put off by an hour, it comes again at 10:00.
    expect(
      (await app!.send('POST', `/api/messages/${id}/reply`, { answer: 'snooze', minutes: 60 })).status,
    ).toBe(204);
    expect(await outbox()).toEqual([[600, 'waiting', 1]]);
    at('09:59');
    expect(await round()).toEqual({ sent: 0 });
    at('10:00');
    expect(await round()).toEqual({ sent: 1 });
    expect(await outbox()).toEqual([[600, 'sent', 2]]);
  });

  it('are answered once, and the answer lands in the log', async () => {
    at('09:55');
    await round();
    const { id } = await first();
    const answered = await app!.send<Answer>('POST', `/api/messages/${id}/reply`, { answer: 'did it' });
    expect(answered.status).toBe(201);
    expect(answered.body).toMatchObject({
      personName: 'Tomé',
      answer: 'did it',
      breakName: 'One side, then the other',
    });
    const again = await app!.fails('POST', `/api/messages/${id}/reply`, { answer: 'not today' });
    expect([again.status, again.body.fields[0]?.value]).toEqual([409, 'answered']);
    const { body } = await app!.get<Answer[]>('/api/answers');
    expect(body.map((a) => a.answer)).toEqual(['did it']);
  });

  it('refuse an answer they do not know', async () => {
    at('09:55');
    await round();
    const { id } = await first();
    const odd = await app!.fails('POST', `/api/messages/${id}/reply`, { answer: 'maybe' });
    expect(odd.status).toBe(422);
    const long = await app!.fails('POST', `/api/messages/${id}/reply`, { answer: 'snooze', minutes: 999 });
    expect(long.body.fields[0]).toMatchObject({ path: 'minutes', bound: 60, value: 999 });
    expect((await app!.fails('POST', '/api/messages/nothing/reply', { answer: 'did it' })).status).toBe(404);
  });

  it('go to nobody when they are off, on a day off, or for a break that is not held', async () => {
    await plan([600], 1, { off: 'Feast day' });
    at('09:55');
    expect(await round()).toEqual({ sent: 0 });
    await app!.put('/api/groups/g1', { ...group, reminders: null }, 1);
    await plan([600], 2);
    expect(await round()).toEqual({ sent: 0 });
  });

  it('leave with the person they are for', async () => {
    at('09:55');
    await round();
    const { id } = await first();
    await app!.send('POST', `/api/messages/${id}/reply`, { answer: 'did it' });
    await app!.send('DELETE', '/api/people/p1');
    expect((await app!.get('/api/messages')).body).toEqual([]);
    expect((await app!.get('/api/answers')).body).toEqual([]);
  });
});
