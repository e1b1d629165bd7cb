import { type GivenChange, givenChanges, weekToGive } from '@kotabi/core/given';
import type { GivenState, Week } from '@kotabi/core/model';
import type { LocalNow } from '@kotabi/core/schedule';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { ApiFailure, request } from '../api/client';

/** What was given out of a week last; null for a draft, and for a week that has never been kept. */
const fetchGiven = async (weekId: string): Promise<GivenState | null> => {
  try {
    return await request<GivenState | null>('GET', `/api/weeks/${weekId}/given`);
  } catch (error) {
    if (error instanceof ApiFailure && error.status === 404) return null;
    throw error;
  }
};

export interface GivenNow {
  /** Null for a draft; undefined while it is not known. */
  state: GivenState | null | undefined;
  /** What giving out would change now. */
  changes: readonly GivenChange[];
}

/** How a week stands against what was given out of it. */
export const useGiven = (week: Week, now: LocalNow): GivenNow => {
  const { data: state } = useQuery({ queryKey: ['given', week.id], queryFn: () => fetchGiven(week.id) });
  const changes = useMemo(() => {
    const before = state?.week ?? null;
    return givenChanges(before, weekToGive(week, before, now));
  }, [state, week, now]);
  return { state, changes };
};
