import { DEEDS, type Deed, type Me } from '@kotabi/core/model';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { edgeBreak, group, startServer } from './harness';
import { everyAddress, makeAccount, PASSWORD, type Server, signedIn } from './people-who-sign-in';

let server: Server;
beforeEach(async () => {
  server = await startServer();
});
afterEach(() => server.stop());

const me = async (cookie = ''): Promise<Me> =>
  (await server.send<Me>('GET', '/api/me', undefined, { cookie })).body;

describe('the first account', () => {
  it('is not needed on one’s own machine, and takes over what was made before it', async () => {
    expect(await me()).toEqual({ state: 'open', account: null });
    await server.put('/api/groups/g1', group);
    await server.put('/api/breaks/b1', edgeBreak);
    const ana = await makeAccount(server.fails, 'Ana', ['instructor']);
    expect(ana.roles).toEqual(['instructor', 'keeper']);
    expect(await me()).toEqual({ state: 'signedOut', account: null });
    expect((await server.fails('GET', '/api/groups')).body.code).toBe('signIn');
    const visitor = await signedIn(server, 'ana');
    expect((await visitor.send('GET', '/api/groups/g1')).status).toBe(200);
    expect((await visitor.send('GET', '/api/breaks/b1')).status).toBe(200);
    const { id, name, roles } = ana;
    expect(await me(visitor.cookie)).toEqual({ state: 'signedIn', account: { id, name, roles } });
  });

  it('is made with the code on the terminal where others reach the server, and only once', async () => {
    const open = await startServer(undefined, undefined, undefined, undefined, {
      firstCode: 'ABCD-EFGH-JKMN',
    });
    try {
      expect((await open.send<Me>('GET', '/api/me')).body.state).toBe('first');
      expect(await open.fails('GET', '/api/groups')).toMatchObject({ status: 401, body: { code: 'first' } });
      const ask = (code: string) =>
        open.fails('POST', '/api/first', { code, name: 'Ana', password: PASSWORD });
      expect(await ask('ABCD-EFGH-JKMM')).toMatchObject({ status: 401, body: { code: 'wrongCode' } });
      expect((await ask(' abcd-efgh-jkmn ')).status).toBe(201);
      expect(await ask('ABCD-EFGH-JKMN')).toMatchObject({ status: 409 });
      expect((await open.send<Me>('GET', '/api/me')).body.state).toBe('signedOut');
    } finally {
      await open.stop();
    }
  });
});

describe('signing in', () => {
  it('tells a wrong name from a wrong password no more than a wrong password from a wrong name', async () => {
    await makeAccount(server.fails, 'Ana');
    const answers = [];
    for (const [name, password] of [
      ['Ana', 'not the password'],
      ['Nobody', PASSWORD],
      ['Nobody', 'x'],
    ])
      answers.push(await server.fails('POST', '/api/sign-in', { name, password }));
    for (const { status, body } of answers) {
      expect(status).toBe(401);
      expect(body).toEqual(answers[0]?.body);
    }
  });

  it('gives a cookie that scripts cannot read, other sites do not send, and that goes by https alone behind a proxy', async () => {
    await makeAccount(server.fails, 'Ana');
    const { headers } = await server.fails('POST', '/api/sign-in', { name: 'Ana', password: PASSWORD });
    const cookie = headers.getSetCookie()[0] ?? '';
    for (const flag of ['HttpOnly', 'SameSite=Lax', 'Path=/api']) expect(cookie).toContain(flag);
    const behind = await startServer(undefined, undefined, undefined, undefined, {
      behindProxy: true,
      hosts: ['breaks.office.example'],
    });
    try {
      await makeAccount(behind.fails, 'Ana');
      const proxied = { 'X-Forwarded-Proto': 'https', 'X-Forwarded-For': '192.0.2.7' };
      const secure = await behind.fails('POST', '/api/sign-in', { name: 'Ana', password: PASSWORD }, proxied);
      expect(secure.headers.getSetCookie()[0]).toContain('Secure');
    } finally {
      await behind.stop();
    }
  });

  it('is a new secret each time, of which the file holds only a hash', async () => {
    await makeAccount(server.fails, 'Ana');
    const first = await signedIn(server, 'Ana');
    const again = await server.fails(
      'POST',
      '/api/sign-in',
      { name: 'Ana', password: PASSWORD },
      {
        cookie: first.cookie,
      },
    );
    expect(again.headers.getSetCookie()[0]).not.toContain(first.cookie);
    expect((await first.send('GET', '/api/groups')).status).toBe(401);
    const kept = JSON.stringify((await server.guard.execute('SELECT * FROM sign_ins')).rows);
    const secret = decodeURIComponent(first.cookie).split('=s:')[1]?.split('.')[0] ?? '';
    expect(secret.length).toBeGreaterThan(20);
    expect(kept).not.toContain(secret);
    expect(JSON.stringify((await server.guard.execute('SELECT * FROM accounts')).rows)).not.toContain(
      PASSWORD,
    );
  });

  it('has to wait after too many wrong passwords, and says how long', async () => {
    await makeAccount(server.fails, 'Ana');
    const wrong = () => server.fails('POST', '/api/sign-in', { name: 'ANA', password: 'wrong' });
    for (let n = 0; n < 8; n++) expect((await wrong()).status).toBe(401);
    const { status, body, headers } = await wrong();
    expect([status, body.code]).toEqual([429, 'tooManyTries']);
    expect(Number(headers.get('retry-after'))).toBeGreaterThan(800);
    // Not with the right one either: else the limit would tell which one it is.
    const right = await server.fails('POST', '/api/sign-in', { name: 'Ana', password: PASSWORD });
    expect(right.status).toBe(429);
  });

  it('ends here, or everywhere', async () => {
    await makeAccount(server.fails, 'Ana');
    const [desk, laptop, phone] = [
      await signedIn(server, 'Ana'),
      await signedIn(server, 'Ana'),
      await signedIn(server, 'Ana'),
    ];
    const states = async () =>
      Promise.all([desk, laptop, phone].map(async ({ cookie }) => (await me(cookie)).state));
    expect((await desk.send('POST', '/api/sign-out', {})).status).toBe(204);
    expect(await states()).toEqual(['signedOut', 'signedIn', 'signedIn']);
    expect((await laptop.send('POST', '/api/sign-out', { everywhere: true })).status).toBe(204);
    expect(await states()).toEqual(['signedOut', 'signedOut', 'signedOut']);
  });

  it('ends elsewhere when the password is changed', async () => {
    await makeAccount(server.fails, 'Ana');
    const [here, there] = [await signedIn(server, 'Ana'), await signedIn(server, 'Ana')];
    const change = (old: string, password: string) => here.send('PUT', '/api/password', { old, password });
    expect(await change('wrong', 'another long one')).toMatchObject({ status: 401 });
    expect(await change(PASSWORD, 'short')).toMatchObject({
      status: 422,
      body: { fields: [{ path: 'password', bound: 10 }] },
    });
    expect((await change(PASSWORD, 'another long one')).status).toBe(204);
    expect((await there.send('GET', '/api/groups')).status).toBe(401);
    await expect(signedIn(server, 'Ana')).rejects.toThrow('401');
    await signedIn(server, 'Ana', 'another long one');
  });
});

describe('accounts', () => {
  it('are made and closed by a keeper; a closed one is out at once, and what it has stays', async () => {
    const { id: anaId } = await makeAccount(server.fails, 'Ana');
    const ana = await signedIn(server, 'Ana');
    const ben = await makeAccount(ana.send, 'Ben');
    const asBen = await signedIn(server, 'Ben');
    expect(
      (await asBen.send('PUT', '/api/groups/g2', { baseVersion: 0, value: { ...group, id: 'g2' } })).status,
    ).toBe(201);
    expect(
      await ana.send('POST', '/api/accounts', { name: ' BEN ', password: PASSWORD, roles: ['keeper'] }),
    ).toMatchObject({ status: 409, body: { fields: [{ path: 'name', value: 'BEN' }] } });
    expect((await ana.send('PUT', `/api/accounts/${ben.id}`, { closed: true })).status).toBe(200);
    expect((await asBen.send('GET', '/api/groups')).status).toBe(401);
    await expect(signedIn(server, 'Ben')).rejects.toThrow('401');
    await ana.send('PUT', `/api/accounts/${ben.id}`, { closed: false, password: 'given by the keeper' });
    const back = await signedIn(server, 'Ben', 'given by the keeper');
    expect((await back.send('GET', '/api/groups/g2')).status).toBe(200);
    // Somebody has to look after accounts.
    for (const change of [{ closed: true }, { roles: ['instructor'] }])
      expect(await ana.send('PUT', `/api/accounts/${anaId}`, change)).toMatchObject({
        status: 409,
        body: { code: 'lastKeeper' },
      });
  });

  it('keep their own approach, and breaks with the same name apart', async () => {
    await makeAccount(server.fails, 'Ana');
    const ana = await signedIn(server, 'Ana');
    await makeAccount(ana.send, 'Ben');
    const ben = await signedIn(server, 'Ben');
    const { body } = await ana.send('GET', '/api/approach/approach');
    const { approach } = (body as unknown as { value: { approach: object } }).value;
    const put = (who: typeof ana, changes: object) =>
      who.send('PUT', '/api/approach/approach', {
        baseVersion: 0,
        value: { id: 'approach', approach: { ...approach, ...changes } },
      });
    expect((await put(ana, { firstSide: 'left' })).status).toBe(201);
    expect((await put(ben, { firstSide: 'right' })).status).toBe(201);
    for (const [who, side] of [
      [ana, 'left'],
      [ben, 'right'],
    ] as const)
      expect((await who.send('GET', '/api/approach/approach')).body).toMatchObject({
        value: { approach: { firstSide: side } },
      });
  });
});

describe('what is written down', () => {
  it('is who did what and when, once for what is saved again and again, and no name of a person', async () => {
    await makeAccount(server.fails, 'Ana');
    const ana = await signedIn(server, 'Ana');
    await makeAccount(ana.send, 'Kim', ['keeper']);
    const kim = await signedIn(server, 'Kim');
    await ana.send('PUT', '/api/groups/g1', { baseVersion: 0, value: group });
    for (let version = 1; version < 4; version++)
      await ana.send('PUT', '/api/groups/g1', {
        baseVersion: version,
        value: { ...group, site: `Pier ${version}` },
      });
    await ana.send('PUT', '/api/people/p1', {
      baseVersion: 0,
      value: { id: 'p1', groupId: 'g1', name: 'Marta Lund' },
    });
    await ana.send('PUT', '/api/groups/nowhere', { baseVersion: 7, value: { ...group, id: 'nowhere' } });
    const list = async (who: typeof ana) => (await who.send('GET', '/api/deeds')).body as unknown as Deed[];
    const own = await list(ana);
    expect(own.map(({ who, did, name }) => [who, DEEDS[did], name])).toEqual([
      ['Ana', 'changed what is kept about a person', ''],
      ['Ana', 'changed a group', 'Timetable desk'],
      ['Kim', 'signed in', ''],
      ['Ana', 'made an account', 'Kim'],
      ['Ana', 'signed in', ''],
      // Nobody had signed in then.
      ['', 'made an account', 'Ana'],
    ]);
    const seen = await list(kim);
    expect(seen.map((d) => d.did)).toContain('PUT /api/groups/:id');
    expect(JSON.stringify(seen)).not.toContain('Timetable desk');
    expect(JSON.stringify(own)).not.toContain('Marta');
  });

  it('has words for everything that changes or gives out something', () => {
    const all = everyAddress();
    /** Worked out and given back: nothing is kept of it. */
    const nothingKept =
      /\/api\/(time|review|fit|suggest|plan-day|plan-week|simulate|calendars\/:id\/refresh)$|^PUT \/api\/live\/|\/live-remote/;
    for (const name of all.filter((one) => !one.startsWith('GET') && !nothingKept.test(one)))
      expect(DEEDS, name).toHaveProperty([name]);
    for (const name of all.filter((one) => /\/(file|track|table|calendar|archive)$/.test(one)))
      expect(DEEDS, name).toHaveProperty([name]);
    // And none for what there is not.
    for (const name of Object.keys(DEEDS)) expect(all, name).toContain(name);
  });
});
