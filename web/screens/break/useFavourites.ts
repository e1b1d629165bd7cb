import { type Kept, type KeptApproach, stepsOf } from '@kotabi/core/model';
import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useMemo } from 'react';
import { messageOf } from '../../api/client';
import { put, useApproach, useBreaks } from '../../api/queries';
import { useMessages } from '../../shell/messages';

/** Moves liked best: shown first, marked by a press. They belong to the instructor, on every machine. */
export const useFavourites = () => {
  const kept = useApproach().data;
  const client = useQueryClient();
  const { message } = useMessages();
  const favourites = useMemo(() => new Set(kept?.value.favourites), [kept]);
  const toggle = useCallback(
    (moveId: string): void => {
      if (!kept) return;
      const next = favourites.has(moveId)
        ? kept.value.favourites.filter((id) => id !== moveId)
        : [...kept.value.favourites, moveId];
      const value: KeptApproach = { ...kept.value, favourites: next };
      // The mark is there at once; what the server says comes after it.
      client.setQueryData<Kept<KeptApproach>>(['approach'], { ...kept, value });
      void put<KeptApproach>('approach', { baseVersion: kept.version, value }).then(
        (now) => client.setQueryData(['approach'], now),
        (error: unknown) => {
          client.setQueryData(['approach'], kept);
          message.error(messageOf(error));
        },
      );
    },
    [kept, favourites, client, message],
  );
  return { favourites, toggle };
};

/** Moves of the breaks changed last, the newest first. */
export const useLastUsed = (breakId: string): string[] => {
  const breaks = useBreaks().data;
  return useMemo(
    () => [
      ...new Set(
        [...(breaks ?? [])]
          .filter((b) => b.value.id !== breakId)
          .sort((a, b) => (a.updatedAt < b.updatedAt ? 1 : -1))
          .flatMap((b) => stepsOf(b.value).map((s) => s.moveId)),
      ),
    ],
    [breaks, breakId],
  );
};
