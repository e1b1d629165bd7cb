import compression from 'compression';
import express, { type Express } from 'express';
import { createContext } from './context';
import type { BackupFolder } from './db/backup';
import type { Database } from './db/open';
import { doorFor, permissions, policy } from './door';
import { answerErrors, Refusal } from './errors';
import { type Logger, logRequests } from './log';
import type { Pool } from './pool/pool';
import { approachRoutes } from './routes/approach';
import { backupRoutes } from './routes/backups';
import { breakRoutes } from './routes/breaks';
import { calendarBodies, calendarRoutes } from './routes/calendars';
import { computeRoutes, planRoutes, suggestRoutes } from './routes/compute';
import { feedRoutes } from './routes/feeds';
import { groupRoutes } from './routes/groups';
import { BODY_LIMIT, notTooDeep } from './routes/limits';
import { messageRoutes } from './routes/messages';
import { moveRoutes } from './routes/moves';
import { peopleRoutes } from './routes/people';
import { route } from './routes/route';
import { sessionRoutes } from './routes/sessions';
import { takeAwayRoutes } from './routes/take-away';
import { unreadableRoutes } from './routes/unreadable';
import { weekRoutes } from './routes/weeks';
import { assetRoutes, staticRoutes } from './static';

export interface AppOptions {
  db: Database;
  pool: Pool;
  log: Logger;
  now?: () => Date;
  /** Names by which this server may be called besides those of this machine. */
  hosts?: readonly string[];
  /** The folder of backups, and what the database is called on the screen; without it there are none. */
  backups?: { folder: BackupFolder; database: string };
  /** The built interface; without it only the addresses under /api answer. */
  webDir?: string;
}

/** The whole application: the addresses under /api and the built interface. */
export const createApp = ({
  db,
  pool,
  log,
  now = () => new Date(),
  backups,
  hosts = [],
  webDir,
}: AppOptions): Express => {
  const app = express();
  app.disable('x-powered-by');
  const ctx = createContext(db, now, pool, log);
  app.use(logRequests(log), policy, permissions, doorFor(hosts));
  if (webDir) assetRoutes(app, webDir);
  app.use(compression());
  computeRoutes(app, ctx);
  calendarBodies(app);
  app.use('/api', express.json({ limit: BODY_LIMIT, verify: notTooDeep }));
  route(app, '/api/health', { get: (_, res) => void res.json({ ok: true }) });
  groupRoutes(app, ctx);
  peopleRoutes(app, ctx);
  moveRoutes(app, ctx);
  approachRoutes(app, ctx);
  breakRoutes(app, ctx);
  weekRoutes(app, ctx);
  calendarRoutes(app, ctx);
  feedRoutes(app, ctx);
  messageRoutes(app, ctx);
  sessionRoutes(app, ctx);
  takeAwayRoutes(app, ctx);
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
