import type { Account, Me, NewAccount } from '@kotabi/core/model';
import { createApp } from '../app';
import { createLogger } from '../log';
import { createPool } from '../pool/pool';
import { registered } from '../routes/route';
import { newKey } from '../seal/key';
import { Seal } from '../seal/seal';
import { builtTasks, type startServer } from './harness';

export type Server = Awaited<ReturnType<typeof startServer>>;
export const PASSWORD = 'a ferry at half past nine';

/** Somebody with a cookie of their own. */
export interface Visitor {
  cookie: string;
  send: Server['fails'];
}

/** The cookie that an answer gives. */
export const cookieOf = (headers: Headers): string => (headers.getSetCookie()[0] ?? '').split(';')[0] ?? '';

/** Makes an account, on behalf of somebody who may or while nobody has to sign in. */
export const makeAccount = async (
  send: Server['fails'],
  name: string,
  roles: NewAccount['roles'] = ['instructor'],
): Promise<Account> => {
  const made = await send('POST', '/api/accounts', { name, password: PASSWORD, roles });
  if (made.status !== 201) throw new Error(made.body.message);
  return made.body as unknown as Account;
};

/** Signs in, and gives what asks on behalf of whoever that is. */
export const signedIn = async (server: Server, name: string, password = PASSWORD): Promise<Visitor> => {
  const { status, headers } = await server.send<Me>('POST', '/api/sign-in', { name, password });
  if (status !== 200) throw new Error(`${name} could not sign in: ${status}`);
  const cookie = cookieOf(headers);
  return {
    cookie,
    send: (method, path, body, more = {}) => server.fails(method, path, body, { ...more, cookie }),
  };
};

/** Every address of the server with its method, as they are set up. */
export const everyAddress = (): string[] => {
  const app = createApp({
    db: {} as never,
    pool: createPool({ file: builtTasks }),
    log: createLogger('silent'),
    seal: new Seal(newKey()),
    backups: { folder: {} as never, database: '' },
  });
  return registered(app).map(({ method, path }) => `${method} ${path}`);
};
