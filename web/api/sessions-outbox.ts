import { Session } from '@kotabi/core/model';
import { piecesOf } from '@kotabi/core/record';
import { z } from 'zod';
import { ApiFailure, request, Unreachable } from './client';

const KEY = 'kotabi.sessions-to-send';
/** A record that waits, and which state of it that is. What an earlier version of this page left has no mark. */
const Waiting = z.array(z.object({ value: Session, mark: z.string().default('') }));
type Waiting = z.infer<typeof Waiting>;

const read = (): Waiting => {
  const text = localStorage.getItem(KEY);
  if (!text) return [];
  const parsed = Waiting.safeParse(JSON.parse(text));
  return parsed.success ? parsed.data : [];
};
const write = (list: Waiting): void => localStorage.setItem(KEY, JSON.stringify(list));

/** Which parts of a record are new; all of them where nothing is said. */
export interface Changed {
  from: number;
  until: number;
  /** The page is being closed: sent in a way that outlives it. */
  closing?: boolean;
}

/** Where a record is after it was to be kept: on the server, or only in this browser so far. */
export type KeptWhere = 'kept' | 'here';

let marks = 0;
/** One after the other, so that pieces arrive in their order. */
let queue: Promise<unknown> = Promise.resolve();

/**
 * Keeps a record, or what has changed of it: first in this browser, then on the server, in pieces. Where the server does not
 * answer the record waits here, whole, and is sent when Kotabi is opened again or the next piece is kept.
 */
export const keepSession = (value: Session, changed?: Changed): Promise<KeptWhere> => {
  const mark = `${Date.now()}.${marks++}`;
  const before = read();
  // Something of it has not arrived: it goes whole.
  const behind = before.some((w) => w.value.id === value.id);
  write([...before.filter((w) => w.value.id !== value.id), { value, mark }]);
  const work = async (): Promise<KeptWhere> => {
    try {
      await send(value, behind ? undefined : changed, changed?.closing ?? false);
      write(read().filter((w) => w.mark !== mark || w.value.id !== value.id));
      return 'kept';
    } catch (error) {
      // Somebody who has been signed out meanwhile signs in again when leading is over.
      if (error instanceof Unreachable || (error instanceof ApiFailure && error.status === 401))
        return 'here';
      throw error;
    }
  };
  // A page that is closed has no time for what comes after something else.
  if (changed?.closing) return work();
  const mine = queue.then(work, work);
  queue = mine.catch(() => undefined);
  return mine;
};

const send = async (value: Session, changed: Changed | undefined, closing: boolean): Promise<void> => {
  const path = `/api/sessions/${value.id}/pieces`;
  try {
    for (const piece of piecesOf(value, changed?.from, changed?.until))
      await request('POST', path, piece, closing);
  } catch (error) {
    // The server has less of it than was thought: it gets all of it.
    if (!changed || !(error instanceof ApiFailure) || error.status !== 409) throw error;
    for (const piece of piecesOf(value)) await request('POST', path, piece, closing);
  }
};

/** How many records still wait in this browser. */
export const sessionsWaiting = (): number => read().length;

/** Sends what waited, and says how many records that were. What the server refuses stays, so that nothing is lost without a word. */
export const sendWaiting = async (): Promise<number> => {
  const waiting = read();
  for (const { value } of waiting) await keepSession(value);
  return waiting.length;
};
