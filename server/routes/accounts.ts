import { randomInt } from 'node:crypto';
import {
  type Account,
  AccountChange,
  FirstAccount,
  type Me,
  NewAccount,
  PasswordChange,
  SignIn,
  SignOut,
} from '@kotabi/core/model';
import type { Express, Request, Response } from 'express';
import type { Deeds } from '../access/deeds';
import { type Entrance, identityOf, signIn, signOut } from '../access/identify';
import { Tries } from '../access/tries';
import { notFound, parse, Refusal } from '../errors';
import { route } from './route';

const LETTERS = 'ABCDEFGHJKMNPQRSTUVWXYZ23456789';
/** A code that is read off the server's own terminal: three times four letters, none easily taken for another. */
export const newCode = (): string =>
  Array.from({ length: 3 }, () =>
    Array.from({ length: 4 }, () => LETTERS[randomInt(LETTERS.length)]).join(''),
  ).join('-');

const WRONG = new Refusal(401, 'wrongPassword', 'This name and this password do not belong together.');

const meOf = (res: Response): Me => {
  const { state, actor } = identityOf(res);
  const account =
    state === 'signedIn' && actor ? { id: actor.id, name: actor.name, roles: [...actor.roles] } : null;
  return { state, account };
};

/** Signing in and out, passwords, and accounts. */
export const accountRoutes = (app: Express, entrance: Entrance, deeds: Deeds, code: string | null): void => {
  const { accounts, signIns } = entrance;
  const tries = new Tries();
  const found = async (id: string): Promise<Account> => {
    const account = await accounts.find(id);
    if (!account) throw notFound('account', id);
    return account;
  };
  /** The account of whoever is signed in; refused where nobody signs in at all. */
  const own = (res: Response): NonNullable<Me['account']> => {
    const { account } = meOf(res);
    if (!account) throw new Refusal(409, 'noAccounts', 'Nobody signs in here yet: there are no accounts.');
    return account;
  };

  route(app, '/api/me', 'anyone', {
    get: (_, res) => void res.set('Cache-Control', 'no-store').json(meOf(res)),
  });
  route(app, '/api/first', 'anyone', {
    /** Makes the first account of a server that others can reach. */
    post: async (req, res) => {
      if (identityOf(res).state !== 'first')
        throw new Refusal(409, 'conflict', 'The first account has been made already.');
      const { code: said, name, password } = parse(FirstAccount, req.body);
      const right = await tries.count(
        'first',
        address(req),
        async () => said.trim().toUpperCase() === code || undefined,
      );
      if (!right)
        throw new Refusal(
          401,
          'wrongCode',
          'This is not the code on the server’s terminal. Nothing was changed.',
          [{ path: 'code', message: 'is not the one on the terminal', value: said }],
        );
      res.status(201).json(await accounts.add(name, password, ['instructor', 'keeper']));
    },
  });
  route(app, '/api/sign-in', 'anyone', {
    post: async (req, res) => {
      const { state } = identityOf(res);
      if (state === 'open' || state === 'first')
        throw new Refusal(409, 'noAccounts', 'Nobody signs in here yet: there are no accounts.');
      const { name, password } = parse(SignIn, req.body);
      const account = await tries.count(name, address(req), () => accounts.check(name, password));
      if (!account) throw WRONG;
      await signIn(req, account.id);
      res.locals.signedInAs = account;
      res.json({
        state: 'signedIn',
        account: { id: account.id, name: account.name, roles: account.roles },
      } satisfies Me);
    },
  });
  route(app, '/api/sign-out', 'signedIn', {
    post: async (req, res) => {
      const { everywhere } = parse(SignOut, req.body ?? {});
      const { id } = own(res);
      if (everywhere) await signIns.endAll(id);
      await signOut(req);
      res.clearCookie('kotabi', { path: '/api' }).status(204).end();
    },
  });
  route(app, '/api/password', 'signedIn', {
    /** Sets a new password; everybody who is signed in with this account elsewhere is out. */
    put: async (req, res) => {
      const { old, password } = parse(PasswordChange, req.body);
      const { id, name } = own(res);
      if (!(await tries.count(name, address(req), () => accounts.check(name, old))))
        throw new Refusal(401, 'wrongPassword', 'This is not your password. Nothing was changed.', [
          { path: 'old', message: 'is not your password' },
        ]);
      await accounts.change(id, { password });
      await signIn(req, id);
      res.status(204).end();
    },
  });

  route(app, '/api/accounts', 'keeper', {
    get: async (_, res) => void res.json(await accounts.list()),
    /** Makes an account; the first one belongs to whoever is here, and from then on everybody signs in. */
    post: async (req, res) => {
      const { name, password, roles } = parse(NewAccount, req.body);
      const account = await accounts.add(name, password, roles);
      res.locals.made = account.id;
      res.status(201).json(account);
    },
  });
  route(app, '/api/accounts/:id', 'keeper', {
    put: async (req, res) => {
      const { id } = await found(String(req.params.id));
      await accounts.change(id, parse(AccountChange, req.body));
      res.json(await found(id));
    },
  });
  route(app, '/api/deeds', 'signedIn', { get: async (_, res) => void res.json(await deeds.list()) });
};

const address = (req: Request): string => req.ip ?? '';
