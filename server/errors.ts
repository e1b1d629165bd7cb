import { type ApiError, type FieldProblem, fieldProblems } from '@kotabi/core/model';
import type { NextFunction, Request, Response } from 'express';
import type { z } from 'zod';
import { Unreadable } from './db/store';
import { DatabaseTrouble, type TroubleCode } from './db/trouble';

/** An answer other than the one that was asked for. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    message: string,
    readonly fields: ApiError['fields'] = [],
    /** When it may be worth asking again. */
    readonly retryAfterSec?: number,
  ) {
    super(message);
  }
}

export const notFound = (what: string, id: string): Refusal =>
  new Refusal(404, 'notFound', `There is no such ${what}. It may have been deleted.`, [
    { path: 'id', message: `names no ${what}`, value: id.slice(0, 80) },
  ]);

export const invalid = (fields: ApiError['fields']): Refusal => {
  const [first] = fields;
  const where = first
    ? `${first.path ? `The field ${first.path}` : 'The body'} ${first.message}`
    : 'The input is not valid';
  const more = fields.length > 1 ? ` (and ${fields.length - 1} more)` : '';
  return new Refusal(422, 'invalid', `${where}${more}. Nothing was changed.`, fields);
};

/** Reads an input through its schema, or refuses it with every field that is wrong. */
export const parse = <T>(schema: z.ZodType<T>, input: unknown): T => {
  const result = schema.safeParse(input);
  if (result.success) return result.data;
  throw invalid(fieldProblems(result.error, input));
};

export const unknownReference = (path: string, what: string, value: string): Refusal =>
  invalid([{ path, message: `names no ${what}`, value } satisfies FieldProblem]);

/** What body parsing reports, by its type, as an answer of ours. */
const BODY: Record<string, (e: { limit?: number; length?: number; message: string }) => Refusal> = {
  'entity.parse.failed': (e) =>
    new Refusal(400, 'malformed', `The body is not JSON: ${e.message}. Nothing was changed.`),
  'entity.too.large': (e) =>
    new Refusal(413, 'tooLarge', `The body is larger than ${e.limit} bytes. Nothing was changed.`, [
      { path: '', message: `must be at most ${e.limit} bytes`, bound: e.limit, value: e.length },
    ]),
  'charset.unsupported': () => new Refusal(415, 'unsupported', 'The body must be UTF-8.'),
  'encoding.unsupported': () =>
    new Refusal(415, 'unsupported', 'The body has an encoding that is not known.'),
};

const TROUBLE_STATUS: Record<TroubleCode, number> = {
  databaseBusy: 503,
  diskFull: 507,
  readOnly: 503,
  diskFailed: 500,
};

/** The trouble with the disk or a lock behind an error, however it was wrapped. */
const troubleBehind = (error: unknown): DatabaseTrouble | null => {
  for (let at = error; at instanceof Error; at = at.cause) if (at instanceof DatabaseTrouble) return at;
  return null;
};

const asRefusal = (error: unknown, req: Request): Refusal => {
  if (error instanceof Refusal) return error;
  const trouble = troubleBehind(error);
  if (trouble) {
    req.log?.error({ code: trouble.code }, 'the database did not take it');
    const again = trouble.code === 'databaseBusy' ? 1 : undefined;
    return new Refusal(TROUBLE_STATUS[trouble.code], trouble.code, trouble.message, [], again);
  }
  if (error instanceof Unreadable)
    return new Refusal(
      422,
      'unreadable',
      `This ${error.kind} was kept in a form that this Kotabi cannot read. It was not changed, and can be taken away as a file.`,
      [{ path: 'id', message: 'cannot be read', value: error.row.id }],
    );
  const { type, status } = error as { type?: string; status?: number };
  const known = type ? BODY[type] : undefined;
  if (known) return known(error as Error);
  if (error instanceof URIError || status === 400)
    return new Refusal(400, 'malformed', 'The request could not be read. Nothing was changed.');
  // The stack names files of the program, never what was sent.
  req.log?.error({ stack: error instanceof Error ? error.stack : String(error) }, 'failed');
  return new Refusal(500, 'internal', 'Something went wrong in the server. What was saved before is safe.');
};

/** The last handler: every failure leaves in one shape. */
export const answerErrors = (error: unknown, req: Request, res: Response, next: NextFunction): void => {
  if (res.headersSent) {
    next(error);
    return;
  }
  const { status, code, message, fields, retryAfterSec } = asRefusal(error, req);
  if (retryAfterSec !== undefined) res.set('Retry-After', String(retryAfterSec));
  res.status(status).json({ code, message, fields } satisfies ApiError);
};
