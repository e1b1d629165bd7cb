import type { Shelf } from '@kotabi/core/library';
import { shelfOf } from '@kotabi/core/library';
import type { Approach, Break, Group, Kept, KeptApproach, Move, Person } from '@kotabi/core/model';
import { request } from '../api/client';
import { loadLibrary } from '../api/library';
import type { LeadPlace } from './place';

/** Everything a break is led with. */
export interface LeadData {
  brk: Break;
  shelf: Shelf;
  approach: Approach;
  group: Group | null;
  /** All groups, so that another one can be chosen. */
  groups: Group[];
  people: Person[];
  /** Where to go back to; null for the sheet. */
  from: string | null;
  /** The planned break that is led; null for none. */
  planned: string | null;
}

const get = <T>(path: string): Promise<T> => request<T>('GET', path);

/** Fetches a break with its moves, the approach and the people it is for. */
export const loadLead = async ({ breakId, groupId, from, planned = null }: LeadPlace): Promise<LeadData> => {
  const [brk, moves, approach, groups, library] = await Promise.all([
    get<Kept<Break>>(`/api/breaks/${encodeURIComponent(breakId)}`),
    get<Kept<Move>[]>('/api/moves'),
    get<Kept<KeptApproach>>('/api/approach/approach'),
    get<Kept<Group>[]>('/api/groups'),
    loadLibrary(),
  ]);
  // Led out of a group's week it is led for that group, whomever it was made for.
  const group = groups.find((g) => g.value.id === (groupId ?? brk.value.groupId))?.value ?? null;
  const people = group ? await get<Kept<Person>[]>(`/api/groups/${group.id}/people`) : [];
  return {
    brk: brk.value,
    shelf: shelfOf(
      library,
      moves.map((m) => m.value),
    ),
    approach: approach.value.approach,
    group,
    groups: groups.map((g) => g.value),
    from,
    planned,
    people: people.map((p) => p.value),
  };
};
