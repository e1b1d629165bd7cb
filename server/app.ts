import { existsSync } from 'node:fs';
import { join } from 'node:path';
import express, { type Express } from 'express';
import { createContext } from './context';
import type { Database } from './db/open';
import { answerErrors, Refusal } from './errors';
import { approachRoutes } from './routes/approach';
import { breakRoutes } from './routes/breaks';
import { calendarBodies, calendarRoutes } from './routes/calendars';
import { computeRoutes, planRoutes, suggestRoutes } from './routes/compute';
import { feedRoutes } from './routes/feeds';
import { groupRoutes } from './routes/groups';
import { BODY_LIMIT } from './routes/limits';
import { messageRoutes } from './routes/messages';
import { moveRoutes } from './routes/moves';
import { peopleRoutes } from './routes/people';
import { route } from './routes/route';
import { sessionRoutes } from './routes/sessions';
import { takeAwayRoutes } from './routes/take-away';
import { weekRoutes } from './routes/weeks';

export interface AppOptions {
  db: Database;
  now?: () => Date;
  /** The built interface; without it only the addresses under /api answer. */
  webDir?: string;
}

/** The whole application: the addresses under /api and the built interface. */
export const createApp = ({ db, now = () => new Date(), webDir }: AppOptions): Express => {
  const app = express();
  app.disable('x-powered-by');
  const ctx = createContext(db, now);
  computeRoutes(app, ctx);
  calendarBodies(app);
  app.use('/api', express.json({ limit: BODY_LIMIT }));
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
  planRoutes(app);
  suggestRoutes(app, ctx);
  app.use('/api', (req) => {
    throw new Refusal(
      404,
      'noSuchAddress',
      `There is nothing at ${req.method} ${req.originalUrl.split('?')[0]}.`,
    );
  });
  if (webDir && existsSync(webDir)) {
    app.use(express.static(webDir, { index: false, maxAge: '1h' }));
    // Every other address is a screen of the interface; files that are not there are not.
    app.get(/^\/lead\/[^/.]+$/, (_, res) => res.sendFile(join(webDir, 'lead.html'), { maxAge: 0 }));
    app.get(/^\/[^.]*$/, (_, res) => res.sendFile(join(webDir, 'index.html'), { maxAge: 0 }));
  }
  app.use((req) => {
    throw new Refusal(404, 'noSuchAddress', `There is nothing at ${req.method} ${req.path}.`);
  });
  app.use(answerErrors);
  return app;
};
