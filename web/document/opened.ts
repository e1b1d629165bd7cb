import type { Kept } from '@kotabi/core/model';
import type { Document } from './document';

/** Documents that were open, the newest last, so that undo is still there when one comes back to one of them. */
const opened = new Map<string, Document<never, unknown>>();
const MOST = 16;

/**
 * The document as it was left, when the server still has the state it goes on from; else a new one. What the server
 * has not got yet also goes on: it is sent, or the user is asked.
 */
export const openDocument = <T extends { id: string }, D extends Document<T>>(
  key: string,
  kept: Kept<T> | null,
  make: () => D,
): D => {
  const before = opened.get(key) as D | undefined;
  const { baseVersion, save } = before?.getState() ?? {};
  const goesOn = before && (baseVersion === (kept?.version ?? 0) || (save && save.at !== 'saved'));
  const document = goesOn ? before : make();
  opened.delete(key);
  opened.set(key, document as unknown as Document<never, unknown>);
  const [oldest] = opened.keys();
  if (opened.size > MOST && oldest !== undefined) opened.delete(oldest);
  return document;
};

/** Forgets a document, since it has been deleted. */
export const closeDocument = (key: string): void => void opened.delete(key);
