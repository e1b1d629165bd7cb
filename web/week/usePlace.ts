import { type Group, IsoDateSchema } from '@kotabi/core/model';
import { localNow, mondayOf, weekAhead } from '@kotabi/core/schedule';
import dayjs from 'dayjs';
import { useParams, useSearchParams } from 'react-router';
import { useGroups, usePeople } from '../api/queries';

const today = (): string => dayjs().format('YYYY-MM-DD');

export const thisMonday = (): string => mondayOf(today());

/** The Monday of the week that is looked at when none is named: that in which the first of some groups to work works next. */
export const mondayAhead = (groups: readonly Pick<Group, 'days' | 'hours' | 'timeZone'>[]): string =>
  groups.map((group) => weekAhead(group, localNow(new Date(), group.timeZone))).sort()[0] ?? thisMonday();

/** Which group, person and week an address names; what it leaves open is filled with the first group and the week it works next. */
export const usePlace = () => {
  const { groupId, startDate } = useParams();
  const [query] = useSearchParams();
  const groups = useGroups();
  const group = groups.data?.find((g) => g.value.id === groupId)?.value;
  const people = usePeople(group?.id);
  const personId = query.get('person');
  const person = people.data?.find((p) => p.value.id === personId)?.value ?? null;
  const real = startDate === undefined || IsoDateSchema.safeParse(startDate).success;
  const first = groups.data?.[0]?.value;
  const monday =
    real && startDate ? mondayOf(startDate) : mondayAhead([group ?? first].filter((g) => g !== undefined));
  const id = group?.id ?? first?.id;
  return {
    groups,
    group,
    people,
    person,
    /** The person that was asked for is not (or no longer) in the group. */
    unknownPerson: personId !== null && people.data !== undefined && person === null,
    monday,
    /** The address names no date that there is, or a group that is not there. */
    nowhere: !real || (groupId !== undefined && groups.data !== undefined && group === undefined),
    /** Where the address should lead instead; null when it names a group and a Monday. */
    instead: id !== undefined && (!group || startDate !== monday) ? `/week/${id}/${monday}` : null,
  };
};
