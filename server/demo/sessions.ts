import { advance, COUNT_IN_MS, readyToLead, skip, start, stop } from '@kotabi/core/lead';
import { moveLookup } from '@kotabi/core/library/all';
import { type Break, Session, type Side } from '@kotabi/core/model';
import { doneParts } from '@kotabi/core/record';
import { compileTimeline, resolveBreak } from '@kotabi/core/timing';
import { demoBreaks } from './breaks';

/** How one past session went: so many days ago, and what happened on the way. */
interface Past {
  daysAgo: number;
  hour: number;
  breakId: string;
  before: number | null;
  after: number | null;
  note?: string;
  /** Work cut short: the step, the side and how long it really took. */
  cut?: { stepId: string; side: Side; ms: number };
  /** Stopped so long after the start. */
  stopMs?: number;
}

const past: Past[] = [
  {
    daysAgo: 1,
    hour: 11,
    breakId: 'late-morning',
    before: 6,
    after: 4,
    note: 'Ilse: right side clearly tighter today.',
    cut: { stepId: 's8', side: 'right', ms: 9_000 },
  },
  { daysAgo: 2, hour: 15, breakId: 'between-meetings', before: 5, after: 4 },
  {
    daysAgo: 4,
    hour: 11,
    breakId: 'late-morning',
    before: 6,
    after: 5,
    note: 'Phone rang, stopped before the wrists.',
    stopMs: 262_000,
  },
  { daysAgo: 6, hour: 14, breakId: 'between-meetings', before: 4, after: 3 },
];

const record = (
  brk: Break,
  { before, after, note = '', cut, stopMs }: Past,
  index: number,
  startedAt: Date,
): Session => {
  const resolved = resolveBreak(brk, moveLookup());
  if (!resolved.ok) throw new Error('The demo break cannot be timed.');
  const timeline = compileTimeline(resolved.value);
  let now = 0;
  let lead = start(readyToLead(timeline), now);
  if (cut) {
    const part = timeline.parts.find(
      (p) => p.stepId === cut.stepId && p.side === cut.side && p.kind === 'work',
    );
    now = COUNT_IN_MS + (part?.startMs ?? 0) + cut.ms;
    lead = skip(timeline, lead, now);
  }
  now = stopMs ?? now + timeline.totals.totalMs + COUNT_IN_MS;
  lead = stopMs ? stop(timeline, lead, now) : advance(timeline, lead, now);
  return Session.parse({
    id: `demo-session-${index}`,
    breakId: brk.id,
    breakName: brk.name,
    groupId: 'timetable-desk',
    startedAt: startedAt.toISOString(),
    endedAt: new Date(startedAt.getTime() + lead.at).toISOString(),
    ended: stopMs ? 'stopped' : 'finished',
    parts: doneParts(timeline, lead),
    tensionBefore: before,
    tensionAfter: after,
    note,
  });
};

/** A few sessions of the days before today, worked out as if they had been led. */
export const demoSessions = (today: Date): Session[] =>
  past.map((p, i) => {
    const startedAt = new Date(today.getTime() - p.daysAgo * 86_400_000);
    startedAt.setUTCHours(p.hour, 3, 0, 0);
    return record(demoBreaks.find((b) => b.id === p.breakId) as Break, p, i + 1, startedAt);
  });
