import {
  type Change,
  type Group,
  type IsoDate,
  type Kept,
  type Person,
  type Week,
  type WeekDay,
  WeekRule,
} from '@kotabi/core/model';
import { emptyDays, frameOf } from '@kotabi/core/schedule';
import { nanoid } from 'nanoid';
import { createStore } from 'zustand/vanilla';
import { ApiFailure, Unreachable } from '../../api/client';

export type WeekSave = 'new' | 'saved' | 'saving' | 'offline' | 'conflict' | 'refused';

export interface WeekState {
  week: Week;
  past: Week[];
  future: Week[];
  save: WeekSave;
  why: string;
  edit: (change: (week: Week) => Week) => void;
  editDay: (date: IsoDate, change: (day: WeekDay) => WeekDay) => void;
  undo: () => void;
  redo: () => void;
  retry: () => void;
}

type Put = (change: Change<Week>) => Promise<Kept<Week>>;

/**
 * A week that has not been saved yet: the days of the group or the person, with the default rule. A person's first
 * week begins with the rule of the group's week and with the busy times that were entered there by hand.
 */
export const freshWeek = (
  group: Group,
  person: Person | null,
  startDate: IsoDate,
  ofGroup: Week | null = null,
): Week => ({
  id: nanoid(),
  groupId: group.id,
  personId: person?.id ?? null,
  startDate,
  rule: person && ofGroup ? ofGroup.rule : WeekRule.parse({}),
  aims: person && ofGroup ? ofGroup.aims : [],
  days: emptyDays(
    { ...frameOf(group, person), standing: group.standing, daysOff: group.daysOff },
    startDate,
  ).map((day) => {
    const same = person ? ofGroup?.days.find((d) => d.date === day.date) : undefined;
    return same ? { ...day, busy: same.busy.filter((b) => b.calendarId === null) } : day;
  }),
});

/** The week being planned: kept as it changes, one request after the other, never over a newer version. */
export const createWeekStore = (kept: Kept<Week> | null, fresh: Week, put: Put, retryMs = 3000) =>
  createStore<WeekState>((set, get) => {
    let version = kept?.version ?? 0;
    let sent: Week | null = kept?.value ?? null;
    let busy = false;

    const send = async (): Promise<void> => {
      const { week, save } = get();
      if (busy || week === sent || save === 'conflict') return;
      busy = true;
      set({ save: 'saving', why: '' });
      try {
        const answer = await put({ baseVersion: version, value: week });
        version = answer.version;
        sent = week;
        set({ save: 'saved' });
      } catch (error) {
        const why = error instanceof Error ? error.message : String(error);
        if (error instanceof Unreachable) {
          set({ save: 'offline', why });
          setTimeout(() => void send(), retryMs);
        } else
          set({ save: error instanceof ApiFailure && error.status === 409 ? 'conflict' : 'refused', why });
      } finally {
        busy = false;
        if (get().save === 'saved') void send();
      }
    };
    const show = (week: Week, more: Partial<WeekState>): void => {
      set({ week, ...more });
      void send();
    };
    return {
      week: kept?.value ?? fresh,
      past: [],
      future: [],
      save: kept ? 'saved' : 'new',
      why: '',
      edit: (change) => {
        const { week, past } = get();
        const next = change(week);
        if (JSON.stringify(next) !== JSON.stringify(week)) show(next, { past: [...past, week], future: [] });
      },
      editDay: (date, change) =>
        get().edit((week) => ({ ...week, days: week.days.map((d) => (d.date === date ? change(d) : d)) })),
      undo: () => {
        const { week, past, future } = get();
        const last = past.at(-1);
        if (last) show(last, { past: past.slice(0, -1), future: [...future, week] });
      },
      redo: () => {
        const { week, past, future } = get();
        const last = future.at(-1);
        if (last) show(last, { past: [...past, week], future: future.slice(0, -1) });
      },
      retry: () => {
        if (get().save === 'conflict') return;
        void send();
      },
    };
  });

export type WeekStore = ReturnType<typeof createWeekStore>;
