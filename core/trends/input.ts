import type { Area, IsoDate, LogRow, Measure, Outcome, Span } from '../model';

/** A record with the day and the minute of its place on which it began. */
export interface DatedRow {
  date: IsoDate;
  startMin: number;
  row: LogRow;
}

/** A measure with its day. */
export interface DatedMeasure {
  date: IsoDate;
  measure: Measure;
}

/** What somebody said from their own page on a day: of their tension, and of a move at which something hurt. */
export interface Said {
  date: IsoDate;
  personId: string;
  before: number | null;
  after: number | null;
  hurtAt?: { moveId: string; moveName: string } | null;
}

/** Everything that trends and proposals of a group, or of a person of it, are worked out from. */
export interface Records {
  /** Null: of the group as a whole. */
  personId: string | null;
  rows: readonly DatedRow[];
  measures: readonly DatedMeasure[];
  outcomes: readonly Outcome[];
  /** Tension as people said it themselves when they answered. */
  said: readonly Said[];
  /** The areas its weeks are for; empty: none was named. */
  aims: readonly Area[];
}

const inSpan = ({ from, until }: Span, date: IsoDate): boolean => from <= date && date <= until;

/** What lies in a span of days. */
export const within = (records: Records, span: Span): Records => ({
  ...records,
  rows: records.rows.filter((r) => inSpan(span, r.date)),
  measures: records.measures.filter((m) => inSpan(span, m.date)),
  outcomes: records.outcomes.filter((o) => inSpan(span, o.date)),
  said: records.said.filter((s) => inSpan(span, s.date)),
});
