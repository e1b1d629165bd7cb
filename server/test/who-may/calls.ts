import { lineId } from '../../routes/voice';
import { group } from '../harness';
import { PASSWORD } from '../people-who-sign-in';
import {
  brk,
  busyText,
  calendar,
  followed,
  measure,
  move,
  office,
  person,
  remote,
  session,
  week,
} from './office';
import { type Call, RIGHTS } from './roles';

/** A change of a thing as it is now, so that nothing but the right to it decides. */
const changed = (path: string, value: { id: string }, right: Call['right']) => async (): Promise<Call> => {
  const { body } = await office.visitors.owner.send('GET', `${path}/${value.id}`);
  const { version } = body as unknown as { version: number };
  return { right, path: `${path}/${value.id}`, body: { baseVersion: version, value } };
};
const text = (body: string): Pick<Call, 'body' | 'headers'> => ({
  body,
  headers: { 'Content-Type': 'text/plain' },
});
const broken = { groupId: null };

/** How each address is called in this test, and who is let in. */
export const CALLS: Record<string, Call | (() => Call | Promise<Call>)> = {
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
    path: `/api/accounts/${office.accounts.looker.id}`,
    body: { roles: 1 },
  }),
  'GET /api/deeds': { right: 'signedIn', path: '/api/deeds' },
  'GET /api/shared': { right: 'own', path: '/api/shared' },
  'GET /api/shares/:kind/:id': { right: 'look', path: '/api/shares/groups/g1' },
  'PUT /api/shares/:kind/:id/:accountId': () => ({
    right: 'owner',
    path: `/api/shares/breaks/b1/${office.accounts.looker.id}`,
    body: { may: 'look' },
  }),
  'DELETE /api/shares/:kind/:id/:accountId': () => ({
    right: 'owner',
    path: `/api/shares/groups/g1/${office.accounts.looker.id}`,
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
    path: `/api/feeds/${office.token}`,
  }),
  'GET /api/led-feeds': { right: 'own', path: '/api/led-feeds' },
  'POST /api/led-feeds': { right: 'own', path: '/api/led-feeds', body: {} },
  'DELETE /api/led-feeds/:token': () => ({
    right: RIGHTS.private,
    path: `/api/led-feeds/${office.ledToken}`,
  }),
  'GET /calendars/:file': () => ({ right: 'anyone', path: `/calendars/${office.token}.ics` }),
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
    path: `/api/pages/${office.pageToken}`,
  }),
  'GET /api/desk/:token': () => ({ right: 'anyone', path: `/api/desk/${office.pageToken}` }),
  'GET /api/desk/:token/no-mail': () => ({ right: 'anyone', path: `/api/desk/${office.pageToken}/no-mail` }),
  'POST /api/desk/:token/no-mail': () => ({ right: 'anyone', path: `/api/desk/${office.pageToken}/no-mail` }),
  'POST /api/desk/:token/answers': () => ({
    right: 'anyone',
    path: `/api/desk/${office.pageToken}/answers`,
    body: { plannedId: null, breakId: null, answer: 'did it' },
  }),
  'GET /api/desk/:token/devices': () => ({ right: 'anyone', path: `/api/desk/${office.pageToken}/devices` }),
  'POST /api/desk/:token/devices': () => ({
    right: 'anyone',
    path: `/api/desk/${office.pageToken}/devices`,
    body: {
      endpoint: 'https://push.example/x',
      keys: { p256dh: 'B'.repeat(87), auth: 'a'.repeat(22) },
    },
  }),
  'DELETE /api/desk/:token/devices': () => ({
    right: 'anyone',
    path: `/api/desk/${office.pageToken}/devices`,
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
  'GET /api/live/:id': () => ({ right: 'private', path: `/api/live/${office.room.id}` }),
  'PUT /api/live/:id': () => ({ right: 'private', path: `/api/live/${office.room.id}`, body: {} }),
  'DELETE /api/live/:id': () => ({ right: 'private', path: `/api/live/${office.room.id}` }),
  'POST /api/live/:id/remote': () => ({ right: 'private', path: `/api/live/${office.room.id}/remote` }),
  'DELETE /api/live/:id/remote': () => ({ right: 'private', path: `/api/live/${office.room.id}/remote` }),
  // What is behind such an address names nobody: whoever has it follows.
  'GET /api/live-view/:token': () => ({ right: 'anyone', path: `/api/live-view/${office.room.token}` }),
  'POST /api/live-remote': async () => {
    const { body } = await office.visitors.owner.send('POST', `/api/live/${office.room.id}/remote`);
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
    body: { slotSec: 45, targets: [{ area: 'foot' }], onCall: true, count: 1, groupId: 'g1' },
  },
  'POST /api/plan-day': { right: 'own', path: '/api/plan-day', body: {} },
  'POST /api/plan-week': { right: 'own', path: '/api/plan-week', body: {} },
  'POST /api/simulate': { right: 'own', path: '/api/simulate', body: {} },
};
