import { Change, type Kept, Session } from '@kotabi/core/model';
import { z } from 'zod';
import { ApiFailure, request, Unreachable } from './client';

const KEY = 'kotabi.sessions-to-send';
const Waiting = z.array(Change(Session));

const read = (): z.infer<typeof Waiting> => {
  const text = localStorage.getItem(KEY);
  if (!text) return [];
  const parsed = Waiting.safeParse(JSON.parse(text));
  return parsed.success ? parsed.data : [];
};
const write = (list: z.infer<typeof Waiting>): void => localStorage.setItem(KEY, JSON.stringify(list));

/**
 * Keeps a record: first in this browser, then on the server. Gives the version the server has, or null when it
 * does not answer; then the record waits here and is sent when Kotabi is opened again.
 */
export const keepSession = async (value: Session, baseVersion: number): Promise<number | null> => {
  write([...read().filter((c) => c.value.id !== value.id), { baseVersion, value }]);
  try {
    const { version } = await send(value, baseVersion);
    write(read().filter((c) => c.value.id !== value.id));
    return version;
  } catch (error) {
    // Somebody who has been signed out meanwhile signs in again when leading is over.
    if (error instanceof Unreachable || (error instanceof ApiFailure && error.status === 401)) return null;
    throw error;
  }
};

const put = (value: Session, baseVersion: number, keepalive = false): Promise<Kept<Session>> =>
  request('PUT', `/api/sessions/${value.id}`, { baseVersion, value }, keepalive);

/** A run has an id of its own, so an older state of it on the server is this one's predecessor. */
const send = async (value: Session, baseVersion: number): Promise<Kept<Session>> => {
  try {
    return await put(value, baseVersion, true);
  } catch (error) {
    if (!(error instanceof ApiFailure) || error.status !== 409) throw error;
    const { version } = await request<Kept<Session>>('GET', `/api/sessions/${value.id}`);
    return put(value, version);
  }
};

/** How many records still wait in this browser. */
export const sessionsWaiting = (): number => read().length;

/** Sends what waited, and says how many records that were. What the server refuses stays, so that nothing is lost without a word. */
export const sendWaiting = async (): Promise<number> => {
  const waiting = read();
  for (const { value, baseVersion } of waiting) await keepSession(value, baseVersion);
  return waiting.length;
};
