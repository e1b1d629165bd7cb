import { z } from 'zod';
import { Learned } from './learned';
import { PersonLimit, type RoomLimit } from './limit';
import { Area, Thing } from './move';
import { Id, IsoDateSchema, Line, Lines, ShiftMinute, Side } from './units';
import { BusyUse } from './use';

const isTimeZone = (zone: string): boolean => {
  try {
    new Intl.DateTimeFormat('en', { timeZone: zone });
    return true;
  } catch {
    return false; // the runtime's way of saying that it does not know the zone
  }
};

/** An IANA time zone name such as `Europe/Lisbon`. */
export const TimeZone = z.string().refine(isTimeZone, 'is not a known time zone, such as Europe/Lisbon');

/** A stretch of the local day, end not included; one that crosses midnight ends after 1440. */
export const Interval = z
  .object({ startMin: ShiftMinute, endMin: ShiftMinute })
  .refine((i) => i.startMin < i.endMin, { path: ['endMin'], message: 'must be later than the start' });
export type Interval = z.infer<typeof Interval>;

/** ISO weekday, 1 Monday to 7 Sunday. */
export const Weekday = z.int().min(1).max(7);

/** The hours of a working day or shift: at most a whole day long. */
export const Hours = Interval.refine((i) => i.endMin - i.startMin <= 1440, {
  path: ['endMin'],
  message: 'must be at most 24 hours after the start',
});

/** A time that comes back each week: a standing meeting, a walk, an hour of quiet work. */
export const StandingTime = z.intersection(
  z.object({
    id: Id,
    label: Line(60).default(''),
    use: BusyUse.default('meeting'),
    days: z.array(Weekday).min(1).max(7),
  }),
  Interval,
);
export type StandingTime = z.infer<typeof StandingTime>;

/** A day on which nobody works: a public holiday, a day off. */
export const DayOff = z.object({ date: IsoDateSchema, name: Line(60).min(1) });
export type DayOff = z.infer<typeof DayOff>;

/** A country or a region of it, by its code. */
const Land = z.object({ code: z.string(), name: z.string() });
export type Land = z.infer<typeof Land>;

/** Public holidays of a place over two years, and the regions of the country that have their own. */
export const Holidays = z.object({ regions: z.array(Land), days: z.array(DayOff) });
export type Holidays = z.infer<typeof Holidays>;

/** A month, such as 2026-11. */
export const MonthSchema = z.string().regex(/^\d{4}-(0[1-9]|1[0-2])$/, 'must be a month such as 2026-11');

/** The words of a month’s page as the instructor wrote them; one paragraph a line. */
export const MonthWords = Lines(4000).trim().min(1);

/** A team that stretches together: when and where they work and what their room offers. */
export const Group = z.object({
  id: Id,
  name: Line(80).min(1),
  site: Line(120).default(''),
  timeZone: TimeZone,
  days: z.array(Weekday).min(1).max(7),
  hours: Hours,
  lunch: Interval.nullable(),
  /** Put into each new week of the group. */
  standing: z.array(StandingTime).max(50).default([]),
  daysOff: z.array(DayOff).max(400).default([]),
  meets: z.enum(['in the room', 'remote', 'both']).default('in the room'),
  seats: z
    .object({ castors: z.boolean(), arms: z.boolean(), highBack: z.boolean() })
    .default({ castors: true, arms: true, highBack: false }),
  things: z.array(Thing).default([]),
  /** Room around each seat: `little` means that arms cannot be stretched out to the sides. */
  room: z.enum(['little', 'enough']).default('enough'),
  camera: z.enum(['on', 'off', 'as they like']).default('as they like'),
  hopes: Lines(400).default(''),
  /** The school its breaks are begun in; the instructor's own approach where none is named. */
  schoolId: Id.optional(),
  /** Reminders before each planned break, so many minutes ahead; null for none. */
  reminders: z
    .object({ leadMin: z.int().min(0).max(120) })
    .nullable()
    .default(null),
  /** What was learned from its records: proposals that were taken or set aside. */
  learned: z.array(Learned).max(200).default([]),
  /** The words of its months’ pages, where they were changed. */
  months: z
    .array(z.object({ month: MonthSchema, words: MonthWords }))
    .max(60)
    .optional(),
});
export type Group = z.infer<typeof Group>;

/** What the chairs and the room of a group do not allow. */
export const roomLimits = ({ seats, room }: Pick<Group, 'seats' | 'room'>): RoomLimit[] => [
  ...(seats.castors ? (['castors'] as const) : []),
  ...(seats.arms ? (['chair arms'] as const) : []),
  ...(seats.highBack ? (['high back'] as const) : []),
  ...(room === 'little' ? (['little room'] as const) : []),
];

/** A tight area and its side. */
export const TightArea = z.object({ area: Area, side: z.enum([...Side.options, 'both']) });
export type TightArea = z.infer<typeof TightArea>;

/** Days and hours of somebody who works otherwise than the group: part time, another shift, some days every second week. */
export const Work = z
  .object({
    days: z.array(Weekday).min(1).max(7),
    hours: Hours,
    lunch: Interval.nullable(),
    /** Other hours on some of these days. */
    other: z
      .array(z.object({ day: Weekday, hours: Hours }))
      .max(7)
      .optional(),
    /** Some of these days in every second week only, first in the week of a date. */
    secondWeek: z.object({ days: z.array(Weekday).min(1).max(7), from: IsoDateSchema }).optional(),
  })
  .superRefine(({ days, other = [], secondWeek }, ctx) => {
    const must = (path: (string | number)[], day: number): void => {
      if (!days.includes(day))
        ctx.addIssue({ code: 'custom', path, message: 'is not among the days on which they work' });
    };
    other.forEach(({ day }, i) => {
      must(['other', i, 'day'], day);
      if (other.findIndex((o) => o.day === day) < i)
        ctx.addIssue({ code: 'custom', path: ['other', i, 'day'], message: 'is there twice' });
    });
    secondWeek?.days.forEach((day, i) => {
      must(['secondWeek', 'days', i], day);
    });
  });
export type Work = z.infer<typeof Work>;

/** Someone in a group, described with as little as is needed. */
export const Person = z
  .object({
    id: Id,
    groupId: Id,
    name: Line(60).min(1),
    tight: z.array(TightArea).max(20).default([]),
    limits: z.array(PersonLimit).max(20).default([]),
    note: Lines(300).default(''),
    /** Days and hours that differ from the group's. */
    work: Work.optional(),
    /** The person has agreed that this is kept. Limits and notes are not kept without it. */
    consent: z.boolean().default(false),
    /** Where reminders are sent to by mail, if the person wants that. */
    mail: z.email().max(200).optional(),
    /** Asked for by itself, since it came later: the person has agreed that what is measured of them is kept as well. */
    measuring: z.boolean().default(false),
  })
  .superRefine((person, ctx) => {
    if (!person.consent && (person.limits.length > 0 || person.note.trim() !== ''))
      ctx.addIssue({
        code: 'custom',
        path: ['consent'],
        message: 'limits and notes are kept only when the person has agreed to it',
      });
    if (!person.consent && person.mail !== undefined)
      ctx.addIssue({
        code: 'custom',
        path: ['mail'],
        message: 'an address is kept only when the person has agreed to it',
      });
    if (!person.consent && person.measuring)
      ctx.addIssue({
        code: 'custom',
        path: ['measuring'],
        message: 'nothing is measured of whoever has not agreed that anything is kept',
      });
  });
export type Person = z.infer<typeof Person>;
