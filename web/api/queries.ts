import { type LibraryData, type Shelf, shelfOf } from '@kotabi/core/library';
import {
  type Answer,
  type Backups,
  type Break,
  type BusyTime,
  type CalendarSource,
  type CalendarState,
  type Change,
  defaultApproach,
  type Feed,
  type Group,
  type Kept,
  type KeptApproach,
  type Learned,
  type LogRow,
  type Me,
  type Measure,
  type Message,
  type Move,
  type Person,
  type Role,
  type SharedWithMe,
  type Span,
  type Unread,
  type Week,
} from '@kotabi/core/model';
import type { Habits, Proposal, Trouble } from '@kotabi/core/propose';
import type { MonthReport } from '@kotabi/core/report';
import type { Trends } from '@kotabi/core/trends';
import { QueryClient, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useMemo } from 'react';
import { ApiFailure, request } from './client';
import { loadLibrary } from './library';

export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 5_000,
      retry: (count, error) => !(error instanceof ApiFailure) && count < 2,
      // The server runs on this machine: a browser that is offline can still reach it.
      networkMode: 'always',
    },
    mutations: { networkMode: 'always' },
  },
});

const get =
  <T>(path: string) =>
  (): Promise<T> =>
    request<T>('GET', path);

export const useGroups = () => useQuery({ queryKey: ['groups'], queryFn: get<Kept<Group>[]>('/api/groups') });

export const usePeople = (groupId: string | undefined) =>
  useQuery({
    queryKey: ['people', groupId],
    queryFn: get<Kept<Person>[]>(`/api/groups/${groupId}/people`),
    enabled: groupId !== undefined,
  });

/** Where the data is, and its backups; for those who look after them. */
export const useBackups = () => useQuery({ queryKey: ['backups'], queryFn: get<Backups>('/api/backups') });

/** Who one is here. */
export const useMe = () =>
  useQuery({ queryKey: ['me'], queryFn: get<Me>('/api/me'), staleTime: Number.POSITIVE_INFINITY });

/** Whether one may look after accounts and backups, and whether one may lead; both as long as nobody signs in. */
export const useRoles = (): { keeper: boolean; instructor: boolean; signedIn: boolean } => {
  const { data } = useMe();
  const has = (role: Role): boolean => data?.account?.roles.includes(role) ?? data?.state === 'open';
  return {
    keeper: has('keeper'),
    // As long as it is not known who one is, nothing is hidden: the server asks.
    instructor: !data?.account || has('instructor'),
    signedIn: data?.state === 'signedIn',
  };
};

/** What colleagues share with one; nothing where nobody signs in. */
export const useShared = (): readonly SharedWithMe[] => {
  const { signedIn, instructor } = useRoles();
  const { data } = useQuery({
    queryKey: ['shared'],
    queryFn: get<SharedWithMe[]>('/api/shared'),
    enabled: signedIn && instructor,
    staleTime: 60_000,
  });
  return data ?? [];
};

/** What is kept and cannot be read; looked for once in a while. */
export const useUnreadable = () =>
  useQuery({ queryKey: ['unreadable'], queryFn: get<Unread[]>('/api/unreadable'), staleTime: 60_000 });

export const useBreaks = () => useQuery({ queryKey: ['breaks'], queryFn: get<Kept<Break>[]>('/api/breaks') });

/** One break as the server has it now; always asked anew, since it is about to be worked on. */
export const useBreak = (id: string) =>
  useQuery({
    queryKey: ['breaks', id],
    queryFn: get<Kept<Break>>(`/api/breaks/${id}`),
    gcTime: 0,
    staleTime: 0,
  });

/** What of the log is asked for; everything where nothing is named. */
export interface LogWish {
  q?: string;
  groupId?: string;
  personId?: string;
  from?: string;
  until?: string;
  ending?: string;
  limit?: number;
}

/** The most records that one request gives. */
export const MOST_ROWS = 500;

/** Records in brief, the latest first. */
export const useLog = (wish: LogWish, enabled = true) => {
  const query = new URLSearchParams(
    Object.entries(wish).flatMap(([key, value]) => (value === undefined ? [] : [[key, String(value)]])),
  ).toString();
  return useQuery({
    enabled,
    queryKey: ['sessions', 'log', query],
    queryFn: get<{ total: number; rows: LogRow[] }>(`/api/log?${query}`),
    placeholderData: (before) => before,
  });
};

/** What was measured of a group, the latest first. */
export const useMeasures = (groupId: string | undefined, sessionId?: string) =>
  useQuery({
    enabled: groupId !== undefined,
    queryKey: ['measures', groupId, sessionId],
    queryFn: get<Kept<Measure>[]>(
      `/api/groups/${groupId}/measures${sessionId ? `?sessionId=${sessionId}` : ''}`,
    ),
  });

/** Trends of a group, or of a person of it, over a span of days. */
export const useTrends = (groupId: string, personId: string | null, span: Partial<Span>) => {
  const query = new URLSearchParams({ ...span, ...(personId && { personId }) }).toString();
  return useQuery({
    queryKey: ['sessions', 'trends', groupId, query],
    queryFn: get<Trends>(`/api/groups/${groupId}/trends?${query}`),
    placeholderData: (before) => before,
  });
};

/** What to change next, what was answered to that earlier, and what happened at moves. */
export interface Proposed {
  proposals: Proposal[];
  learned: Learned[];
  habits: Habits;
  troubles: Trouble[];
}

export const useProposals = (groupId: string | null) =>
  useQuery({
    enabled: groupId !== null,
    queryKey: ['sessions', 'proposals', groupId],
    queryFn: get<Proposed>(`/api/groups/${groupId}/proposals`),
  });

/** The month's page of a group. */
export const useMonth = (groupId: string, month: string) =>
  useQuery({
    queryKey: ['sessions', 'month', groupId, month],
    queryFn: get<{ report: MonthReport; words: string[]; written: string | null }>(
      `/api/groups/${groupId}/months/${month}`,
    ),
  });

/** The saved week of a group, or of one person of it, as the server has it now; null when none has been saved. */
export const fetchWeek = async (
  groupId: string,
  personId: string | null,
  startDate: string,
): Promise<Kept<Week> | null> => {
  const whose = personId === null ? '' : `?personId=${personId}`;
  try {
    return await request<Kept<Week>>('GET', `/api/groups/${groupId}/weeks/${startDate}${whose}`);
  } catch (error) {
    if (error instanceof ApiFailure && error.status === 404) return null;
    throw error;
  }
};

/** That week, asked for when it is opened; not asked for as long as no group is known (""). */
export const useWeek = (groupId: string, personId: string | null, startDate: string) =>
  useQuery({
    queryKey: ['weeks', groupId, personId, startDate],
    gcTime: 0,
    staleTime: 0,
    refetchOnWindowFocus: false,
    enabled: groupId !== '',
    queryFn: () => fetchWeek(groupId, personId, startDate),
  });

/** Every week of a group and of its people. */
export const useWeeks = (groupId: string, enabled = true) =>
  useQuery({
    enabled,
    queryKey: ['weeks', groupId],
    staleTime: 0,
    queryFn: get<Kept<Week>[]>(`/api/groups/${groupId}/weeks`),
  });

/** A calendar that is planned around, and how it stands. */
export type KeptCalendar = Kept<CalendarSource> & { state: CalendarState };

export const useCalendars = (groupId: string) =>
  useQuery({
    queryKey: ['calendars', groupId],
    queryFn: get<KeptCalendar[]>(`/api/groups/${groupId}/calendars`),
  });

/** How often a week that is open asks what the calendars say now, ms. */
const BUSY_EVERY_MS = 15_000;

/** Busy times by date as the calendars say now, of a group, a person, or the instructor. */
export const useBusy = (
  groupId: string,
  from: string,
  whose: { personId?: string | null; instructor?: boolean; days?: number },
) => {
  const query = new URLSearchParams({ from, days: String(whose.days ?? 7) });
  if (whose.personId) query.set('personId', whose.personId);
  if (whose.instructor) query.set('instructor', 'yes');
  return useQuery({
    queryKey: ['busy', groupId, query.toString()],
    refetchInterval: BUSY_EVERY_MS,
    queryFn: get<{ date: string; busy: BusyTime[] }[]>(`/api/groups/${groupId}/busy?${query}`),
  });
};

export const useFeeds = (groupId: string) =>
  useQuery({ queryKey: ['feeds', groupId], queryFn: get<Feed[]>(`/api/groups/${groupId}/feeds`) });

/** A reminder in the outbox, with whom it is for. */
export type NamedMessage = Message & { personName: string };

/** Reminders in the outbox. */
export const useReminders = () =>
  useQuery({ queryKey: ['messages'], queryFn: get<NamedMessage[]>('/api/messages'), refetchInterval: 5000 });

/** What people answered to reminders. */
export const useAnswers = () => useQuery({ queryKey: ['answers'], queryFn: get<Answer[]>('/api/answers') });

/** The instructor's approach; the usual one until another is kept. */
export const useApproach = () =>
  useQuery({ queryKey: ['approach'], queryFn: get<Kept<KeptApproach>>('/api/approach/approach') });

const NO_MOVES: LibraryData = { moves: [], pauses: [] };
/** The moves that come with Kotabi: data, fetched once. */
const useLibrary = () =>
  useQuery({
    queryKey: ['library'],
    queryFn: loadLibrary,
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: Number.POSITIVE_INFINITY,
  });

/**
 * All moves, library first, a way to find one, and the approach they are proposed by. Moves that are put away
 * are not among them, but breaks that use them still find them.
 */
export const useMoves = () => {
  const query = useQuery({ queryKey: ['moves'], queryFn: get<Kept<Move>[]>('/api/moves') });
  const kept = useApproach();
  const known = useLibrary();
  const own = useMemo(() => (query.data ?? []).map((m) => m.value), [query.data]);
  const shelf = useMemo((): Shelf => shelfOf(known.data ?? NO_MOVES, own), [known.data, own]);
  const moves = useMemo(() => [...shelf.library, ...own.filter((m) => !m.archived)], [shelf, own]);
  const away = useMemo(() => own.filter((m) => m.archived), [own]);
  const { lookup } = shelf;
  const approach = kept.data?.value.approach ?? defaultApproach;
  return {
    /** Own moves as they are kept, once they, the library and the approach are known. */
    data: kept.data && known.data && query.data,
    error: query.error ?? kept.error ?? known.error,
    refetch: () => Promise.all([query.refetch(), kept.refetch(), known.refetch()]),
    /** The library and the pauses, with the own moves to be found. */
    shelf,
    moves,
    /** All own moves, those that were put away as well. */
    own,
    /** Own moves that were put away. */
    away,
    lookup,
    approach,
  };
};

const PATHS = {
  approach: 'approach',
  moves: 'moves',
  groups: 'groups',
  people: 'people',
  breaks: 'breaks',
  weeks: 'weeks',
  calendars: 'calendars',
  sessions: 'sessions',
  measures: 'measures',
} as const;
export type KeptName = keyof typeof PATHS;

/** Keeps a thing on the server. */
export const put = <T extends { id: string }>(
  name: KeptName,
  change: Change<T>,
  keepalive = false,
): Promise<Kept<T>> => request<Kept<T>>('PUT', `/api/${PATHS[name]}/${change.value.id}`, change, keepalive);

/** Keeps a thing and brings every list of its kind up to date. */
export const usePut = <T extends { id: string }>(name: KeptName) => {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (change: Change<T>) => put<T>(name, change),
    onSuccess: () => client.invalidateQueries({ queryKey: [name] }),
  });
};

/** Deletes a thing and brings every list up to date. */
export const useDelete = (name: KeptName) => {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => request<void>('DELETE', `/api/${PATHS[name]}/${id}`),
    onSuccess: () => client.invalidateQueries(),
  });
};
