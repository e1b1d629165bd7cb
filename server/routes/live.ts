import { Id, LiveBreak, LiveCommand, LiveState } from '@kotabi/core/model';
import { forOthers } from '@kotabi/core/own';
import type { Express, Request } from 'express';
import { z } from 'zod';
import { actor } from '../access/actor';
import type { Context } from '../context';
import { parse, Refusal } from '../errors';
import { Rooms } from '../live/rooms';
import { route } from './route';

/** The same address gives what it has once, or goes on telling, as the visitor asks. */
const goesOn = (req: Request): boolean => req.accepts(['json', 'text/event-stream']) === 'text/event-stream';
/** The group for which it is led: its pages say that they can join. */
const ForGroup = z.object({ group: Id.nullable().default(null) });
const Code = z.object({ code: z.string().min(1).max(20) });

/** Breaks that are led now and that others follow: screens of the group, and remotes. Nothing of it is kept. */
export const liveRoutes = (app: Express, ctx: Context): Rooms => {
  const now = (): number => ctx.now().getTime();
  const rooms = new Rooms(now);
  const me = (): string => actor()?.id ?? '';
  const mine = (req: Request) => rooms.mine(String(req.params.id), me());

  route(app, '/api/clock', 'anyone', { get: (_, res) => void res.json({ now: now() }) });

  route(app, '/api/live', 'instructor', {
    post: async (req, res) => {
      const what = parse(LiveBreak, req.body);
      const { group } = parse(ForGroup, req.query);
      await ctx.requireGroup(group);
      const { id, token } = rooms.open({ ...what, brk: forOthers(what.brk) }, me(), group);
      res.status(201).json({ id, token });
    },
  });
  route(app, '/api/live/:id', 'instructor', {
    get: async (req, res) => {
      const room = mine(req);
      if (goesOn(req)) await room.lead(req, res);
      else res.json({ ...room.told, presence: room.presence });
    },
    put: (req, res) => {
      const room = mine(req);
      room.tell(parse(LiveState, req.body));
      res.json(room.presence);
    },
    delete: (req, res) => {
      rooms.close(mine(req));
      res.status(204).end();
    },
  });
  route(app, '/api/live/:id/remote', 'instructor', {
    /** A code by which one phone becomes a remote. */
    post: (req, res) => void res.status(201).json(rooms.newCode(mine(req))),
    /** Takes all remotes back. */
    delete: (req, res) => {
      mine(req).revoke();
      res.status(204).end();
    },
  });

  route(app, '/api/live-view/:token', 'anyone', {
    get: async (req, res) => {
      const room = rooms.followed(String(req.params.token));
      if (!goesOn(req)) {
        res.json({ ...room.told, what: room.what });
        return;
      }
      if (room.isFull)
        throw new Refusal(503, 'busy', 'As many screens as can follow this break already do.', [], 30);
      await room.follow(req, res);
    },
  });
  route(app, '/api/live-remote', 'anyone', {
    post: async (req, res) => {
      const { code } = parse(Code, req.body);
      res.status(201).json({ remote: await rooms.join(code, req.ip ?? '') });
    },
  });
  route(app, '/api/live-remote/:remote', 'anyone', {
    get: async (req, res) => {
      const room = rooms.steered(String(req.params.remote));
      if (goesOn(req)) await room.steer(req, res);
      else res.json({ ...room.told, what: room.what });
    },
    post: async (req, res) => {
      const remote = String(req.params.remote);
      const room = rooms.steered(remote);
      await rooms.countWish(remote);
      const command = parse(LiveCommand, req.body);
      if (!room.command(command))
        throw new Refusal(409, 'conflict', 'The screen that leads does not answer. It goes on by itself.');
      res.status(202).json({ ok: true });
    },
  });
  return rooms;
};
