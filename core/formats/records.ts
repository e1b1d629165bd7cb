import { DateTime } from 'luxon';
import Papa from 'papaparse';
import { z } from 'zod';
import { type Group, LogRow, Measure } from '../model';

/** The records of a group as an open file: each in brief, and everything that was measured. */
export const RecordsFile = z.object({
  format: z.literal('kotabi-records'),
  version: z.literal(1),
  group: z.string(),
  records: z.array(LogRow),
  measures: z.array(Measure),
});
export type RecordsFile = z.infer<typeof RecordsFile>;

/** Records as text, indented so that people can read it. */
export const recordsFile = (file: Omit<RecordsFile, 'format' | 'version'>): string =>
  `${JSON.stringify({ format: 'kotabi-records', version: 1, ...file }, null, 2)}\n`;

/** JSON Schema of the file of records, made from the one source of its shape. */
export const recordsFileJsonSchema = (): unknown => ({
  ...z.toJSONSchema(RecordsFile, { io: 'output', target: 'draft-2020-12', unrepresentable: 'any' }),
  title: 'Kotabi records, version 1',
});

const seconds = (ms: number): number => Math.round(ms / 1000);

/** Records as a table (RFC 4180), one row each; times as the clock on the wall showed them. */
export const recordsTable = (
  rows: readonly LogRow[],
  { name, timeZone }: Pick<Group, 'name' | 'timeZone'>,
  nameOf: (personId: string) => string | undefined,
): string =>
  `${Papa.unparse(
    {
      fields: [
        'date',
        'start',
        'group',
        'break',
        'ended',
        'minutes_planned',
        'minutes_done',
        'steps_planned',
        'steps_done',
        'left_planned_s',
        'left_done_s',
        'right_planned_s',
        'right_done_s',
        'came',
        'people',
        'tension_before',
        'tension_after',
        'events',
        'note',
      ],
      data: rows.map((r) => {
        const at = DateTime.fromISO(r.startedAt, { zone: timeZone });
        return [
          at.toFormat('yyyy-MM-dd'),
          at.toFormat('HH:mm'),
          name,
          r.breakName,
          r.ending,
          (r.plannedMs / 60_000).toFixed(1),
          (r.doneMs / 60_000).toFixed(1),
          r.stepsPlanned,
          r.stepsDone,
          seconds(r.leftPlannedMs),
          seconds(r.leftDoneMs),
          seconds(r.rightPlannedMs),
          seconds(r.rightDoneMs),
          r.came ?? '',
          r.people.flatMap((id) => nameOf(id) ?? []).join('; '),
          r.tensionBefore ?? '',
          r.tensionAfter ?? '',
          r.events.map((e) => (e.moveName ? `${e.what} at ${e.moveName}` : e.what)).join('; '),
          r.note,
        ];
      }),
    },
    // A cell that begins like a formula is text for every program that opens the table.
    { newline: '\r\n', escapeFormulae: true },
  )}\r\n`;
