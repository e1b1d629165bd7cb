import { createECDH } from 'node:crypto';
import type { Server } from 'node:http';
import express from 'express';
import { decrypt } from 'http_ece';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { listen } from '../listen';
import { createMailer, type Mailer } from '../mail/mailer';
import { MOST_DEVICES } from '../push/devices';
import { tick } from '../reminders/scheduler';
import { type MailStandIn, startMailStandIn } from '../stand-ins/mail';
import { createPushStandIn, type PushStandIn } from '../stand-ins/push';
import { edgeBreak, group, startServer, tuesdayWeek } from './harness';

type App = Awaited<ReturnType<typeof startServer>>;
let app: App;
let push: PushStandIn;
let service: Server;
let address: string;
let mail: MailStandIn;
let mailer: Mailer;
let token: string;
let now = new Date('2026-11-24T08:00:00.000Z');

beforeAll(async () => {
  push = createPushStandIn();
  const stand = express();
  push.showOn(stand);
  const { server, port } = await listen(stand, 0, '127.0.0.1');
  service = server;
  address = `http://127.0.0.1:${port}`;
  mail = await startMailStandIn('127.0.0.1');
  mailer = createMailer(mail.address, 'breaks@office.example');
  app = await startServer(now, {}, undefined, undefined, { pushService: address });
  await app.put('/api/groups/g1', { ...group, reminders: { leadMin: 5 } });
  const tome = { id: 'p1', groupId: 'g1', name: 'Tomé', consent: true, mail: 'tome@office.example' };
  await app.put('/api/people/p1', tome);
  await app.put('/api/breaks/b1', { ...edgeBreak, name: 'Neck “first”', groupId: 'g1' });
  await app.put('/api/weeks/w1', tuesdayWeek([540, 600, 660, 1350]));
  await app.give('w1');
  token = await pageFor({ personId: 'p1' });
});
afterAll(async () => {
  mailer.close();
  await mail.stop();
  service.close();
  await app.stop();
});
const pageFor = async (whom: object): Promise<string> =>
  (await app.send<{ token: string }>('POST', '/api/groups/g1/pages', whom)).body.token;
const lookAt = (clock: string) => {
  now = new Date(`2026-11-24T${clock}:30.000Z`);
  return tick({
    ...app.context(() => now),
    pushService: address,
    mailer,
    outside: () => 'https://breaks.example',
  });
};
const kept = async (): Promise<unknown[]> =>
  (await app.guard.batch(['SELECT * FROM devices']))[0]?.rows ?? [];
const devices = () => `/api/desk/${token}/devices`;
const publicKey = async (): Promise<string> =>
  (await app.get<{ publicKey: string }>(devices())).body.publicKey;

describe('a reminder on a device', () => {
  it('is opened by the device alone, says what and when, leads to the break, and no mail is sent beside it', async () => {
    const device = push.subscribe(address, await publicKey(), 'a phone');
    expect((await app.send('POST', devices(), device)).status).toBe(201);
    // Where the push service finds it, and what is sealed for it, is not kept in the open.
    const inTheOpen = JSON.stringify(await kept());
    expect(inTheOpen).toContain('p1');
    expect(inTheOpen).not.toContain(device.endpoint);
    expect(inTheOpen).not.toContain(device.keys.auth);
    await lookAt('08:55');
    expect(push.shown).toEqual([
      {
        title: '09:00: Neck “first”',
        path: `/me/${token}#d.0`,
        tag: 'd.0',
        device: 'a phone',
        at: expect.any(String),
        ttlSec: 900,
      },
    ]);
    expect(mail.received.length).toBe(0);
    // Nothing twice, however often it is looked.
    await lookAt('08:56');
    expect(push.shown.length).toBe(1);
  });

  it('goes by mail where no device takes it, and a device that does not want any more is forgotten', async () => {
    const other = push.subscribe(address, await publicKey(), 'a machine');
    await app.send('POST', devices(), other);
    push.drop(other);
    await lookAt('09:55');
    // The phone still took it, so there is no mail; the machine is gone.
    expect(push.shown.map((n) => n.device)).toEqual(['a phone', 'a phone']);
    expect(mail.received.length).toBe(0);
    expect((await kept()).length).toBe(1);
    // Signed as from somebody else the stand-in refuses it, as a push service would.
    await app.guard.batch(['DELETE FROM devices']);
    const foreign = createECDH('prime256v1').generateKeys('base64url');
    await app.send('POST', devices(), push.subscribe(address, foreign, 'a foreign phone'));
    await lookAt('10:55');
    expect(push.shown.length).toBe(2);
    expect(mail.received.map((m) => m.subject)).toEqual(['11:00: Neck “first”']);
    expect(mail.received[0]?.text).toContain(`/me/${token}#d.2`);
  });

  it('is quiet at night, like the mail', async () => {
    await lookAt('22:25');
    expect([push.shown.length, mail.received.length]).toEqual([2, 1]);
  });

  it('is arranged for by whoever has the page of a person, outside this network only, on a few devices', async () => {
    const good = push.subscribe(address, await publicKey(), 'x');
    for (const endpoint of [
      'http://127.0.0.1:1/x',
      'https://10.0.0.7/x',
      'http://push.example/x',
      'ftp://push.example',
    ])
      expect([endpoint, (await app.send('POST', devices(), { ...good, endpoint })).status]).toEqual([
        endpoint,
        422,
      ]);
    const short = { ...good, keys: { ...good.keys, auth: 'x' } };
    expect((await app.send('POST', devices(), short)).status).toBe(422);
    expect((await app.send('POST', `/api/desk/${await pageFor({})}/devices`, good)).status).toBe(403);
    for (let n = 0; n < MOST_DEVICES + 3; n++)
      await app.send('POST', devices(), { ...good, endpoint: `${address}/push/n${n}` });
    const count = async (): Promise<number> => (await kept()).length;
    expect(await count()).toBe(MOST_DEVICES);
    const last = { endpoint: `${address}/push/n${MOST_DEVICES + 2}` };
    expect((await app.send('DELETE', devices(), last)).status).toBe(204);
    expect(await count()).toBe(MOST_DEVICES - 1);
    // A page that is withdrawn takes its devices with it.
    await app.send('DELETE', `/api/pages/${token}`);
    expect(await count()).toBe(0);
    expect((await app.send('POST', devices(), good)).status).toBe(410);
  });
});

describe('what is sealed for a device', () => {
  // The example of RFC 8291, appendix A (from memory of the standard's text, which the library opens or not).
  it('is opened by the library as in the standard', () => {
    const keys = createECDH('prime256v1');
    keys.setPrivateKey('q1dXpw3UpT5VOmu_cf_v6ih07Aems3njxI-JWgLcM94', 'base64url');
    const body =
      'DGv6ra1nlYgDCS1FRnbzlwAAEABBBP4z9KsN6nGRTbVYI_c7VJSPQTBtkgcy27mlmlMoZIIgDll6e3vCYLocInmYWAmS6TlzAC8wEqKK6PBru3jl7A_yl95bQpu6cVPTpK4Mqgkf1CXztLVBSt2Ks3oZwbuwXPXLWyouBWLVWGNWQexSgSxsj_Qulcy4a-fN';
    const opened = decrypt(Buffer.from(body, 'base64url'), {
      version: 'aes128gcm',
      privateKey: keys,
      authSecret: 'BTBZMqHH6r4Tts7J_aSIgg',
    });
    expect(opened.toString()).toBe('When I grow up, I want to be a watermelon');
  });
});
