import { AIM_DAYS, ledgerOf } from '@kotabi/core/ledger';
import type { Area } from '@kotabi/core/model';
import { heldBreaks } from '@kotabi/core/schedule';
import { type LikelyArea, likelyAreas } from '@kotabi/core/suggest';
import { useMemo } from 'react';
import { useBreaks, useGroups, usePeople, useWeek } from '../../../api/queries';
import { useBreakFacts } from '../../../week/useFacts';
import { thisMonday } from '../../../week/usePlace';

/** What a break for a group is likely wanted for, once that is known. */
export interface Likely {
  known: boolean;
  areas: readonly LikelyArea[];
}

const NONE: never[] = [];

/** What a group hopes for, where its people are tight, and what its week lacks; known at once where no group is meant. */
export const useLikely = (groupId: string | null): Likely => {
  const group = useGroups().data?.find((g) => g.value.id === groupId)?.value;
  const people = usePeople(groupId ?? undefined).data;
  const week = useWeek(groupId ?? '', null, thisMonday());
  const breaks = useBreaks().data;
  const facts = useBreakFacts(breaks ?? NONE);
  const areas = useMemo((): LikelyArea[] => {
    if (!group || !people) return [];
    const kept = week.data?.value;
    const days = (kept?.days ?? []).map((day) => ({
      date: day.date,
      gives: heldBreaks(day).flatMap((b) => facts.get(b.breakId ?? '')?.gives ?? []),
    }));
    const aims = kept?.aims ?? [];
    const lacking = ledgerOf(days, aims)
      .areas.filter(
        (a) => aims.includes(a.key) && Math.min(a.daysReached.left, a.daysReached.right) < AIM_DAYS,
      )
      .map((a): Area => a.key);
    return likelyAreas({ hopes: group.hopes, people: people.map((p) => p.value), lacking });
  }, [group, people, week.data, facts]);
  const asked = groupId !== null;
  return { known: !asked || (group !== undefined && people !== undefined && !week.isPending), areas };
};
