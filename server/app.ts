import compression from 'compression';
import express, { type Express } from 'express';
import { Accounts } from './access/accounts';
import { Deeds } from './access/deeds';
import { identify } from './access/identify';
import { SignIns } from './access/sign-ins';
import { createContext, type Parts } from './context';
import type { BackupFolder } from './db/backup';
import { doorFor, permissions, policy } from './door';
import { answerErrors, Refusal } from './errors';
import { logRequests } from './log';
import { accountRoutes } from './routes/accounts';
import { approachRoutes } from './routes/approach';
import { archiveBodies, archiveRoutes } from './routes/archive';
import { backupRoutes } from './routes/backups';
import { breakRoutes } from './routes/breaks';
import { calendarBodies, calendarRoutes } from './routes/calendars';
import { computeRoutes, planRoutes, suggestRoutes } from './routes/compute';
import { deskRoutes } from './routes/desk';
import { feedRoutes } from './routes/feeds';
import { givenRoutes } from './routes/given';
import { groupRoutes } from './routes/groups';
import { holidayRoutes } from './routes/holidays';
import { BODY_LIMIT, notTooDeep } from './routes/limits';
import { liveRoutes } from './routes/live';
import { messageRoutes } from './routes/messages';
import { moveRoutes } from './routes/moves';
import { peopleRoutes } from './routes/people';
import { recordRoutes } from './routes/records';
import { route } from './routes/route';
import { sessionRoutes } from './routes/sessions';
import { shareRoutes } from './routes/shares';
import { takeAwayRoutes } from './routes/take-away';
import { unreadableRoutes } from './routes/unreadable';
import { voiceBodies, voiceRoutes } from './routes/voice';
import { weekRoutes } from './routes/weeks';
import { assetRoutes, staticRoutes } from './static';

export interface AppOptions extends Omit<Parts, 'now'> {
  now?: () => Date;
  /** Names by which this server may be called besides those of this machine. */
  hosts?: readonly string[];
  /** The address by which others reach it, without an end stroke; where nobody said, links have none. */
  outside?: (() => string | undefined) | undefined;
  /** The folder of backups, and what the database is called on the screen; without it there are none. */
  backups?: { folder: BackupFolder; database: string };
  /** The built interface; without it only the addresses under /api answer. */
  webDir?: string;
  /**
   * Where everybody has to sign in, also before there is any account: the code with which the first one is made. Null
   * where signing in begins with the first account.
   */
  firstCode?: string | null;
  /** True where a proxy on this machine stands in front, whose word for the address and https of a visitor is taken. */
  behindProxy?: boolean;
}

/** The whole application: the addresses under /api and the built interface. */
export const createApp = ({
  now = () => new Date(),
  backups,
  hosts = [],
  outside,
  webDir,
  firstCode = null,
  behindProxy = false,
  ...parts
}: AppOptions): Express => {
  const app = express();
  app.disable('x-powered-by');
  if (behindProxy) app.set('trust proxy', 'loopback');
  const { db, log, seal } = parts;
  const ctx = createContext({ ...parts, now, outside });
  const entrance = {
    accounts: new Accounts(db, now),
    signIns: new SignIns(db, now),
    secret: seal.secretFor('sign-in'),
    always: firstCode !== null,
  };
  const deeds = new Deeds(db, now, log);
  app.locals.witness = deeds.witness.bind(deeds);
  app.use(logRequests(log), policy, permissions, doorFor(hosts));
  if (webDir) assetRoutes(app, webDir);
  app.use(compression());
  identify(app, entrance);
  computeRoutes(app, ctx);
  calendarBodies(app);
  archiveBodies(app);
  voiceBodies(app);
  app.use('/api', express.json({ limit: BODY_LIMIT, verify: notTooDeep }));
  route(app, '/api/health', 'anyone', { get: (_, res) => void res.json({ ok: true }) });
  route(app, '/api/outside', 'instructor', {
    get: (_, res) => void res.json({ address: outside?.() ?? null }),
  });
  accountRoutes(app, entrance, deeds, firstCode);
  shareRoutes(app, ctx, entrance.accounts);
  groupRoutes(app, ctx);
  holidayRoutes(app, ctx);
  peopleRoutes(app, ctx);
  moveRoutes(app, ctx);
  approachRoutes(app, ctx);
  breakRoutes(app, ctx);
  weekRoutes(app, ctx);
  givenRoutes(app, ctx);
  calendarRoutes(app, ctx);
  feedRoutes(app, ctx);
  messageRoutes(app, ctx);
  sessionRoutes(app, ctx);
  recordRoutes(app, ctx);
  const rooms = liveRoutes(app, ctx);
  deskRoutes(app, ctx, rooms);
  voiceRoutes(app, ctx);
  takeAwayRoutes(app, ctx);
  archiveRoutes(app, ctx);
  unreadableRoutes(app, ctx);
  if (backups) backupRoutes(app, backups.folder, backups.database);
  planRoutes(app, ctx);
  suggestRoutes(app, ctx);
  app.use('/api', (req) => {
    throw new Refusal(
      404,
      'noSuchAddress',
      `There is nothing at ${req.method} ${req.originalUrl.split('?')[0]}.`,
    );
  });
  if (webDir) staticRoutes(app, webDir);
  app.use((req) => {
    throw new Refusal(404, 'noSuchAddress', `There is nothing at ${req.method} ${req.path}.`);
  });
  app.use(answerErrors);
  return app;
};
