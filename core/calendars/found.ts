/** One time of a calendar, as it will happen. */
export interface ReadTime {
  /** The same for the same event (and the same instance of a series) in every reading of its calendar. */
  key: string;
  /** Milliseconds since 1970 UTC; the end is not included. */
  startMs: number;
  endMs: number;
  allDay: boolean;
  show: 'busy' | 'tentative' | 'free';
  /** Null unless titles were asked for. */
  title: string | null;
}

/** Why a calendar cannot be read at all. */
export type CalendarProblem =
  | { code: 'tooLarge'; bytes: number; most: number }
  | { code: 'notCalendar'; reason: string }
  | { code: 'tooMany'; events: number; most: number };

/** Why one event of a calendar is left out. */
export type Skipped =
  | { code: 'unknownZone'; uid: string; zone: string }
  | { code: 'endless'; uid: string; most: number }
  | { code: 'badEvent'; uid: string; reason: string }
  | { code: 'badLine'; uid: ''; lines: number };

export type CalendarRead =
  | { ok: true; times: ReadTime[]; events: number; cancelled: number; skipped: Skipped[] }
  | { ok: false; problem: CalendarProblem };

export interface ReadOptions {
  /** Only what touches this stretch of time is given, ms since 1970 UTC. */
  fromMs: number;
  untilMs: number;
  /** Zone of times that name none. */
  zone: string;
  keepTitles: boolean;
}

/** Thrown where a calendar cannot be read at all. */
export class Unreadable extends Error {
  constructor(readonly problem: CalendarProblem) {
    super(problem.code);
  }
}
/** Thrown where one event has to be left out. */
export class Skip extends Error {
  constructor(readonly skipped: Skipped) {
    super(skipped.code);
  }
}
