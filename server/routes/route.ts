import type { Express, RequestHandler } from 'express';
import { Refusal } from '../errors';

type Method = 'get' | 'put' | 'post' | 'delete';

/** One address with its methods; any other method is refused, with those that are allowed. */
export const route = (app: Express, path: string, methods: Partial<Record<Method, RequestHandler>>): void => {
  for (const [method, handler] of Object.entries(methods)) app[method as Method](path, handler);
  const allowed = Object.keys(methods).map((m) => m.toUpperCase());
  app.all(path, (req, res) => {
    res.set('Allow', allowed.join(', '));
    throw new Refusal(405, 'notAllowed', `${req.method} is not possible here; ${allowed.join(' or ')} is.`);
  });
};
