import type { Me } from '@kotabi/core/model';
import type { Express, Request, RequestHandler, Response } from 'express';
import session from 'express-session';
import type { Accounts } from './accounts';
import { type Actor, house } from './actor';
import { IDLE_MS, type SignIns } from './sign-ins';

export interface Entrance {
  accounts: Accounts;
  signIns: SignIns;
  /** Signs the cookies. */
  secret: string;
  /** True where everybody has to sign in, also before there is any account. */
  always: boolean;
}

/** Who asks, as far as they have said so. */
export interface Identity {
  state: Me['state'];
  actor: Actor | null;
}

/** Who asks, as the entrance found out; throws where it was not asked: a slip in the program. */
export const identityOf = (res: Response): Identity => {
  const identity = res.locals.identity as Identity | undefined;
  if (!identity) throw new Error('nobody was asked who they are');
  return identity;
};

const cookies = ({ signIns, secret }: Entrance): RequestHandler =>
  session({
    name: 'kotabi',
    secret,
    store: signIns,
    resave: false,
    saveUninitialized: false,
    rolling: true,
    cookie: { httpOnly: true, sameSite: 'lax', secure: 'auto', maxAge: IDLE_MS, path: '/api' },
  });

/** Finds out who asks, for every address under /api. */
export const identify = (app: Express, entrance: Entrance): void => {
  const { accounts, always } = entrance;
  const find = async (req: Request): Promise<Identity> => {
    if (!(await accounts.any()))
      return always ? { state: 'first', actor: null } : { state: 'open', actor: house };
    const id = req.session?.accountId;
    const account = id === undefined ? undefined : await accounts.find(id);
    // Asked each time, so that a closed account is out at once.
    if (!account || account.closedAt !== null) return { state: 'signedOut', actor: null };
    return { state: 'signedIn', actor: account };
  };
  const read = cookies(entrance);
  app.use('/api', async (req, res, next) => {
    // Where nobody signs in, no cookie is looked at and none is given.
    if (!(await accounts.any())) return next();
    await new Promise<void>((done, fail) =>
      read(req, res, (error?: unknown) => (error ? fail(error) : done())),
    );
    next();
  });
  app.use('/api', async (req, res, next) => {
    res.locals.identity = await find(req);
    next();
  });
};

/** Signs somebody in: with a new secret, so that one known before is worth nothing. */
export const signIn = async (req: Request, accountId: string): Promise<void> => {
  await new Promise<void>((done, fail) => req.session.regenerate((e: unknown) => (e ? fail(e) : done())));
  req.session.accountId = accountId;
  await new Promise<void>((done, fail) => req.session.save((e: unknown) => (e ? fail(e) : done())));
};

/** Signs somebody out here. */
export const signOut = (req: Request): Promise<void> =>
  new Promise((done, fail) => req.session.destroy((e: unknown) => (e ? fail(e) : done())));
