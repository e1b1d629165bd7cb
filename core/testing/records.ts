import { LogRow, Measure, type Outcome } from '../model';
import type { Records } from '../trends';

/** A record in brief, with only what a test is about. */
export const logRow = (more: Partial<LogRow> = {}): LogRow =>
  LogRow.parse({
    id: 'r',
    breakId: 'b',
    breakName: 'B',
    groupId: 'g',
    startedAt: '2026-11-02T11:00:00.000Z',
    endedAt: '2026-11-02T11:07:00.000Z',
    ending: 'to the end',
    plannedMs: 420_000,
    doneMs: 420_000,
    workPlannedMs: 200_000,
    workDoneMs: 200_000,
    stepsPlanned: 5,
    stepsDone: 5,
    leftPlannedMs: 60_000,
    rightPlannedMs: 60_000,
    leftDoneMs: 60_000,
    rightDoneMs: 60_000,
    ways: { left: { plannedMs: 60_000, doneMs: 60_000 }, right: { plannedMs: 60_000, doneMs: 60_000 } },
    came: null,
    people: [],
    work: [],
    said: { plannedMs: 100_000, doneMs: 100_000 },
    changed: { plannedMs: 20_000, doneMs: 20_000 },
    moves: [],
    events: [],
    note: '',
    ...more,
  });

/** Records of a group, with only what a test is about. */
export const records = (more: Partial<Records> = {}): Records => ({
  personId: null,
  rows: [],
  measures: [],
  outcomes: [],
  said: [],
  aims: [],
  ...more,
});

/** The same record on each of some days. */
export const rowsOn = (dates: readonly string[], more: (i: number) => Partial<LogRow> = () => ({})) =>
  dates.map((date, i) => ({ date, startMin: 660, row: logRow({ id: `r${i}`, ...more(i) }) }));

/** Planned breaks of one hour, the first ones done. */
export const outcomes = (startMin: number, done: number, of: number, date = '2026-11-02'): Outcome[] =>
  Array.from({ length: of }, (_, i) => ({ date, startMin, lengthMin: 5, done: i < done, personId: null }));

/** What was measured on a day. */
export const measured = (date: string, more: object = {}) => ({
  date,
  measure: Measure.parse({
    id: `m-${date}`,
    groupId: 'g',
    personId: 'p',
    takenAt: `${date}T10:00:00.000Z`,
    ...more,
  }),
});
