import type { CalendarState, Kept } from '@kotabi/core/model';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { REFRESH_MS, refresh, refreshDue } from '../calendars/copies';
import { fetchCalendar } from '../calendars/fetch';
import { listen } from '../listen';
import { isOutside } from '../net/outside';
import { createStandIn } from '../stand-ins/calendars';
import { group, startServer } from './harness';

let app: Awaited<ReturnType<typeof startServer>>;
let standIn: Awaited<ReturnType<typeof listen>>;
let clock = new Date('2026-11-20T08:00:00.000Z');
let address: string;
beforeAll(async () => {
  app = await startServer(clock);
  await app.put('/api/groups/g1', group);
  await app.put('/api/people/p1', { id: 'p1', groupId: 'g1', name: 'Tomé', consent: true });
  const meetings = [
    { id: 'crew', label: 'crew call', weekdays: [1, 4], startMin: 840, endMin: 900 },
    {
      id: 'late',
      label: 'late',
      weekdays: [5],
      startMin: 960,
      endMin: 990,
      movesAt: { hour: 11, byMin: 30 },
    },
  ];
  const calendars = [{ id: 'tome', name: 'Tomé', zone: 'Europe/Lisbon', meetings }];
  standIn = await listen(createStandIn(calendars, { now: () => clock, slowMs: 400 }), 0, '127.0.0.1');
  address = `http://127.0.0.1:${standIn.port}`;
});
afterAll(async () => {
  standIn.server.closeAllConnections();
  standIn.server.close();
  await app.stop();
});

const file = (...events: string[]): string =>
  ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//test//EN', ...events, 'END:VCALENDAR', ''].join('\r\n');
const event = (uid: string, start: string, end: string, ...more: string[]): string =>
  [
    'BEGIN:VEVENT',
    `UID:${uid}`,
    'DTSTAMP:20261101T000000Z',
    `DTSTART:${start}`,
    `DTEND:${end}`,
    ...more,
    'END:VEVENT',
  ].join('\r\n');
const source = (id: string, more: object = {}) => ({ id, groupId: 'g1', name: 'A calendar', ...more });
const upload = (id: string, text: string) =>
  app.send<CalendarState>('POST', `/api/calendars/${id}/file`, text, { 'Content-Type': 'text/calendar' });
const busy = async (date: string, query = '') => {
  const { body } = await app.get<
    { date: string; busy: { startMin: number; endMin: number; label: string }[] }[]
  >(`/api/groups/g1/busy?from=${date}&days=1${query}`);
  return body[0]!.busy.map((b) => [b.startMin, b.endMin, b.label]);
};
const stateOf = async (id: string): Promise<CalendarState> => {
  const { body } =
    await app.get<{ value: { id: string }; state: CalendarState }[]>('/api/groups/g1/calendars');
  return body.find((c) => c.value.id === id)!.state;
};

describe('a calendar from a file', () => {
  const good = file(event('a', '20261124T140000Z', '20261124T150000Z', 'SUMMARY:Secret'));

  it('gives busy times and keeps nothing else of its events', async () => {
    await app.put('/api/calendars/c1', source('c1'));
    const { status, body } = await upload('c1', good);
    expect(status).toBe(200);
    expect(body).toMatchObject({ events: 1, problem: null });
    expect(await busy('2026-11-24')).toEqual([[840, 900, '']]);
    const kept = await app.db.run('select times from calendars');
    expect(JSON.stringify(kept.rows)).not.toContain('Secret');
  });

  it('keeps titles when asked to', async () => {
    await app.put('/api/calendars/c2', source('c2', { keepTitles: true }));
    await upload('c2', file(event('b', '20261125T140000Z', '20261125T150000Z', 'SUMMARY:Fares')));
    expect(await busy('2026-11-25')).toEqual([[840, 900, 'Fares']]);
  });

  it.each([
    ['cut off', good.slice(0, -40), 'cut off'],
    ['not a calendar', '<html></html>', 'BEGIN:VCALENDAR'],
    [
      'in a zone nobody knows',
      good.replace('DTSTART:', 'DTSTART;TZID=Moon/Crater:').replace('140000Z', '140000'),
      'Moon/Crater',
    ],
    [
      'without end',
      file(event('x', '20200101T000000Z', '20200101T000001Z', 'RRULE:FREQ=SECONDLY')),
      'repeats more than 20000 times',
    ],
  ])('%s is refused with a sentence, and what was there stays', async (_, text, words) => {
    const before = await stateOf('c1');
    const answer = await app.send<{ message: string }>('POST', '/api/calendars/c1/file', text, {
      'Content-Type': 'text/calendar',
    });
    expect(answer.status).toBe(422);
    expect(answer.body.message).toContain(words);
    expect(answer.body.message).toContain('Nothing was changed');
    expect(await stateOf('c1')).toEqual(before);
    expect(await busy('2026-11-24')).toEqual([[840, 900, '']]);
  });

  it('of 50 MB is refused', async () => {
    const answer = await app.fails('POST', '/api/calendars/c1/file', ' '.repeat(50_000_000), {
      'Content-Type': 'text/calendar',
    });
    expect(answer.status).toBe(413);
    expect(answer.body.code).toBe('tooLarge');
    expect(await busy('2026-11-24')).toEqual([[840, 900, '']]);
  });

  it('belongs to a group and a person who are there, at a web address', async () => {
    const nobody = await app.fails('PUT', '/api/calendars/c9', {
      baseVersion: 0,
      value: source('c9', { personId: 'p9' }),
    });
    expect(nobody.body.fields[0]).toMatchObject({ path: 'value.personId', value: 'p9' });
    const odd = await app.fails('PUT', '/api/calendars/c9', {
      baseVersion: 0,
      value: source('c9', { address: 'ftp://x' }),
    });
    expect(odd.body.fields[0]).toMatchObject({ path: 'value.address' });
  });
});

describe('an address inside this machine or network', () => {
  it('is told from those that everybody reaches', () => {
    // Ranges of RFC 6890 and their likes.
    for (const inside of [
      '127.0.0.1',
      '10.1.2.3',
      '172.16.0.9',
      '192.168.1.1',
      '169.254.169.254',
      '100.64.0.1',
      '0.0.0.0',
      '::1',
      'fe80::1',
      'fd00::1',
      '::ffff:127.0.0.1',
      'not an address',
    ])
      expect([inside, isOutside(inside)]).toEqual([inside, false]);
    for (const outside of ['93.184.216.34', '2606:2800:220:1::1'])
      expect([outside, isOutside(outside)]).toEqual([outside, true]);
  });

  it('is only read where that is allowed for the calendar, by number and by name', async () => {
    const { port } = new URL(address);
    for (const host of ['127.0.0.1', 'localhost', '[::1]', '2130706433', '0x7f.1']) {
      const got = await fetchCalendar(`http://${host}:${port}/calendars/tome.ics`, false, 2000);
      expect([host, got]).toEqual([
        host,
        { ok: false, problem: expect.stringContaining('is inside this machine') },
      ]);
    }
    expect(await fetchCalendar(`${address}/calendars/tome.ics`, true, 2000)).toMatchObject({ ok: true });
  });
});

describe('a subscribed calendar', () => {
  const ask = () => app.send<CalendarState>('POST', '/api/calendars/s1/refresh', {});

  it('is read from its address, for its person only', async () => {
    await app.put(
      '/api/calendars/s1',
      source('s1', { personId: 'p1', address: `${address}/calendars/tome.ics`, inside: true }),
    );
    expect((await ask()).body.problem).toBeNull();
    expect(await busy('2026-11-26', '&personId=p1')).toEqual([[840, 900, '']]);
    expect(await busy('2026-11-26')).toEqual([]);
  });

  it('follows a meeting that moves, under the same id', async () => {
    const idsOf = async () =>
      (
        await app.get<{ busy: { id: string; startMin: number }[] }[]>(
          '/api/groups/g1/busy?from=2026-11-26&days=1&personId=p1',
        )
      ).body[0]!.busy;
    const [before] = await idsOf();
    await fetch(`${address}/calendars/tome/move`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ meetingId: 'crew', byMin: 45 }),
    });
    await ask();
    const [after] = await idsOf();
    expect(after).toMatchObject({ id: before!.id, startMin: 885 });
  });

  it('keeps the last good copy when the service is silent or slow, and says so', async () => {
    const mode = (m: string) =>
      fetch(`${address}/calendars/tome/mode`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify({ mode: m }),
      });
    await mode('silent');
    const { body } = await ask();
    expect(body.problem).toMatch(/^The calendar service 127\.0\.0\.1:\d+ cannot be reached\.$/);
    expect(body.copiedAt).not.toBeNull();
    expect(await busy('2026-11-26', '&personId=p1')).toEqual([[885, 945, '']]);

    await mode('slow');
    const ctx = app.context(() => clock);
    const { value } = (await ctx.calendars.get('s1')) as Kept<never> & {
      value: Parameters<typeof refresh>[1];
    };
    expect(await refresh(ctx, value, 100)).toMatchObject({
      ok: false,
      problem: /did not answer within 0.1 s/,
    });
    expect(await busy('2026-11-26', '&personId=p1')).toEqual([[885, 945, '']]);
    // Slow is no failure for the patient.
    expect(await refresh(ctx, value, 5000)).toMatchObject({ ok: true });
    await mode('answers');
    expect((await ask()).body.problem).toBeNull();
  });

  it('changes over the day by itself', async () => {
    clock = new Date('2026-11-27T08:00:00Z');
    const ctx = app.context(() => clock);
    await refreshDue(ctx);
    expect(await busy('2026-11-27', '&personId=p1')).toEqual([[960, 990, '']]);
    clock = new Date('2026-11-27T11:30:00Z');
    expect(await refreshDue(ctx)).toBe(1);
    expect(await busy('2026-11-27', '&personId=p1')).toEqual([[990, 1020, '']]);
    // Not asked again before its time.
    expect(await refreshDue(ctx)).toBe(0);
    clock = new Date(clock.getTime() + REFRESH_MS);
    expect(await refreshDue(ctx)).toBe(1);
  });

  it('cannot be refreshed when it came from a file', async () => {
    const answer = await app.fails('POST', '/api/calendars/c1/refresh', {});
    expect(answer.body.fields[0]).toMatchObject({ path: 'address' });
  });
});

describe('the stand-in', () => {
  it('has a page with buttons and refuses what it does not know', async () => {
    const page = await (await fetch(address)).text();
    expect(page).toContain('crew call');
    expect((await fetch(`${address}/calendars/nobody.ics`)).status).toBe(404);
    const odd = await fetch(`${address}/calendars/tome/mode`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: '{"mode":"angry"}',
    });
    expect(odd.status).toBe(422);
  });
});
