import { createECDH, createPublicKey, randomBytes, verify } from 'node:crypto';
import { buffer } from 'node:stream/consumers';
import { Device, PushNotice } from '@kotabi/core/model';
import type { Express } from 'express';
import { decrypt } from 'http_ece';
import { nanoid } from 'nanoid';

/** What was shown on a device of the stand-in. */
export interface ShownNotice extends PushNotice {
  device: string;
  at: string;
  ttlSec: number;
}

/** A push service with devices of its own: it opens what is sealed for them, and shows what they would show. */
export interface PushStandIn {
  /** A new device that only takes what is signed with this key; the address is that of the service. */
  subscribe: (address: string, publicKey: string, name: string) => Device;
  /** What was shown, the first first. */
  shown: readonly ShownNotice[];
  /** The device does not want any more. */
  drop: (device: Device) => void;
  /** Takes notices, and shows them on a page of the stand-ins. */
  showOn: (app: Express) => void;
}

interface Known {
  name: string;
  publicKey: string;
  keys: ReturnType<typeof createECDH>;
  auth: Buffer;
}

const fromBase64 = (text: string): Buffer => Buffer.from(text, 'base64url');

/** Why a request is not signed as from whom the device knows (RFC 8292); null where it is. */
const whyNotSigned = (authorization: string, publicKey: string, origin: string): string | null => {
  const { t, k } = /^vapid t=(?<t>[\w.-]+), ?k=(?<k>[\w-]+)$/.exec(authorization)?.groups ?? {};
  if (!t || !k) return 'no signature';
  if (k !== publicKey) return 'signed by somebody else';
  const [head = '', claims = '', signature = ''] = t.split('.');
  const point = fromBase64(k);
  const part = (from: number): string => point.subarray(from, from + 32).toString('base64url');
  const key = createPublicKey({ key: { kty: 'EC', crv: 'P-256', x: part(1), y: part(33) }, format: 'jwk' });
  const signed = verify(
    'sha256',
    Buffer.from(`${head}.${claims}`),
    { key, dsaEncoding: 'ieee-p1363' },
    fromBase64(signature),
  );
  if (!signed) return 'the signature is wrong';
  const { aud, exp } = JSON.parse(fromBase64(claims).toString()) as { aud?: string; exp?: number };
  if (aud !== origin) return `signed for ${aud}`;
  const now = Date.now() / 1000;
  return exp !== undefined && exp > now && exp <= now + 86_400 ? null : 'the signature has run out';
};

const escaped = (text: string): string => text.replace(/[&<>"']/g, (c) => `&#${c.charCodeAt(0)};`);

export const createPushStandIn = (): PushStandIn => {
  const known = new Map<string, Known>();
  const shown: ShownNotice[] = [];
  const showOn = (app: Express): void => {
    app.post('/push/:id', async (req, res) => {
      const device = known.get(String(req.params.id));
      if (!device) {
        res.status(410).end();
        return;
      }
      const origin = `${req.protocol}://${req.get('host')}`;
      const problem = whyNotSigned(req.get('authorization') ?? '', device.publicKey, origin);
      if (problem) {
        res.status(403).type('text/plain').send(problem);
        return;
      }
      const opened = decrypt(await buffer(req), {
        version: 'aes128gcm',
        privateKey: device.keys,
        authSecret: device.auth.toString('base64url'),
      });
      shown.push({
        ...PushNotice.parse(JSON.parse(opened.toString('utf8'))),
        device: device.name,
        at: new Date().toISOString(),
        ttlSec: Number(req.get('ttl')),
      });
      res.status(201).end();
    });
    app.get('/push', (_req, res) => {
      const rows = [...shown]
        .reverse()
        .map((n) => `<li><b>${escaped(n.title)}</b> on ${escaped(n.device)}, ${escaped(n.at)}</li>`);
      res
        .type('html')
        .send(
          `<!doctype html><html lang="en"><title>Stand-in push service</title><h1>Stand-in push service</h1><p>${known.size} device${known.size === 1 ? '' : 's'}, ${shown.length} notice${shown.length === 1 ? '' : 's'} shown. Nothing is sent on.</p><ul>${rows.join('')}</ul></html>`,
        );
    });
  };
  return {
    subscribe: (address, publicKey, name) => {
      const keys = createECDH('prime256v1');
      keys.generateKeys();
      const auth = randomBytes(16);
      const id = nanoid();
      known.set(id, { name, publicKey, keys, auth });
      return Device.parse({
        endpoint: `${address}/push/${id}`,
        keys: { p256dh: keys.getPublicKey().toString('base64url'), auth: auth.toString('base64url') },
      });
    },
    shown,
    drop: ({ endpoint }) => void known.delete(endpoint.split('/').at(-1) ?? ''),
    showOn,
  };
};
