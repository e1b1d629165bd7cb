import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { messageOf, request } from '../../api/client';

/** A pause in typing after which the words are kept. */
const PAUSE_MS = 800;
const heldAt = (groupId: string, month: string): string => `kotabi.month.${groupId}.${month}`;

/**
 * The words of a month’s page while they are being written: held in the browser at once, kept by the server after a pause or
 * when the field is left, so that nothing is lost on closing or while the server is away.
 */
export const useMonthWords = (groupId: string, month: string) => {
  const client = useQueryClient();
  const [typed, setTyped] = useState<string | null>(null);
  const [note, setNote] = useState('');
  const now = useRef<string | null>(null);
  const hold = useCallback(
    (text: string | null): void => {
      now.current = text;
      setTyped(text);
      if (text === null) localStorage.removeItem(heldAt(groupId, month));
      else localStorage.setItem(heldAt(groupId, month), text);
    },
    [groupId, month],
  );
  // Another month has words of its own; what could not be kept the last time is still there.
  useEffect(() => {
    now.current = localStorage.getItem(heldAt(groupId, month));
    setTyped(now.current);
    setNote('');
  }, [groupId, month]);
  const write = useCallback(
    async (words: string | null): Promise<void> => {
      const path = `/api/groups/${groupId}/months/${month}`;
      try {
        await request('PUT', path, { words: words?.trim() ? words : null });
        await client.invalidateQueries({ queryKey: ['sessions', 'month', groupId, month] });
        void client.invalidateQueries({ queryKey: ['groups'] });
        // What was typed meanwhile is not kept yet.
        if (words === null || now.current === words) {
          hold(null);
          setNote('Kept.');
        }
      } catch (failure) {
        setNote(`Not kept by the server yet, only in this browser: ${messageOf(failure)}`);
      }
    },
    [groupId, month, client, hold],
  );
  const settle = useCallback(async (): Promise<void> => {
    if (now.current !== null) await write(now.current);
  }, [write]);
  useEffect(() => {
    if (typed === null) return undefined;
    const timer = setTimeout(() => void settle(), PAUSE_MS);
    return () => clearTimeout(timer);
  }, [typed, settle]);
  return { typed, note, type: hold, write, settle };
};
