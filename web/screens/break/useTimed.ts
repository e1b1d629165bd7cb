import { type Approach, type Break, type MoveLookup, roomLimits } from '@kotabi/core/model';
import { type Audience, type Timed, timed } from '@kotabi/core/review';
import { useMemo } from 'react';
import { useGroups, usePeople } from '../../api/queries';

/** The people and the room of a group; null while nobody is meant, or nothing is known yet. */
export const useAudience = (groupId: string | null): Audience | null => {
  const groups = useGroups();
  const people = usePeople(groupId ?? undefined);
  const group = groups.data?.find((g) => g.value.id === groupId)?.value;
  const list = people.data;
  return useMemo(
    () =>
      group && list
        ? {
            people: list.map((p) => p.value),
            room: { limits: roomLimits(group), things: group.things },
          }
        : null,
    [group, list],
  );
};

/** The timeline and the findings of a break, worked out once for each state. */
export const useTimed = (
  brk: Break,
  lookup: MoveLookup,
  approach: Approach,
  audience: Audience | null,
): Timed => useMemo(() => timed(brk, lookup, approach, audience), [brk, lookup, approach, audience]);
