import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { createMailer, type Mailer } from '../mail/mailer';
import { tick } from '../reminders/scheduler';
import { type MailStandIn, startMailStandIn } from '../stand-ins/mail';
import { edgeBreak, group, startServer, tuesdayWeek } from './harness';

const NOW = new Date('2026-11-24T09:00:00.000Z');
const OUTSIDE = 'https://breaks.example';
type Server = Awaited<ReturnType<typeof startServer>>;
let app: Server;
let mail: MailStandIn;
let mailer: Mailer;
let now = NOW;

beforeAll(async () => {
  mail = await startMailStandIn('127.0.0.1');
  mailer = createMailer(mail.address, 'breaks@office.example');
  app = await startServer(NOW);
  await app.put('/api/groups/g1', { ...group, reminders: { leadMin: 5 } });
  await app.put('/api/people/p1', {
    id: 'p1',
    groupId: 'g1',
    name: 'Tomé',
    consent: true,
    mail: 'tome@office.example',
    limits: [{ limit: 'wrist or hand' }],
  });
  await app.put('/api/people/p2', { id: 'p2', groupId: 'g1', name: 'Anouk', consent: true });
  await app.put('/api/breaks/b1', { ...edgeBreak, name: 'Neck & <more>', groupId: 'g1' });
  // At 09:02, 09:05 and 10:00 by the clock of Lisbon, which is that of London in winter.
  await app.put('/api/weeks/w1', tuesdayWeek([542, 550, 600]));
  await app.give('w1');
});
afterAll(async () => {
  mailer.close();
  await mail.stop();
  await app.stop();
});
const look = () => tick({ ...app.context(() => now), mailer, outside: () => OUTSIDE });

describe('a reminder by mail', () => {
  it('goes to whoever gave an address, one at a time, with a link to the own page and a press that ends it', async () => {
    now = new Date('2026-11-24T09:05:30.000Z');
    const { sent } = await look();
    // Two breaks are due for two people: one mail, to the one who has an address.
    expect([sent > 1, mail.received.length]).toEqual([true, 1]);
    const [got] = mail.received;
    expect([got?.to, got?.from].map((a) => JSON.stringify(a))).toEqual([
      expect.stringContaining('tome@office.example'),
      expect.stringContaining('breaks@office.example'),
    ]);
    expect(got?.subject).toMatch(/^09:\d\d: Neck & <more>$/);
    expect(got?.text).toMatch(/https:\/\/breaks\.example\/me\/[\w-]{32}/);
    expect(got?.html).toContain('Neck &#38; &#60;more&#62;');
    expect(got?.text).not.toMatch(/wrist|hand/);
    expect(got?.headers.get('list-unsubscribe-post') ?? got?.headers.get('list')).toBeTruthy();
  });

  it('opens the right page, and ends with one press', async () => {
    const token = /\/me\/([\w-]{32})/.exec(mail.received[0]?.text ?? '')?.[1];
    const { body } = await app.get<{ name: string }>(`/api/desk/${token}`);
    expect(body.name).toBe('Tomé');
    // Opening the link alone ends nothing: programs open links by themselves.
    await app.get(`/api/desk/${token}/no-mail`);
    const before = await app.get<{ value: { mail?: string } }>('/api/people/p1');
    expect(before.body.value.mail).toBe('tome@office.example');
    expect((await app.send('POST', `/api/desk/${token}/no-mail`)).status).toBe(200);
    const after = await app.get<{ version: number; value: { mail?: string } }>('/api/people/p1');
    expect(after.body.value.mail).toBeUndefined();
    now = new Date('2026-11-24T09:56:00.000Z');
    await look();
    expect(mail.received).toHaveLength(1);
    await app.put('/api/people/p1', { ...after.body.value, mail: 'tome@office.example' }, after.body.version);
  });

  it('that is refused is told, and stands in the outbox all the same', async () => {
    await app.put('/api/weeks/w1', tuesdayWeek([542, 550, 600, 660]), 1);
    await app.give('w1');
    mail.refuse(true);
    now = new Date('2026-11-24T10:56:00.000Z');
    const { sent } = await look();
    expect([sent > 0, mail.received.length]).toEqual([true, 1]);
    mail.refuse(false);
  });

  it('is not sent in the night, nor where others cannot reach the page', async () => {
    await app.put('/api/weeks/w1', tuesdayWeek([542, 550, 600, 660, 1320, 720]), 2);
    await app.give('w1');
    now = new Date('2026-11-24T11:56:00.000Z');
    await tick({ ...app.context(() => now), mailer, outside: undefined });
    now = new Date('2026-11-24T21:56:00.000Z');
    await look();
    expect(mail.received).toHaveLength(1);
  });

  it('needs an address that can be one, and the person’s consent', async () => {
    const person = { id: 'p3', groupId: 'g1', name: 'Bo' };
    const wrong = await app.fails('PUT', '/api/people/p3', {
      baseVersion: 0,
      value: { ...person, consent: true, mail: 'nobody' },
    });
    expect([wrong.status, wrong.body.fields[0]?.path]).toEqual([422, 'value.mail']);
    const without = await app.fails('PUT', '/api/people/p3', {
      baseVersion: 0,
      value: { ...person, consent: false, mail: 'bo@office.example' },
    });
    expect(without.body.fields[0]?.path).toBe('value.mail');
  });
});
