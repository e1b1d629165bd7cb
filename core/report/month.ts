import type { Estimate, IsoDate, Minutes, Span } from '../model';
import { addDays, mondayOf } from '../schedule/dates';
import { sizeSpanText } from '../stats/span-text';
import { type DoneOf, doneOf, type Records, type TensionTrend, tensionTrends, within } from '../trends';

/** A report is made for so many people or more: of fewer, anyone could be told from it. Common practice of statistics offices, no source. */
export const FEWEST_PEOPLE = 5;

/** Long runs at the desk of the month's weeks: minutes beyond the limit, with the breaks that were done and without any. */
export interface Runs {
  limitMin: Minutes;
  longestWithout: Minutes;
  longestWith: Minutes;
  overWithout: Minutes;
  overWith: Minutes;
  days: number;
}

/** One week of the month, as far as it lies in it. */
export interface MonthWeek {
  /** The first of its days that lies in the month. */
  from: IsoDate;
  /** Planned breaks that were done, of those of which it is known. */
  done: number;
  of: number;
  /** The mean tension before and after breaks, 0 to 10; null where nobody was asked. */
  before: number | null;
  after: number | null;
}

/** What an employer is told of a month: nothing of any person. */
export type MonthReport =
  | { ok: false; why: 'too few people'; people: number; fewest: number }
  | {
      ok: true;
      span: Span;
      people: number;
      /** Breaks that were planned, and those of which it is known that they were done. */
      done: DoneOf['whole'];
      /** Breaks that were led, and their minutes. */
      led: { breaks: number; minutes: Minutes; cameMean: number | null };
      tension: TensionTrend | null;
      runs: Runs | null;
      weeks: MonthWeek[];
    };

/** The days of a month, `YYYY-MM`. */
export const monthSpan = (month: string): Span => {
  const from: IsoDate = `${month}-01`;
  const next = addDays(from, 32).slice(0, 7);
  return { from, until: addDays(`${next}-01`, -1) };
};

/** The weeks of a month in which there is something to tell. */
const weeksOf = (
  outcomes: Records['outcomes'],
  tension: TensionTrend | undefined,
  from: IsoDate,
): MonthWeek[] => {
  const rated = new Map((tension?.weeks ?? []).map((w) => [w.week, w]));
  const mondays = [...new Set([...outcomes.map((o) => mondayOf(o.date)), ...rated.keys()])].sort();
  return mondays.map((monday) => {
    const known = outcomes.filter((o) => mondayOf(o.date) === monday);
    return {
      from: monday < from ? from : monday,
      done: known.filter((o) => o.done).length,
      of: known.length,
      before: rated.get(monday)?.before?.value ?? null,
      after: rated.get(monday)?.after?.value ?? null,
    };
  });
};

/** The report of a month for a group of so many people. */
export const monthReport = (
  records: Records,
  month: string,
  people: number,
  runs: Runs | null,
): MonthReport => {
  if (people < FEWEST_PEOPLE) return { ok: false, why: 'too few people', people, fewest: FEWEST_PEOPLE };
  const span = monthSpan(month);
  const there = within({ ...records, personId: null }, span);
  const counted = there.rows.flatMap(({ row }) => row.came ?? []);
  // Of the group as a whole, and of that only: areas and sides of single people are none of an employer's business.
  const [tension] = tensionTrends({ ...there, measures: [] }).filter((t) => t.of === null);
  return {
    ok: true,
    span,
    people,
    done: doneOf(there).whole,
    led: {
      breaks: there.rows.length,
      minutes: Math.round(there.rows.reduce((sum, r) => sum + r.row.doneMs, 0) / 60_000),
      cameMean: counted.length === 0 ? null : counted.reduce((a, b) => a + b, 0) / counted.length,
    },
    tension: tension ?? null,
    runs,
    weeks: weeksOf(there.outcomes, tension, span.from),
  };
};

/** How the figures of the page were worked out, in a sentence that stands on it. */
export const METHOD =
  'Shares with the span in which they lie with 95 % confidence (Wilson), means likewise (Student’s t). The page holds no data of any person.';

const share = ({ value, low, high, n }: Estimate): string =>
  `${Math.round(100 * value)} %${low !== null && high !== null ? ` (of ${n}; with so many it could be ${Math.round(100 * low)} to ${Math.round(100 * high)} %)` : ''}`;

const TENSION_WORDS: Record<TensionTrend['verdict'], string> = {
  'too few': 'too few times to say what it did',
  'cannot be told apart from chance': 'which cannot be told apart from chance',
  'less than people notice': 'a change smaller than people usually notice',
  noticed: 'a change as large as people notice',
};

/** What was offered, done and measured, in sentences that claim no more than that. The instructor may change them. */
export const monthWords = (report: Extract<MonthReport, { ok: true }>, groupName: string): string[] => {
  const { people, done, led, tension, runs } = report;
  const down = tension?.downBy;
  return [
    `${groupName}: ${people} people.`,
    led.breaks === 0
      ? 'No break was led.'
      : `${led.breaks} break${led.breaks === 1 ? '' : 's'} led, ${led.minutes} min in all${led.cameMean === null ? '' : `, on average ${led.cameMean.toFixed(1)} people each`}.`,
    done.share
      ? `Of the planned breaks of which it is known what became of them, ${share(done.share)} were done.`
      : 'Of no planned break is it known what became of it.',
    ...(tension && down
      ? [
          `Tension as people rated it, 0 to 10, was ${Math.abs(down.value).toFixed(1)} points ${down.value < 0 ? 'higher' : 'lower'} after a break than before, on ${tension.pairs} occasion${tension.pairs === 1 ? '' : 's'}${sizeSpanText(down)}: ${TENSION_WORDS[tension.verdict]}. There was no group without breaks to compare with.`,
        ]
      : []),
    ...(runs
      ? [
          `Time at the desk beyond ${runs.limitMin} min at a stretch: ${Math.round(runs.overWith / runs.days)} min a day as it was planned and done, ${Math.round(runs.overWithout / runs.days)} min on the same days without any break.${runs.longestWith < runs.longestWithout ? ` The longest stretch was ${runs.longestWith} min instead of ${runs.longestWithout} min.` : ''}`,
        ]
      : []),
  ];
};

/** A week of the month in words: “6 of 9”, “6.2 before, 4.5 after”; a dash where nothing is known. */
export const weekWords = ({ done, of, before, after }: MonthWeek): { done: string; tension: string } => ({
  done: of === 0 ? '–' : `${done} of ${of}`,
  tension:
    before === null && after === null
      ? '–'
      : [
          ...(before === null ? [] : [`${before.toFixed(1)} before`]),
          ...(after === null ? [] : [`${after.toFixed(1)} after`]),
        ].join(', '),
});
