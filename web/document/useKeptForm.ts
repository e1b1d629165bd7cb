import type { Kept } from '@kotabi/core/model';
import { useStore } from 'zustand';
import { useMessages } from '../shell/messages';
import { createDocument, type Document, isUnkept } from './document';
import { closeDocument } from './opened';
import { type DocumentKind, keepNow, useDocument } from './useDocument';

/** The document behind a form over a thing of version 0 (new) or later; null while it is opened. */
export const useFormDocument = <T extends { id: string }>(
  kind: DocumentKind<T>,
  { value, version }: { value: T; version: number },
): Document<T> | null => {
  const kept: Kept<T> | null = version > 0 ? { value, version, updatedAt: '' } : null;
  return useDocument(kind, value.id, kept, () => createDocument<T>(kept ? { kept } : { fresh: value }));
};

/** A form over a kept thing: what is typed stays in this browser until it is kept or given up. */
export const useKeptForm = <T extends { id: string }>(document: Document<T>, kind: DocumentKind<T>) => {
  const { save, baseVersion } = useStore(document);
  const { message } = useMessages();
  const { replace, setSave, discard } = document.getState();
  return {
    /** Never kept so far. */
    isNew: baseVersion === 0,
    busy: save.at === 'saving',
    conflict: save.at === 'conflict',
    /** Something has been typed that the server does not have. */
    changed: isUnkept(save),
    /** Takes over what stands in the form now, right or wrong. */
    typed: (value: unknown): void => replace('typed', () => value as T, { key: 'typed' }),
    /** Keeps a checked value. True when the server has it; else the user has been told. */
    keep: async (value: T): Promise<boolean> => {
      replace('kept', () => value, { key: 'typed' });
      setSave({ at: 'waiting' });
      if (await keepNow(document, kind)) return true;
      const now = document.getState().save;
      if (now.at === 'refused') message.error(now.message);
      if (now.at === 'offline')
        message.error('The server does not answer. What you typed is held in this browser; try again later.');
      return false;
    },
    /** Goes back to what is kept. */
    giveUp: discard,
    /** The thing has been deleted: nothing of it is held any more. */
    gone: (): void => {
      discard();
      closeDocument(`${kind.name}.${document.getState().value.id}`);
    },
  };
};
