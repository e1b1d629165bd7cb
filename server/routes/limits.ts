import type { IncomingMessage, ServerResponse } from 'node:http';
import { isTooDeep, MOST_DEPTH } from '@kotabi/core/formats';
import { Refusal } from '../errors';

/** Largest body that is read, in bytes; a break of 120 steps with its moves is well under 200 kB. */
export const BODY_LIMIT = 1_048_576;

/** Largest archive that is read, in bytes: some 500 groups with a year of records each. */
export const ARCHIVE_LIMIT = 33_554_432;

/** Refuses a body that is nested deeper than anything of ours, before anything descends into it. */
export const notTooDeep = (_req: IncomingMessage, _res: ServerResponse, body: Buffer): void => {
  if (isTooDeep(body.toString('utf8')))
    throw new Refusal(
      413,
      'tooDeep',
      `The body is nested deeper than ${MOST_DEPTH} levels. Nothing was changed.`,
      [{ path: '', message: `must be nested at most ${MOST_DEPTH} levels deep`, bound: MOST_DEPTH }],
    );
};
