import type { Feed } from '@kotabi/core/model';
import ICAL from 'ical.js';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { edgeBreak, group, startServer } from './harness';

let app: Awaited<ReturnType<typeof startServer>>;
beforeAll(async () => {
  app = await startServer();
  await app.put('/api/groups/g1', group);
  await app.put('/api/people/p1', { id: 'p1', groupId: 'g1', name: 'Tomé', consent: true });
  await app.put('/api/breaks/b1', edgeBreak);
  await app.put('/api/weeks/w1', week([600, 700]));
  await app.give('w1');
});
afterAll(() => app.stop());

const week = (starts: number[], more: object = {}) => ({
  id: 'w1',
  groupId: 'g1',
  startDate: '2026-11-23',
  rule: {},
  days: [
    {
      date: '2026-11-23',
      breaks: starts.map((startMin, i) => ({ id: `d.${i}`, startMin, kindId: 'short', breakId: 'b1' })),
    },
  ],
  ...more,
});
const events = (text: string) =>
  new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent').map((e) => new ICAL.Event(e));
const follow = async (feed: Feed) => {
  const { body } = await app.get<string>(`/calendars/${feed.token}.ics`);
  return events(body).map((e) => ({
    uid: e.uid,
    start: e.startDate.toString().slice(11, 16),
    sequence: e.sequence,
    status: e.component.getFirstPropertyValue('status'),
  }));
};
const make = async (body: object = {}) => (await app.send<Feed>('POST', '/api/groups/g1/feeds', body)).body;

describe('a calendar address', () => {
  it('cannot be guessed and gives the plan, with steps and a reminder', async () => {
    const feed = await make({ alarmMin: 10 });
    expect(feed.token).toMatch(/^[\w-]{32}$/);
    expect((await make()).token).not.toBe(feed.token);
    const { body, headers } = await app.get<string>(`/calendars/${feed.token}.ics`);
    expect(headers.get('content-type')).toContain('text/calendar');
    expect(body).toContain('TRIGGER:-PT10M');
    expect(events(body)[0]!.description).toContain('Ear toward the shoulder: 20 s each side');
    expect((await follow(feed)).map((e) => [e.start, e.sequence])).toEqual([
      ['10:00', 0],
      ['11:40', 0],
    ]);
  });

  it('follows a change with a higher sequence and withdraws what is gone', async () => {
    const feed = await make();
    const before = await follow(feed);
    await app.put('/api/weeks/w1', week([615]), 1);
    // A change that has not been given out is nobody else's yet.
    expect(await follow(feed)).toEqual(before);
    await app.give('w1');
    const after = await follow(feed);
    expect(after.map((e) => e.uid)).toEqual(before.map((e) => e.uid));
    expect(after.map((e) => [e.start, e.sequence, e.status])).toEqual([
      ['10:15', 1, 'CONFIRMED'],
      ['11:40', 1, 'CANCELLED'],
    ]);
    // Asking again changes nothing.
    expect(await follow(feed)).toEqual(after);
  });

  it('of a person shows the week of that person where there is one', async () => {
    const feed = await make({ personId: 'p1' });
    expect((await follow(feed)).filter((e) => e.status === 'CONFIRMED').map((e) => e.start)).toEqual([
      '10:15',
    ]);
    await app.put('/api/weeks/w2', week([900], { id: 'w2', personId: 'p1' }));
    await app.give('w2');
    const own = await follow(feed);
    expect(own.filter((e) => e.status === 'CONFIRMED').map((e) => e.start)).toEqual(['15:00']);
    expect(own.filter((e) => e.status === 'CANCELLED')).toHaveLength(1);
  });

  it('taken back answers no more, and says so', async () => {
    const feed = await make();
    expect((await app.send('DELETE', `/api/feeds/${feed.token}`)).status).toBe(204);
    const gone = await app.fails('GET', `/calendars/${feed.token}.ics`);
    expect([gone.status, gone.body.code]).toEqual([410, 'revoked']);
    expect((await app.fails('DELETE', `/api/feeds/${feed.token}`)).status).toBe(404);
    expect((await app.fails('GET', '/calendars/not-an-address.ics')).status).toBe(404);
    const { body } = await app.get<Feed[]>('/api/groups/g1/feeds');
    expect(body.some((f) => f.token === feed.token)).toBe(false);
  });

  it('is for someone in the group', async () => {
    const answer = await app.fails('POST', '/api/groups/g1/feeds', { personId: 'nobody' });
    expect(answer.body.fields[0]).toMatchObject({ path: 'personId', value: 'nobody' });
  });
});

describe('the week as a table', () => {
  it('has a row a break', async () => {
    const { body, headers } = await app.get<string>('/api/groups/g1/weeks/2026-11-23/table');
    expect(headers.get('content-type')).toContain('text/csv');
    expect(body.split('\r\n')).toEqual([
      'Date,Day,Start,End,Minutes,Break,Led,Set by hand,Held',
      '2026-11-23,Monday,10:15,10:20,5,"One side, then the other",no,no,yes',
      '',
    ]);
  });
});

describe('the calendar of a person', () => {
  it('shows a person their own version of what they cannot do as planned, and nobody else', async () => {
    await app.put('/api/people/p2', {
      id: 'p2',
      groupId: 'g1',
      name: 'Maj',
      consent: true,
      limits: [{ limit: 'shoulder' }],
    });
    await app.put('/api/breaks/b9', {
      ...edgeBreak,
      id: 'b9',
      items: [{ type: 'step', id: 's', moveId: 'arms-up-breath', dose: { measure: 'breaths', amount: 3 } }],
    });
    const before = week([600]);
    const w9 = { ...before, id: 'w9', startDate: '2026-11-30' };
    w9.days = w9.days.map((d) => ({
      date: '2026-11-30',
      breaks: d.breaks.map((b) => ({ ...b, breakId: 'b9' })),
    }));
    await app.put('/api/weeks/w9', w9);
    await app.give('w9');
    const textOf = async (body: object) => {
      const { body: text } = await app.get<string>(`/calendars/${(await make(body)).token}.ics`);
      return events(text).find((e) => e.startDate.toString().startsWith('2026-11-30'))?.description ?? '';
    };
    expect(await textOf({ personId: 'p2' })).toContain('“to shoulder height”');
    expect(await textOf({})).not.toContain('shoulder height');
    expect(await textOf({ personId: 'p1' })).not.toContain('shoulder height');
  });
});
