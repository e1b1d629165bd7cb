import type { Role } from '@kotabi/core/model';
import type { Express, Request, RequestHandler, Response } from 'express';
import { asActor, nobody } from '../access/actor';
import { type Identity, identityOf } from '../access/identify';
import { Refusal } from '../errors';

type Method = 'get' | 'put' | 'post' | 'delete';

/** Who may call an address at all; what of it they may see or change is for each thing to say. */
export type Who = 'anyone' | 'signedIn' | Role;

/** An address of the server, as it was set up. */
export interface Registered {
  method: string;
  path: string;
  who: Who;
}

/** Called after something was done, to write it down. */
export type Witness = (did: string, req: Request, res: Response) => Promise<void>;

/** Every address of an application that goes through here. */
export const registered = (app: Express): Registered[] => {
  app.locals.registered ??= [];
  return app.locals.registered;
};

const refuseUnless = (who: Who, { state, actor }: Identity): void => {
  if (!actor)
    throw new Refusal(
      401,
      state === 'first' ? 'first' : 'signIn',
      state === 'first' ? 'The first account has to be made before anything else.' : 'Sign in first.',
    );
  if (who !== 'signedIn' && who !== 'anyone' && !actor.roles.includes(who))
    throw new Refusal(
      403,
      'notForYou',
      who === 'keeper'
        ? 'This is for those who look after accounts and backups.'
        : 'This is for instructors; your account looks after accounts and backups only.',
    );
};

/**
 * One address with its methods, and who may call it; any other method is refused, with those that are allowed. What a
 * method does, it does on behalf of whoever asks.
 */
export const route = (
  app: Express,
  path: string,
  who: Who,
  methods: Partial<Record<Method, (req: Request, res: Response) => unknown>>,
): void => {
  for (const [name, handler] of Object.entries(methods)) {
    const method = name.toUpperCase();
    registered(app).push({ method, path, who });
    const guarded: RequestHandler = async (req, res) => {
      if (who === 'anyone') {
        await asActor(nobody, async () => handler(req, res));
      } else {
        const identity = identityOf(res);
        refuseUnless(who, identity);
        await asActor(identity.actor ?? nobody, async () => handler(req, res));
      }
      if (res.statusCode < 400)
        await (app.locals.witness as Witness | undefined)?.(`${method} ${path}`, req, res);
    };
    app[name as Method](path, guarded);
  }
  const allowed = Object.keys(methods).map((m) => m.toUpperCase());
  app.all(path, (req, res) => {
    res.set('Allow', allowed.join(', '));
    throw new Refusal(405, 'notAllowed', `${req.method} is not possible here; ${allowed.join(' or ')} is.`);
  });
};
