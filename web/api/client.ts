import type { ApiError } from '@kotabi/core/model';

/** An answer of the server that says no, with its reasons. */
export class ApiFailure extends Error {
  constructor(
    readonly status: number,
    readonly error: ApiError,
  ) {
    super(error.message);
  }
}

/** The server could not be reached at all. */
export class Unreachable extends Error {
  constructor() {
    super('Kotabi’s server does not answer. Nothing is lost; check that it is running and try again.');
  }
}

const plain = (status: number): ApiError => ({
  code: 'unreadable',
  message: `The server answered with ${status} and no reason. Nothing was changed.`,
  fields: [],
});

/** Why somebody has to say who they are: to sign in, or since there is no account at all yet. */
export type Entrance = 'signIn' | 'first';
let entrance: ((why: Entrance) => Promise<void>) | null = null;
/**
 * Sets what asks somebody who they are. Whatever was asked of the server waits until they have said so and is asked
 * again, so that nothing is lost when a sign-in ends in the middle of work.
 */
export const onSignInNeeded = (ask: (why: Entrance) => Promise<void>): void => {
  entrance = ask;
};
const entranceIn = (status: number, json: unknown): Entrance | null => {
  const { code } = (json ?? {}) as Partial<ApiError>;
  return status === 401 && (code === 'signIn' || code === 'first') ? code : null;
};

/** Writes that are on their way. Reading waits for them, so that it never shows a state older than the user's. */
const writes = new Set<Promise<unknown>>();

/** Sends a request and gives its JSON, or throws `ApiFailure` or `Unreachable`. */
export const request = async <T>(
  method: string,
  path: string,
  body?: unknown,
  keepalive = false,
): Promise<T> => {
  if (method === 'GET') {
    await Promise.allSettled(writes);
    return send<T>(method, path, undefined, false);
  }
  const write = send<T>(method, path, body, keepalive);
  writes.add(write);
  try {
    return await write;
  } finally {
    writes.delete(write);
  }
};

const send = async <T>(method: string, path: string, body: unknown, keepalive: boolean): Promise<T> => {
  const response = await fetch(path, {
    method,
    keepalive,
    ...(body !== undefined && {
      body: JSON.stringify(body),
      headers: { 'Content-Type': 'application/json' },
    }),
  }).catch(() => {
    throw new Unreachable();
  });
  if (response.status === 204) return undefined as T;
  const json: unknown = await response.json().catch(() => null);
  if (response.ok) return json as T;
  const needed = entranceIn(response.status, json);
  if (needed && entrance && !keepalive) {
    await entrance(needed);
    return send(method, path, body, keepalive);
  }
  // A proxy in front of a server that is gone answers without our shape.
  if (json === null && response.status >= 500) throw new Unreachable();
  throw new ApiFailure(response.status, (json as ApiError | null) ?? plain(response.status));
};

/** Sends a file as it is and gives the JSON of the answer; fails like `request`. */
export const sendText = async <T>(
  path: string,
  file: Blob,
  type = 'text/calendar; charset=utf-8',
  method = 'POST',
): Promise<T> => {
  const response = await fetch(path, {
    method,
    body: file,
    headers: { 'Content-Type': type },
  }).catch(() => {
    throw new Unreachable();
  });
  const json: unknown = await response.json().catch(() => null);
  if (response.ok) return json as T;
  throw new ApiFailure(response.status, (json as ApiError | null) ?? plain(response.status));
};

/** What to tell the user about any failure. */
export const messageOf = (error: unknown): string => (error instanceof Error ? error.message : String(error));
