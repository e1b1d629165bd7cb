import { library } from '@kotabi/core/library/all';
import type { Account, Person } from '@kotabi/core/model';
import { defaultApproach, Measure, Move, Session, Week } from '@kotabi/core/model';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { answers, messages } from '../db/schema';
import { lineId } from '../routes/voice';
import { edgeBreak, group, startServer } from './harness';
import {
  everyAddress,
  makeAccount,
  PASSWORD,
  type Server,
  signedIn,
  type Visitor,
} from './people-who-sign-in';

/** Whoever asks: the owner, two colleagues with whom things are shared, one without, a keeper, nobody. */
const WHO = ['owner', 'editor', 'looker', 'stranger', 'keeper', 'nobody'] as const;
type Role = (typeof WHO)[number];

/** What an answer says about being let in. */
type Outcome = 'in' | 'sign in' | 'not for you' | 'not there' | 'unknown';
const outcomeOf = (status: number): Outcome => {
  if (status === 401) return 'sign in';
  if (status === 403) return 'not for you';
  if (status === 404) return 'not there';
  if (status === 422) return 'unknown';
  return 'in';
};

type Expected = Record<Role, Outcome>;
const outsiders = { keeper: 'not for you', nobody: 'sign in' } as const;
const RIGHTS = {
  anyone: { owner: 'in', editor: 'in', looker: 'in', stranger: 'in', keeper: 'in', nobody: 'in' },
  signedIn: { owner: 'in', editor: 'in', looker: 'in', stranger: 'in', keeper: 'in', nobody: 'sign in' },
  /** Every instructor, each with what is theirs. */
  own: { owner: 'in', editor: 'in', looker: 'in', stranger: 'in', ...outsiders },
  look: { owner: 'in', editor: 'in', looker: 'in', stranger: 'not there', ...outsiders },
  edit: { owner: 'in', editor: 'in', looker: 'not for you', stranger: 'not there', ...outsiders },
  /** What is put into a group: to a stranger there is no such group. */
  put: { owner: 'in', editor: 'in', looker: 'not for you', stranger: 'unknown', ...outsiders },
  /** What only its owner may. */
  owner: { owner: 'in', editor: 'not for you', looker: 'not for you', stranger: 'not there', ...outsiders },
  /** What belongs to one account and is not shared. */
  private: { owner: 'in', editor: 'not there', looker: 'not there', stranger: 'not there', ...outsiders },
  /** What names a group in its body. */
  namesGroup: { owner: 'in', editor: 'in', looker: 'in', stranger: 'unknown', ...outsiders },
  keeper: {
    owner: 'in',
    editor: 'not for you',
    looker: 'not for you',
    stranger: 'not for you',
    keeper: 'in',
    nobody: 'sign in',
  },
} as const satisfies Record<string, Expected>;

/** Something that only stands in what belongs to the owner. */
const SECRET = 'Lighthouse secret';

const libraryMove = library[0] as Move;
const person = {
  id: 'p1',
  groupId: 'g1',
  name: `${SECRET} person`,
  consent: true,
  measuring: true,
  note: `${SECRET} note`,
  limits: [],
} as unknown as Person;
const move = Move.parse({ ...libraryMove, id: 'm1', name: `${SECRET} move` });
const brk = {
  ...edgeBreak,
  groupId: 'g1',
  name: `${SECRET} break`,
  items: [{ ...edgeBreak.items[0], moveId: 'm1', position: undefined }],
};
const week = Week.parse({
  id: 'w1',
  groupId: 'g1',
  personId: null,
  startDate: '2026-11-23',
  rule: { kind: 'none' },
  days: [],
});
const calendar = { id: 'c1', groupId: 'g1', personId: null, name: `${SECRET} calendar`, address: null };
const session = Session.parse({
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
const measure = Measure.parse({
  id: 'ms1',
  groupId: 'g1',
  personId: 'p1',
  takenAt: '2026-11-19T10:06:00.000Z',
  note: `${SECRET} measure`,
});
const busyText = 'BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:x\r\nEND:VCALENDAR\r\n';

interface Call {
  right: keyof typeof RIGHTS | Expected;
  path: string;
  body?: unknown;
  headers?: Record<string, string>;
}

let server: Server;
let visitors: Record<Role, Visitor>;
let accounts: Record<'owner' | 'editor' | 'looker' | 'stranger' | 'keeper', Account>;
let token: string;
let ledToken: string;
let pageToken: string;
let room: { id: string; token: string };
const followed = {
  brk: { id: 'b', name: 'Followed', slotSec: 60, items: [] },
  moves: [],
  approach: defaultApproach,
};
/** A remote that steers the owner's room. */
const remote = async (): Promise<string> => {
  await visitors.owner.send('DELETE', `/api/live/${room.id}/remote`);
  const { body } = await visitors.owner.send('POST', `/api/live/${room.id}/remote`);
  const { code } = body as unknown as { code: string };
  const joined = await visitors.nobody.send('POST', '/api/live-remote', { code });
  return (joined.body as unknown as { remote: string }).remote;
};

const put = async (path: string, value: { id: string }): Promise<void> => {
  const seen = await visitors.owner.send('GET', `${path}/${value.id}`);
  const { version = 0 } = seen.body as unknown as { version?: number };
  const { status, body } = await visitors.owner.send('PUT', `${path}/${value.id}`, {
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
const everything = async (): Promise<string> => {
  const selects = ['accounts', ...TABLES].map((table) => `SELECT * FROM ${table} ORDER BY 1, 2`);
  return JSON.stringify((await server.guard.batch(selects)).map(({ rows }) => rows));
};

/** Notes how everything lies, to be put back there. */
const note = (): Promise<unknown> =>
  server.guard.batch(TABLES.map((table) => `CREATE TABLE as_${table} AS SELECT * FROM ${table}`));

/** Puts everything back where it was, and shares the screen that is followed anew: that is held in no table. */
const putBack = async (): Promise<void> => {
  await server.guard.batch([
    ...[...TABLES].reverse().map((table) => `DELETE FROM ${table}`),
    ...TABLES.map((table) => `INSERT INTO ${table} SELECT * FROM as_${table}`),
  ]);
  await follow();
};

/** Shares a screen of the owner. */
const follow = async (): Promise<void> => {
  const shared = await visitors.owner.send('POST', '/api/live', followed);
  expect([shared.status, JSON.stringify(shared.body).slice(0, 300)]).toEqual([201, expect.any(String)]);
  room = shared.body as unknown as { id: string; token: string };
};

/** Makes everything that belongs to the owner, and shares some of it. */
const layOut = async (): Promise<void> => {
  const { owner } = visitors;
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
      const { status } = await owner.send('PUT', `/api/shares/${what}/${accounts[role].id}`, { may });
      expect(status).toBe(204);
    }
  const fed = await owner.send('POST', '/api/groups/g1/feeds', { personId: null, alarmMin: 5 });
  token = (fed.body as unknown as { token: string }).token;
  const page = await owner.send('POST', '/api/groups/g1/pages', { personId: 'p1' });
  pageToken = (page.body as unknown as { token: string }).token;
  const led = await owner.send('POST', '/api/led-feeds', {});
  ledToken = (led.body as unknown as { token: string }).token;
  const recorded = `/api/voice/${lineId('Sit tall')}?text=Sit%20tall&lengthMs=900`;
  expect((await owner.send('PUT', recorded, 'sound', { 'Content-Type': 'audio/webm' })).status).toBe(200);
  await follow();
  const at = '2026-11-20T08:00:00.000Z';
  const row = { id: 'r1', groupId: 'g1', personId: 'p1', weekId: 'w1', plannedId: 'x', breakName: SECRET };
  await server.db.insert(messages).values({
    ...row,
    date: '2026-11-20',
    startMin: 600,
    startsAt: at,
    dueAt: at,
    sentAt: at,
    state: 'sent',
  });
  await server.db
    .insert(answers)
    .values({ id: 'a1', groupId: 'g1', personId: 'p1', startsAt: at, data: { personName: SECRET } });
};

beforeAll(async () => {
  server = await startServer();
  const owner = await makeAccount(server.fails, 'Owner');
  const asOwner = await signedIn(server, 'Owner');
  accounts = {
    owner,
    editor: await makeAccount(asOwner.send, 'Editor'),
    looker: await makeAccount(asOwner.send, 'Looker'),
    stranger: await makeAccount(asOwner.send, 'Stranger'),
    keeper: await makeAccount(asOwner.send, 'Keeper', ['keeper']),
  };
  visitors = {
    owner: asOwner,
    editor: await signedIn(server, 'editor'),
    looker: await signedIn(server, ' LOOKER '),
    stranger: await signedIn(server, 'Stranger'),
    keeper: await signedIn(server, 'Keeper'),
    nobody: { cookie: '', send: server.fails },
  };
  await layOut();
  await note();
});
afterAll(() => server.stop());

/** A change of a thing as it is now, so that nothing but the right to it decides. */
const changed = (path: string, value: { id: string }, right: Call['right']) => async (): Promise<Call> => {
  const { body } = await visitors.owner.send('GET', `${path}/${value.id}`);
  const { version } = body as unknown as { version: number };
  return { right, path: `${path}/${value.id}`, body: { baseVersion: version, value } };
};
const text = (body: string): Pick<Call, 'body' | 'headers'> => ({
  body,
  headers: { 'Content-Type': 'text/plain' },
});
const broken = { groupId: null };

/** How each address is called in this test, and who is let in. */
const CALLS: Record<string, Call | (() => Call | Promise<Call>)> = {
  'GET /api/health': { right: 'anyone', path: '/api/health' },
  'GET /api/me': { right: 'anyone', path: '/api/me' },
  'POST /api/first': {
    right: 'anyone',
    path: '/api/first',
    body: { code: 'x', name: 'x', password: PASSWORD },
  },
  'POST /api/sign-in': { right: 'anyone', path: '/api/sign-in', body: {} },
  'POST /api/sign-out': { right: 'signedIn', path: '/api/sign-out', body: { everywhere: 'x' } },
  'PUT /api/password': { right: 'signedIn', path: '/api/password', body: {} },
  'GET /api/accounts': { right: 'keeper', path: '/api/accounts' },
  'POST /api/accounts': { right: 'keeper', path: '/api/accounts', body: {} },
  'PUT /api/accounts/:id': () => ({
    right: 'keeper',
    path: `/api/accounts/${accounts.looker.id}`,
    body: { roles: 1 },
  }),
  'GET /api/deeds': { right: 'signedIn', path: '/api/deeds' },
  'GET /api/shared': { right: 'own', path: '/api/shared' },
  'GET /api/shares/:kind/:id': { right: 'look', path: '/api/shares/groups/g1' },
  'PUT /api/shares/:kind/:id/:accountId': () => ({
    right: 'owner',
    path: `/api/shares/breaks/b1/${accounts.looker.id}`,
    body: { may: 'look' },
  }),
  'DELETE /api/shares/:kind/:id/:accountId': () => ({
    right: 'owner',
    path: `/api/shares/groups/g1/${accounts.looker.id}`,
  }),
  'GET /api/groups': { right: 'own', path: '/api/groups' },
  'GET /api/groups/:id': { right: 'look', path: '/api/groups/g1' },
  'PUT /api/groups/:id': changed('/api/groups', { ...group, name: 'New' } as { id: string }, 'edit'),
  'DELETE /api/groups/:id': { right: 'owner', path: '/api/groups/g1' },
  'GET /api/groups/:id/people': { right: 'look', path: '/api/groups/g1/people' },
  'POST /api/groups/:id/people': () => ({
    right: 'edit',
    path: '/api/groups/g1/people',
    body: { people: [{ ...person, id: `n${Math.random().toString(36).slice(2)}` }] },
  }),
  'GET /api/groups/:id/people/table': { right: 'look', path: '/api/groups/g1/people/table' },
  'GET /api/people/:id': { right: 'look', path: '/api/people/p1' },
  'PUT /api/people/:id': changed('/api/people', person, 'put'),
  'DELETE /api/people/:id': { right: 'edit', path: '/api/people/p1' },
  'GET /api/people/:id/kept': { right: 'look', path: '/api/people/p1/kept' },
  'POST /api/people/:id/forget': {
    right: 'edit',
    path: '/api/people/p1/forget',
    body: { places: [{ kind: 'break', id: 'b1', path: 'name' }] },
  },
  'GET /api/archive': { right: 'own', path: '/api/archive' },
  'POST /api/archive/open': { right: 'own', path: '/api/archive/open', ...text('{') },
  'GET /api/moves': { right: 'own', path: '/api/moves' },
  'POST /api/moves/open': { right: 'own', path: '/api/moves/open', body: { text: 1 } },
  'GET /api/moves/:id': { right: 'look', path: '/api/moves/m1' },
  'PUT /api/moves/:id': changed('/api/moves', move, 'owner'),
  'GET /api/moves/:id/file': { right: 'look', path: '/api/moves/m1/file' },
  'GET /api/approach/:id': { right: 'own', path: '/api/approach/approach' },
  'PUT /api/approach/:id': { right: 'own', path: '/api/approach/approach', body: {} },
  'GET /api/breaks': { right: 'own', path: '/api/breaks' },
  'POST /api/breaks/open': { right: 'own', path: '/api/breaks/open', body: { text: '{' } },
  'GET /api/breaks/:id': { right: 'look', path: '/api/breaks/b1' },
  'PUT /api/breaks/:id': changed('/api/breaks', brk as unknown as { id: string }, 'put'),
  'DELETE /api/breaks/:id': { right: 'owner', path: '/api/breaks/b1' },
  'POST /api/breaks/:id/restore': { right: 'owner', path: '/api/breaks/b1/restore' },
  'GET /api/breaks/:id/versions': { right: 'look', path: '/api/breaks/b1/versions' },
  'GET /api/breaks/:id/file': { right: 'look', path: '/api/breaks/b1/file' },
  'GET /api/breaks/:id/track': { right: 'look', path: '/api/breaks/b1/track' },
  'GET /api/groups/:groupId/weeks/:startDate': { right: 'look', path: '/api/groups/g1/weeks/2026-11-23' },
  'GET /api/groups/:groupId/weeks': { right: 'look', path: '/api/groups/g1/weeks' },
  'GET /api/weeks/:id': { right: 'look', path: '/api/weeks/w1' },
  'PUT /api/weeks/:id': changed('/api/weeks', week, 'put'),
  'DELETE /api/weeks/:id': { right: 'edit', path: '/api/weeks/w1' },
  'GET /api/weeks/:id/given': { right: 'look', path: '/api/weeks/w1/given' },
  'POST /api/weeks/:id/given': { right: 'edit', path: '/api/weeks/w1/given', body: { version: 1 } },
  'DELETE /api/weeks/:id/given': { right: 'edit', path: '/api/weeks/w1/given' },
  'GET /api/groups/:groupId/weeks/:startDate/calendar': {
    right: 'look',
    path: '/api/groups/g1/weeks/2026-11-23/calendar',
  },
  'GET /api/groups/:groupId/weeks/:startDate/booklet': {
    right: 'look',
    path: '/api/groups/g1/weeks/2026-11-23/booklet',
  },
  'GET /api/groups/:groupId/weeks/:startDate/table': {
    right: 'look',
    path: '/api/groups/g1/weeks/2026-11-23/table',
  },
  'GET /api/groups/:id/calendars': { right: 'look', path: '/api/groups/g1/calendars' },
  'GET /api/calendars/:id': { right: 'look', path: '/api/calendars/c1' },
  'PUT /api/calendars/:id': changed('/api/calendars', calendar, 'put'),
  'DELETE /api/calendars/:id': { right: 'edit', path: '/api/calendars/c1' },
  'POST /api/calendars/:id/file': { right: 'edit', path: '/api/calendars/c1/file', ...text(busyText) },
  'POST /api/calendars/:id/refresh': {
    right: { ...RIGHTS.edit, owner: 'unknown', editor: 'unknown' },
    path: '/api/calendars/c1/refresh',
  },
  'GET /api/groups/:id/busy': { right: 'look', path: '/api/groups/g1/busy?from=2026-11-23' },
  'GET /api/holidays': { right: 'own', path: '/api/holidays' },
  'GET /api/holidays/:country': { right: 'own', path: '/api/holidays/PT?year=2026' },
  'GET /api/groups/:id/feeds': { right: 'edit', path: '/api/groups/g1/feeds' },
  'POST /api/groups/:id/feeds': {
    right: 'edit',
    path: '/api/groups/g1/feeds',
    body: { personId: null, alarmMin: null },
  },
  'DELETE /api/feeds/:token': () => ({
    right: { ...RIGHTS.edit, looker: 'not there' },
    path: `/api/feeds/${token}`,
  }),
  'GET /api/led-feeds': { right: 'own', path: '/api/led-feeds' },
  'POST /api/led-feeds': { right: 'own', path: '/api/led-feeds', body: {} },
  'DELETE /api/led-feeds/:token': () => ({ right: RIGHTS.private, path: `/api/led-feeds/${ledToken}` }),
  'GET /calendars/:file': () => ({ right: 'anyone', path: `/calendars/${token}.ics` }),
  'GET /api/breaks/:id/page': { right: 'look', path: '/api/breaks/b1/page' },
  'GET /api/breaks/:id/paper': { right: 'look', path: '/api/breaks/b1/paper' },
  'GET /api/outside': { right: 'own', path: '/api/outside' },
  'GET /api/groups/:id/pages': { right: 'edit', path: '/api/groups/g1/pages' },
  'POST /api/groups/:id/pages': {
    right: 'edit',
    path: '/api/groups/g1/pages',
    body: { personId: null },
  },
  'DELETE /api/pages/:token': () => ({
    right: { ...RIGHTS.edit, looker: 'not there' },
    path: `/api/pages/${pageToken}`,
  }),
  'GET /api/desk/:token': () => ({ right: 'anyone', path: `/api/desk/${pageToken}` }),
  'GET /api/desk/:token/no-mail': () => ({ right: 'anyone', path: `/api/desk/${pageToken}/no-mail` }),
  'POST /api/desk/:token/no-mail': () => ({ right: 'anyone', path: `/api/desk/${pageToken}/no-mail` }),
  'POST /api/desk/:token/answers': () => ({
    right: 'anyone',
    path: `/api/desk/${pageToken}/answers`,
    body: { plannedId: null, breakId: null, answer: 'did it' },
  }),
  'GET /api/desk/:token/devices': () => ({ right: 'anyone', path: `/api/desk/${pageToken}/devices` }),
  'POST /api/desk/:token/devices': () => ({
    right: 'anyone',
    path: `/api/desk/${pageToken}/devices`,
    body: {
      endpoint: 'https://push.example/x',
      keys: { p256dh: 'B'.repeat(87), auth: 'a'.repeat(22) },
    },
  }),
  'DELETE /api/desk/:token/devices': () => ({
    right: 'anyone',
    path: `/api/desk/${pageToken}/devices`,
    body: { endpoint: 'https://push.example/x' },
  }),
  'GET /api/messages': { right: 'own', path: '/api/messages' },
  'POST /api/messages/:id/reply': {
    right: 'edit',
    path: '/api/messages/r1/reply',
    body: { answer: 'did it' },
  },
  'GET /api/answers': { right: 'own', path: '/api/answers' },
  'GET /api/log': { right: 'own', path: '/api/log' },
  'POST /api/sessions/:id/restore': { right: 'owner', path: '/api/sessions/s1/restore' },
  'GET /api/groups/:id/measures': { right: 'look', path: '/api/groups/g1/measures' },
  'GET /api/measures/:id': { right: 'look', path: '/api/measures/ms1' },
  'PUT /api/measures/:id': changed('/api/measures', measure, RIGHTS.put),
  'DELETE /api/measures/:id': { right: 'edit', path: '/api/measures/ms1' },
  'GET /api/groups/:id/trends': { right: 'look', path: '/api/groups/g1/trends?personId=p1' },
  'GET /api/groups/:id/proposals': { right: 'look', path: '/api/groups/g1/proposals' },
  'POST /api/groups/:id/proposals': {
    right: { ...RIGHTS.edit, owner: 'not there', editor: 'not there' },
    path: '/api/groups/g1/proposals',
    body: { key: 'none', take: true },
  },
  'DELETE /api/groups/:id/learned/:key': {
    right: { ...RIGHTS.edit, owner: 'not there', editor: 'not there' },
    path: '/api/groups/g1/learned/none',
  },
  'GET /api/groups/:id/months/:month': { right: 'look', path: '/api/groups/g1/months/2026-11' },
  'PUT /api/groups/:id/months/:month': {
    right: 'edit',
    path: '/api/groups/g1/months/2026-11',
    body: { words: 'Our words.' },
  },
  'GET /api/groups/:id/months/:month/paper': {
    right: 'look',
    path: '/api/groups/g1/months/2026-11/paper',
  },
  'GET /api/groups/:id/records': { right: 'look', path: '/api/groups/g1/records?as=json' },
  'GET /api/sessions/:id': { right: 'look', path: '/api/sessions/s1' },
  'PUT /api/sessions/:id': changed('/api/sessions', session, { ...RIGHTS.owner, stranger: 'unknown' }),
  'DELETE /api/sessions/:id': { right: 'owner', path: '/api/sessions/s1' },
  'POST /api/sessions/:id/pieces': {
    right: { ...RIGHTS.owner, stranger: 'unknown' },
    path: '/api/sessions/s1/pieces',
    body: { ...session, from: 0, parts: [] },
  },
  'GET /api/voice': { right: 'own', path: '/api/voice' },
  'GET /api/voice/:id': { right: 'private', path: `/api/voice/${lineId('Sit tall')}` },
  'PUT /api/voice/:id': {
    right: 'own',
    path: `/api/voice/${lineId('Grow tall')}?text=Grow%20tall&lengthMs=900`,
    body: 'sound',
    headers: { 'Content-Type': 'audio/webm' },
  },
  'DELETE /api/voice/:id': { right: 'private', path: `/api/voice/${lineId('Sit tall')}` },
  'GET /api/clock': { right: 'anyone', path: '/api/clock' },
  'POST /api/live': { right: 'own', path: '/api/live', body: { ...followed } },
  'GET /api/live/:id': () => ({ right: 'private', path: `/api/live/${room.id}` }),
  'PUT /api/live/:id': () => ({ right: 'private', path: `/api/live/${room.id}`, body: {} }),
  'DELETE /api/live/:id': () => ({ right: 'private', path: `/api/live/${room.id}` }),
  'POST /api/live/:id/remote': () => ({ right: 'private', path: `/api/live/${room.id}/remote` }),
  'DELETE /api/live/:id/remote': () => ({ right: 'private', path: `/api/live/${room.id}/remote` }),
  // What is behind such an address names nobody: whoever has it follows.
  'GET /api/live-view/:token': () => ({ right: 'anyone', path: `/api/live-view/${room.token}` }),
  'POST /api/live-remote': async () => {
    const { body } = await visitors.owner.send('POST', `/api/live/${room.id}/remote`);
    return {
      right: 'anyone',
      path: '/api/live-remote',
      body: { code: (body as unknown as { code: string }).code },
    };
  },
  'GET /api/live-remote/:remote': async () => ({
    right: 'anyone',
    path: `/api/live-remote/${await remote()}`,
  }),
  'POST /api/live-remote/:remote': async () => ({
    right: 'anyone',
    path: `/api/live-remote/${await remote()}`,
    body: { do: 'dance' },
  }),
  'GET /api/unreadable': { right: 'own', path: '/api/unreadable' },
  'GET /api/unreadable/:kind/:id': {
    right: { ...RIGHTS.private, owner: 'not there' },
    path: '/api/unreadable/group/g1',
  },
  'GET /api/backups': { right: 'keeper', path: '/api/backups' },
  'POST /api/backups': { right: 'keeper', path: '/api/backups' },
  'GET /api/backups/:name': {
    right: { ...RIGHTS.keeper, owner: 'not there', keeper: 'not there' },
    path: '/api/backups/x',
  },
  'GET /api/backups/:name/file': {
    right: { ...RIGHTS.keeper, owner: 'not there', keeper: 'not there' },
    path: '/api/backups/x/file',
  },
  'POST /api/backups/:name/restore': {
    right: { ...RIGHTS.keeper, owner: 'not there', keeper: 'not there' },
    path: '/api/backups/x/restore',
  },
  'POST /api/time': { right: 'own', path: '/api/time', ...text(JSON.stringify(broken)) },
  'POST /api/review': { right: 'own', path: '/api/review', ...text('{') },
  'POST /api/fit': { right: 'own', path: '/api/fit', ...text('{') },
  'POST /api/suggest': {
    right: 'namesGroup',
    path: '/api/suggest',
    body: { slotSec: 60, targets: [{ area: 'neck' }], count: 1, groupId: 'g1' },
  },
  'POST /api/plan-day': { right: 'own', path: '/api/plan-day', body: {} },
  'POST /api/plan-week': { right: 'own', path: '/api/plan-week', body: {} },
  'POST /api/simulate': { right: 'own', path: '/api/simulate', body: {} },
};

/** Bad input, a wrong password or a thing that is in the way tell that somebody was let in. */
const LET_IN = new Set(['POST /api/first', 'PUT /api/password']);

/** What whoever has the address is given. */
const BY_ADDRESS = new Set(['GET /calendars/:file', 'GET /api/desk/:token']);

describe('every address', () => {
  const all = everyAddress();

  it('is walked below', () => {
    expect(Object.keys(CALLS).sort()).toEqual([...all].sort());
  });

  it.each(all)('%s lets in who may, and nobody else', async (name) => {
    const made = CALLS[name];
    const call = async (): Promise<Call> =>
      typeof made === 'function' ? made() : (made ?? expect.fail(`${name} is not walked`));
    const kept = await everything();
    // Those who may not come first, so that nothing they ask for has gone meanwhile.
    for (const role of [...WHO].reverse()) {
      const { right, path, body, headers } = await call();
      const expected = (typeof right === 'string' ? RIGHTS[right] : right)[role];
      const answer = await visitors[role].send(name.split(' ')[0] ?? '', path, body, headers);
      const said = JSON.stringify(answer.body);
      const got = outcomeOf(answer.status);
      const lenient =
        LET_IN.has(name) || (right !== 'namesGroup' && expected === 'in' && answer.status === 422);
      if (expected === 'in' && lenient) expect([role, answer.status >= 400]).toEqual([role, true]);
      else expect([role, got, got === expected ? '' : said.slice(0, 200)]).toEqual([role, expected, '']);
      if (expected !== 'in') expect(await everything(), `${role} changed something`).toBe(kept);
      if (['stranger', 'keeper', 'nobody'].includes(role) && !BY_ADDRESS.has(name)) {
        expect([role, said.includes(SECRET)]).toEqual([role, false]);
        expect([role, !path.includes(token) && said.includes(token)]).toEqual([role, false]);
      }
      if (expected !== 'in' || name.startsWith('GET')) continue;
      // A screen that is followed is held in no table.
      if (!name.includes('/live') && (await everything()) === kept) continue;
      await putBack();
    }
  });
});
