import { library } from '@kotabi/core/library/all';
import type { Account, Person } from '@kotabi/core/model';
import { defaultApproach, Measure, Move, Session, Week } from '@kotabi/core/model';
import { expect } from 'vitest';
import { answers, messages } from '../../db/schema';
import { lineId } from '../../routes/voice';
import { edgeBreak, group, startServer } from '../harness';
import { makeAccount, type Server, signedIn, type Visitor } from '../people-who-sign-in';
import type { Role } from './roles';

/** Something that only stands in what belongs to the owner. */
export const SECRET = 'Lighthouse secret';

const libraryMove = library[0] as Move;
export const person = {
  id: 'p1',
  groupId: 'g1',
  name: `${SECRET} person`,
  consent: true,
  measuring: true,
  note: `${SECRET} note`,
  limits: [],
} as unknown as Person;
export const move = Move.parse({ ...libraryMove, id: 'm1', name: `${SECRET} move` });
export const brk = {
  ...edgeBreak,
  groupId: 'g1',
  name: `${SECRET} break`,
  items: [{ ...edgeBreak.items[0], moveId: 'm1', position: undefined }],
};
export const week = Week.parse({
  id: 'w1',
  groupId: 'g1',
  personId: null,
  startDate: '2026-11-23',
  rule: { kind: 'none' },
  days: [],
});
export const calendar = {
  id: 'c1',
  groupId: 'g1',
  personId: null,
  name: `${SECRET} calendar`,
  address: null,
};
export const session = Session.parse({
  id: 's1',
  breakId: 'b1',
  breakName: `${SECRET} break`,
  groupId: 'g1',
  startedAt: '2026-11-19T10:00:00.000Z',
  endedAt: '2026-11-19T10:05:00.000Z',
  ended: 'finished',
  parts: [],
  note: `${SECRET} note`,
});
export const measure = Measure.parse({
  id: 'ms1',
  groupId: 'g1',
  personId: 'p1',
  takenAt: '2026-11-19T10:06:00.000Z',
  note: `${SECRET} measure`,
});
export const busyText = 'BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:x\r\nEND:VCALENDAR\r\n';
/** What is kept in this office, by whom it is asked for, and the addresses that were given out. */
interface Office {
  server: Server;
  visitors: Record<Role, Visitor>;
  accounts: Record<'owner' | 'editor' | 'looker' | 'stranger' | 'keeper', Account>;
  token: string;
  ledToken: string;
  pageToken: string;
  room: { id: string; token: string };
}
export const office = {} as Office;
export const followed = {
  brk: { id: 'b', name: 'Followed', slotSec: 60, items: [] },
  moves: [],
  approach: defaultApproach,
};
/** A remote that steers the owner's office.room. */
export const remote = async (): Promise<string> => {
  await office.visitors.owner.send('DELETE', `/api/live/${office.room.id}/remote`);
  const { body } = await office.visitors.owner.send('POST', `/api/live/${office.room.id}/remote`);
  const { code } = body as unknown as { code: string };
  const joined = await office.visitors.nobody.send('POST', '/api/live-remote', { code });
  return (joined.body as unknown as { remote: string }).remote;
};

const put = async (path: string, value: { id: string }): Promise<void> => {
  const seen = await office.visitors.owner.send('GET', `${path}/${value.id}`);
  const { version = 0 } = seen.body as unknown as { version?: number };
  const { status, body } = await office.visitors.owner.send('PUT', `${path}/${value.id}`, {
    baseVersion: seen.status === 200 ? version : 0,
    value,
  });
  if (status >= 300) throw new Error(`${path}: ${JSON.stringify(body)}`);
};

/** What is kept, those first that others belong to; not accounts and who is signed in, nor what was written down of it. */
const TABLES = [
  ['shares', 'groups', 'people', 'moves', 'breaks', 'settings', 'weeks', 'calendars', 'feeds'],
  ['led_feeds', 'voice_lines', 'given_weeks', 'desk_pages', 'push_keys', 'devices', 'calendar_entries'],
  ['messages', 'answers'],
  ['sessions', 'measures'],
].flat();

/** Everything that is kept, as one text. */
export const everything = async (): Promise<string> => {
  const selects = ['accounts', ...TABLES].map((table) => `SELECT * FROM ${table} ORDER BY 1, 2`);
  return JSON.stringify((await office.server.guard.batch(selects)).map(({ rows }) => rows));
};

/** Notes how everything lies, to be put back there. */
const note = (): Promise<unknown> =>
  office.server.guard.batch(TABLES.map((table) => `CREATE TABLE as_${table} AS SELECT * FROM ${table}`));

/** Puts everything back where it was, and shares the screen that is followed anew: that is held in no table. */
export const putBack = async (): Promise<void> => {
  await office.server.guard.batch([
    ...[...TABLES].reverse().map((table) => `DELETE FROM ${table}`),
    ...TABLES.map((table) => `INSERT INTO ${table} SELECT * FROM as_${table}`),
  ]);
  await follow();
};

/** Shares a screen of the owner. */
const follow = async (): Promise<void> => {
  const shared = await office.visitors.owner.send('POST', '/api/live', followed);
  expect([shared.status, JSON.stringify(shared.body).slice(0, 300)]).toEqual([201, expect.any(String)]);
  office.room = shared.body as unknown as { id: string; token: string };
};

/** Makes everything that belongs to the owner, and shares some of it. */
const layOut = async (): Promise<void> => {
  const { owner } = office.visitors;
  await put('/api/groups', { ...group, name: `${SECRET} group` } as { id: string });
  await put('/api/people', person);
  await put('/api/moves', move);
  await put('/api/breaks', brk);
  await put('/api/weeks', week);
  await put('/api/calendars', calendar);
  await put('/api/sessions', session);
  await put('/api/measures', measure);
  for (const [role, may] of [
    ['editor', 'edit'],
    ['looker', 'look'],
  ] as const)
    for (const what of ['groups/g1', 'breaks/b1']) {
      const { status } = await owner.send('PUT', `/api/shares/${what}/${office.accounts[role].id}`, { may });
      expect(status).toBe(204);
    }
  const fed = await owner.send('POST', '/api/groups/g1/feeds', { personId: null, alarmMin: 5 });
  office.token = (fed.body as unknown as { token: string }).token;
  const page = await owner.send('POST', '/api/groups/g1/pages', { personId: 'p1' });
  office.pageToken = (page.body as unknown as { token: string }).token;
  const led = await owner.send('POST', '/api/led-feeds', {});
  office.ledToken = (led.body as unknown as { token: string }).token;
  const recorded = `/api/voice/${lineId('Sit tall')}?text=Sit%20tall&lengthMs=900`;
  expect((await owner.send('PUT', recorded, 'sound', { 'Content-Type': 'audio/webm' })).status).toBe(200);
  await follow();
  const at = '2026-11-20T08:00:00.000Z';
  const row = { id: 'r1', groupId: 'g1', personId: 'p1', weekId: 'w1', plannedId: 'x', breakName: SECRET };
  await office.server.db.insert(messages).values({
    ...row,
    date: '2026-11-20',
    startMin: 600,
    startsAt: at,
    dueAt: at,
    sentAt: at,
    state: 'sent',
  });
  await office.server.db
    .insert(answers)
    .values({ id: 'a1', groupId: 'g1', personId: 'p1', startsAt: at, data: { personName: SECRET } });
};
/** An office with accounts, and everything in it noted to be put back. */
export const open = async (): Promise<void> => {
  office.server = await startServer();
  const owner = await makeAccount(office.server.fails, 'Owner');
  const asOwner = await signedIn(office.server, 'Owner');
  office.accounts = {
    owner,
    editor: await makeAccount(asOwner.send, 'Editor'),
    looker: await makeAccount(asOwner.send, 'Looker'),
    stranger: await makeAccount(asOwner.send, 'Stranger'),
    keeper: await makeAccount(asOwner.send, 'Keeper', ['keeper']),
  };
  office.visitors = {
    owner: asOwner,
    editor: await signedIn(office.server, 'editor'),
    looker: await signedIn(office.server, ' LOOKER '),
    stranger: await signedIn(office.server, 'Stranger'),
    keeper: await signedIn(office.server, 'Keeper'),
    nobody: { cookie: '', send: office.server.fails },
  };
  await layOut();
  await note();
};
