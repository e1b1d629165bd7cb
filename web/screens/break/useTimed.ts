import type { Shelf } from '@kotabi/core/library';
import { type Approach, type Break, roomLimits } from '@kotabi/core/model';
import { troubleWords } from '@kotabi/core/propose/complaints';
import type { Audience, Reviewed } from '@kotabi/core/review';
import { timed } from '@kotabi/core/timing';
import { useEffect, useMemo, useState } from 'react';
import { useGroups, usePeople, useProposals } from '../../api/queries';

/** A break that could be timed, with its review. */
export type TimedBreak = Extract<Reviewed, { ok: true }>;

/** The people and the room of a group; null while nobody is meant, or nothing is known yet. */
export const useAudience = (groupId: string | null): Audience | null => {
  const groups = useGroups();
  const people = usePeople(groupId ?? undefined);
  const group = groups.data?.find((g) => g.value.id === groupId)?.value;
  const list = people.data;
  const troubles = useProposals(groupId).data?.troubles;
  return useMemo(
    () =>
      group && list
        ? {
            people: list.map((p) => p.value),
            room: { limits: roomLimits(group), things: group.things },
            ...(troubles &&
              troubles.length > 0 && {
                troubles: troubles.map((t) => ({ moveId: t.moveId, what: troubleWords(t), last: t.last })),
              }),
          }
        : null,
    [group, list, troubles],
  );
};

/** The review comes after the sheet: what is timed can be shown before it has been judged. */
let judging: typeof import('@kotabi/core/review') | null = null;
const useReview = (): typeof judging => {
  const [review, setReview] = useState(judging);
  useEffect(() => {
    if (review) return;
    void import('@kotabi/core/review').then((loaded) => {
      judging = loaded;
      setReview(loaded);
    });
  }, [review]);
  return review;
};

/** The timeline and the findings of a break, worked out once for each state; no findings before the review is here. */
export const useTimed = (
  brk: Break,
  shelf: Shelf,
  approach: Approach,
  audience: Audience | null,
): Reviewed => {
  const review = useReview();
  return useMemo(() => {
    if (review) return review.reviewed(brk, shelf, approach, audience);
    const time = timed(brk, shelf.lookup, approach);
    return time.ok ? { ...time, findings: [], aside: [] } : time;
  }, [review, brk, shelf, approach, audience]);
};
