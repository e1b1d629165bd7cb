import { randomUUID } from 'node:crypto';
import type { IncomingMessage } from 'node:http';
import { type DestinationStream, type Level, type Logger, pino } from 'pino';
import { type HttpLogger, pinoHttp } from 'pino-http';

export type { Logger } from 'pino';

/** A logger that writes one JSON line at a time to the error output; the address of the program stays readable. */
export const createLogger = (level: Level | 'silent', to: DestinationStream = pino.destination(2)): Logger =>
  pino({ level, base: null, timestamp: pino.stdTimeFunctions.isoTime }, to);

/** The address as it is written in the program: it names nobody, and holds no token. */
const routeOf = (req: IncomingMessage): string => {
  const { route, baseUrl = '' } = req as IncomingMessage & { route?: { path: unknown }; baseUrl?: string };
  return typeof route?.path === 'string' ? baseUrl + route.path : 'page';
};

/**
 * One line for each request: its id, method, route, status and duration. Bodies, queries and addresses as they were
 * asked for are never written: they can hold names, notes, limits and tokens.
 */
export const logRequests = (logger: Logger): HttpLogger =>
  pinoHttp({
    logger,
    genReqId: () => randomUUID().slice(0, 8),
    customLogLevel: (_req, res) => (res.statusCode >= 500 ? 'error' : 'info'),
    customSuccessMessage: () => 'request',
    customErrorMessage: () => 'request',
    customSuccessObject: (req, res, object: { responseTime: number }) => ({
      method: req.method,
      route: routeOf(req),
      status: res.statusCode,
      ms: Math.round(object.responseTime),
    }),
    customErrorObject: (req, res, _error, object: { responseTime: number }) => ({
      method: req.method,
      route: routeOf(req),
      status: res.statusCode,
      ms: Math.round(object.responseTime),
    }),
    serializers: { req: () => undefined, res: () => undefined, err: () => undefined },
    quietReqLogger: true,
    customAttributeKeys: { reqId: 'id' },
  });
