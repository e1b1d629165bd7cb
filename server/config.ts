import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { z } from 'zod';

const Port = z.coerce.number().int().min(0).max(65_535);
const LEVELS = ['trace', 'debug', 'info', 'warn', 'error', 'silent'] as const;

/** What the environment may say, each with its usual value. */
const Environment = z.object({
  KOTABI_HOST: z.string().min(1).default('127.0.0.1'),
  /** Names by which the server may be called, with commas between them: those of a proxy in front of it. */
  KOTABI_HOSTS: z.string().default(''),
  /** The address by which others reach the server, as links in calendars and pages have it. */
  KOTABI_ADDRESS: z
    .url({ protocol: /^https?$/ })
    .transform((url) => url.replace(/\/+$/, ''))
    .optional(),
  /** The mail server by which reminders go out, and whom they come from. */
  KOTABI_SMTP: z.url({ protocol: /^smtps?$/ }).optional(),
  KOTABI_MAIL_FROM: z.email().default('breaks@localhost.localdomain'),
  KOTABI_PORT: Port.default(4180),
  KOTABI_STAND_IN_PORT: Port.default(4190),
  KOTABI_DB: z.string().min(1).default('.data/kotabi.db'),
  /** For a database server: what lets this program in, or the file in which that stands. */
  KOTABI_DB_TOKEN: z.string().min(1).optional(),
  KOTABI_DB_TOKEN_FILE: z.string().min(1).optional(),
  KOTABI_DEMO_DB: z.string().min(1).default('.data/demo.db'),
  KOTABI_BACKUPS: z.string().min(1).optional(),
  /** Where a continuous copy of the database goes: a folder on another disk, or an address; nowhere unless it is said. */
  KOTABI_COPY: z.string().min(1).optional(),
  /** The file of the key with which people's data is sealed: outside the folder of the data. */
  KOTABI_KEY_FILE: z.string().min(1).optional(),
  KOTABI_SIGN_IN: z.enum(['auto', 'on']).default('auto'),
  KOTABI_BEHIND_PROXY: z.enum(['no', 'yes']).default('no'),
  KOTABI_LOG: z.enum(LEVELS).optional(),
});

/** Everything about this run of the server that is decided from outside, read once. */
export interface Config {
  demo: boolean;
  fresh: boolean;
  host: string;
  /** Names by which it may be called, besides those of this machine. */
  hosts: string[];
  /** The address by which others reach it; undefined where nobody said. */
  address: string | undefined;
  /** The mail server, and the sender of mails; none where it is undefined. */
  smtp: { address: string; from: string } | undefined;
  port: number;
  standInPort: number;
  /**
   * The database file, or the address of a database server. The demo has a file of its own and never looks at the
   * user's: starting over deletes it.
   */
  file: string;
  /** The folder of backups. */
  backups: string;
  /** Where a continuous copy of the database goes; nowhere where it is undefined. */
  copy: string | undefined;
  /** The file of the key with which people's data is sealed. */
  keyFile: string;
  /** Everybody signs in, also before there is an account; else from the first account on. */
  signIn: boolean;
  /** A proxy of this machine stands in front. */
  behindProxy: boolean;
  /** What lets this program into a database server. */
  token: string | undefined;
  /** The least serious thing that is logged. */
  log: (typeof LEVELS)[number];
}

/** What is wrong with the environment, in a sentence. */
export class BadConfig extends Error {}

const MUST: Record<string, string> = {
  KOTABI_ADDRESS: 'must be an address such as https://breaks.office.example',
  KOTABI_SMTP: 'must be an address such as smtp://mail.office.example:587',
  KOTABI_MAIL_FROM: 'must be a mail address',
  KOTABI_PORT: 'must be a whole number from 0 to 65535',
  KOTABI_STAND_IN_PORT: 'must be a whole number from 0 to 65535',
  KOTABI_SIGN_IN: 'must be auto or on',
  KOTABI_BEHIND_PROXY: 'must be no or yes',
  KOTABI_LOG: `must be one of ${LEVELS.join(', ')}`,
};

const fileOf = (root: string, name: string): string =>
  /^(libsql|https?|wss?):/.test(name) ? name : resolve(root, name);

const tokenIn = (file: string | undefined): string | undefined => {
  if (file === undefined) return undefined;
  try {
    return readFileSync(file, 'utf8').trim();
  } catch (error) {
    throw new BadConfig(
      `KOTABI_DB_TOKEN_FILE names a file that cannot be read: ${(error as Error).message}.`,
    );
  }
};

/** Reads the environment and the words behind the command; throws `BadConfig` naming the value that is wrong. */
export const readConfig = (
  env: Readonly<Record<string, string | undefined>>,
  options: { demo: boolean; fresh: boolean },
  root: string,
): Config => {
  const parsed = Environment.safeParse(env);
  if (!parsed.success) {
    const name = String(parsed.error.issues[0]?.path[0]);
    throw new BadConfig(`${name} ${MUST[name] ?? 'must not be empty'}; it is "${env[name]}".`);
  }
  const e = parsed.data;
  return {
    ...options,
    host: e.KOTABI_HOST,
    hosts: e.KOTABI_HOSTS.split(',')
      .map((name) => name.trim())
      .filter(Boolean),
    address: e.KOTABI_ADDRESS,
    smtp: e.KOTABI_SMTP === undefined ? undefined : { address: e.KOTABI_SMTP, from: e.KOTABI_MAIL_FROM },
    port: e.KOTABI_PORT,
    standInPort: e.KOTABI_STAND_IN_PORT,
    file: fileOf(root, options.demo ? e.KOTABI_DEMO_DB : e.KOTABI_DB),
    backups: resolve(root, e.KOTABI_BACKUPS ?? (options.demo ? '.data/demo-backups' : '.data/backups')),
    copy:
      e.KOTABI_COPY === undefined || /^\w+:/.test(e.KOTABI_COPY)
        ? e.KOTABI_COPY
        : resolve(root, e.KOTABI_COPY),
    keyFile: resolve(root, e.KOTABI_KEY_FILE ?? (options.demo ? '.keys/demo.key' : '.keys/kotabi.key')),
    signIn: e.KOTABI_SIGN_IN === 'on',
    behindProxy: e.KOTABI_BEHIND_PROXY === 'yes',
    token: e.KOTABI_DB_TOKEN ?? tokenIn(e.KOTABI_DB_TOKEN_FILE),
    // Whoever tries the demo looks at its address; a server that runs is looked at afterwards.
    log: e.KOTABI_LOG ?? (options.demo ? 'warn' : 'info'),
  };
};
