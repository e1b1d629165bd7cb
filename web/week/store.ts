import {
  type Area,
  type Group,
  type IsoDate,
  type Kept,
  type Person,
  Week,
  type WeekDay,
  WeekRule,
} from '@kotabi/core/model';
import { frequencyLearned, habitsOf } from '@kotabi/core/propose/learned';
import { emptyDays, frameOf } from '@kotabi/core/schedule';
import { nanoid } from 'nanoid';
import { createDocument, type Document } from '../document/document';
import type { DocumentKind } from '../document/useDocument';

export type WeekStore = Document<Week>;

/** The place of a week: whose it is and when. A week that was never kept has no id yet that anyone else knows. */
export const weekKey = ({
  groupId,
  personId,
  startDate,
}: Pick<Week, 'groupId' | 'personId' | 'startDate'>): string =>
  `${groupId}.${personId ?? 'all'}.${startDate}`;

/** Weeks keep themselves. */
export const weekKind: DocumentKind<Week> = {
  name: 'weeks',
  read: (value) => Week.parse(value),
  idOf: weekKey,
  called: ({ startDate }) => `the week of ${startDate}`,
  byItself: true,
};

/** What a team begins with: three a day, which people keep up. Common practice, no source. */
export const FIRST_RULE: WeekRule = WeekRule.parse({ frequency: { code: 'a day', count: 3 } });

/** What a week is for: what the one before was for, and what nothing has held. Every area stays every area. */
const learnedAims = (group: Group, aims: readonly Area[]): Area[] =>
  aims.length === 0 ? [] : [...new Set([...aims, ...habitsOf(group).areas])];

/** A rule as what was learned from the records of a group leaves it. */
const learnedRule = (group: Group, rule: WeekRule): WeekRule => ({
  ...rule,
  frequency: frequencyLearned(rule.frequency, habitsOf(group)),
});

/**
 * A week that has not been saved yet: the days of the group or the person, with the default rule. A person's first
 * week begins with the rule of the group's week and with the busy times that were entered there by hand.
 */
export const freshWeek = (
  group: Group,
  person: Person | null,
  startDate: IsoDate,
  ofGroup: Week | null = null,
  /** The last week before it of the same group or person: a rule goes on until it is changed. */
  before: Week | null = null,
): Week => ({
  id: nanoid(),
  groupId: group.id,
  personId: person?.id ?? null,
  startDate,
  rule: person && ofGroup ? ofGroup.rule : learnedRule(group, before ? before.rule : FIRST_RULE),
  aims: person && ofGroup ? ofGroup.aims : learnedAims(group, before?.aims ?? []),
  days: emptyDays(
    { ...frameOf(group, person), standing: group.standing, daysOff: group.daysOff },
    startDate,
  ).map((day) => {
    const same = person ? ofGroup?.days.find((d) => d.date === day.date) : undefined;
    return same ? { ...day, busy: same.busy.filter((b) => b.calendarId === null) } : day;
  }),
});

/** The week being planned, as the server has it or as it begins. */
export const createWeekStore = (kept: Kept<Week> | null, fresh: Week): WeekStore =>
  createDocument<Week>(kept ? { kept } : { fresh });

/** Changes one day of a week. */
export const editDay = (
  store: WeekStore,
  label: string,
  date: IsoDate,
  change: (day: WeekDay) => WeekDay,
): void =>
  store.getState().replace(label, (week) => ({
    ...week,
    days: week.days.map((d) => (d.date === date ? change(d) : d)),
  }));

/** The last week before one, of the same group or person. */
export const lastBefore = (
  all: readonly Kept<Week>[],
  personId: string | null,
  startDate: string,
): Week | null =>
  all
    .map((k) => k.value)
    .filter((w) => w.personId === personId && w.startDate < startDate)
    .sort((a, b) => (a.startDate < b.startDate ? 1 : -1))[0] ?? null;
