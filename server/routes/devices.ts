import { Device } from '@kotabi/core/model';
import type { Express, Request } from 'express';
import type { Context } from '../context';
import type { CountHit } from '../desk/hits';
import { deskAt } from '../desk/pages';
import { invalid, parse, Refusal } from '../errors';
import { dropDevice, keepDevice } from '../push/devices';
import { keysOf } from '../push/keys';
import { mayReach } from '../push/send';
import { route } from './route';

/** The devices on which whoever has a page wants to be reminded. */
export const deviceRoutes = (app: Express, ctx: Context, count: CountHit): void => {
  const pageAt = async (req: Request): Promise<{ token: string; groupId: string; personId: string }> => {
    await count(req);
    const { page } = await deskAt(ctx, String(req.params.token));
    const { token, groupId, personId } = page;
    if (personId === null)
      throw new Refusal(403, 'notForYou', 'The page of a whole group reminds nobody: it is not known whom.');
    return { token, groupId, personId };
  };
  route(app, '/api/desk/:token/devices', 'anyone', {
    /** By which key browsers tell this server from others. */
    get: async (req, res) => {
      await pageAt(req);
      res.json({ publicKey: (await keysOf(ctx)).publicKey });
    },
    post: async (req, res) => {
      const page = await pageAt(req);
      const device = parse(Device, req.body);
      if (!mayReach(ctx, device.endpoint))
        throw invalid([
          {
            path: 'endpoint',
            message: 'must be an https address outside this machine and this network',
            value: device.endpoint,
          },
        ]);
      await keepDevice(ctx, page, device);
      res.status(201).json({ reminded: true });
    },
    delete: async (req, res) => {
      const page = await pageAt(req);
      await dropDevice(ctx, page.token, parse(Device.pick({ endpoint: true }), req.body).endpoint);
      res.status(204).end();
    },
  });
};
