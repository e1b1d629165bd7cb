import type { Kept } from '@kotabi/core/model';
import { useEffect, useState } from 'react';
import { messageOf } from '../api/client';
import { type KeptName, put, queryClient } from '../api/queries';
import { useMessages } from '../shell/messages';
import { autosave, sendOnce } from './autosave';
import { type Document, isUnkept } from './document';
import { bringBackHeld, type HeldKind, holdUnsaved } from './held';
import { openDocument } from './opened';

/** A kind of thing that is edited and kept. */
export interface DocumentKind<T> extends HeldKind<T> {
  name: KeptName;
  /** What one is called in a sentence. */
  called: (value: T) => string;
  /** Kept a moment after each change; else when told to. */
  byItself: boolean;
}

const sender =
  <T extends { id: string }>({ name }: DocumentKind<T>) =>
  (change: { baseVersion: number; value: T }, keepalive?: boolean): Promise<Kept<T>> =>
    put(name, change, keepalive);

/** Keeps a document now. True when the server has it; else its state says why not. */
export const keepNow = async <T extends { id: string }>(
  document: Document<T>,
  kind: DocumentKind<T>,
): Promise<boolean> => {
  await sendOnce(document, sender(kind));
  const { save } = document.getState();
  if (save.at === 'saved') await queryClient.invalidateQueries({ queryKey: [kind.name] });
  return save.at === 'saved';
};

/** Waits until a document that keeps itself has come to rest, at most a few seconds. */
export const atRest = <T>(document: Document<T>, mostMs = 4000): Promise<void> =>
  new Promise((done) => {
    const rests = (at: string): boolean => at !== 'waiting' && at !== 'saving';
    if (rests(document.getState().save.at)) return done();
    const limit = setTimeout(finish, mostMs);
    const stop = document.subscribe(({ save }) => rests(save.at) && finish());
    function finish(): void {
      clearTimeout(limit);
      stop();
      done();
    }
  });

/**
 * Opens a document for as long as a screen shows it: what was typed the last time and never arrived is brought back,
 * changes are held in this browser until the server has them, and nothing is left behind on leaving.
 * Null while it is not known what the server has.
 */
export const useDocument = <T extends { id: string }, D extends Document<T>>(
  kind: DocumentKind<T>,
  key: string,
  kept: Kept<T> | null | undefined,
  make: () => D,
): D | null => {
  const [document, setDocument] = useState<D | null>(null);
  const { message } = useMessages();
  // biome-ignore lint/correctness/useExhaustiveDependencies: opened once; what comes later goes through the document
  useEffect(() => {
    if (kept === undefined || document) return;
    const opened = openDocument<T, D>(`${kind.name}.${key}`, kept, make);
    if (bringBackHeld(opened, kind))
      void message.info('What had not reached the server the last time is back.', 6);
    setDocument(opened);
  }, [kept]);

  // biome-ignore lint/correctness/useExhaustiveDependencies: the kind is a constant of its screen
  useEffect(() => {
    if (!document) return;
    const letGo = holdUnsaved(document, kind);
    const stop = kind.byItself ? autosave(document, sender(kind)) : async () => {};
    const warn = (event: BeforeUnloadEvent): void => {
      if (isUnkept(document.getState().save)) event.preventDefault();
    };
    window.addEventListener('beforeunload', warn);
    return () => {
      window.removeEventListener('beforeunload', warn);
      void stop().then(
        () => {
          letGo();
          const { save, value } = document.getState();
          if (kind.byItself && (save.at === 'refused' || save.at === 'offline'))
            message.error(
              `The last changes of ${kind.called(value)} could not be saved yet; they are held in this browser. ${save.at === 'refused' ? save.message : ''}`,
              8,
            );
          return queryClient.invalidateQueries({ queryKey: [kind.name] });
        },
        (error: unknown) => message.error(messageOf(error)),
      );
    };
  }, [document]);
  return document;
};
