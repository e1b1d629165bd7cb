import { moveLookup } from '@kotabi/core/library/all';
import { Session, type Side } from '@kotabi/core/model';
import { doneParts } from '@kotabi/core/record';
import { compileTimeline, type ResolvedBreak, resolveBreak, type Timeline } from '@kotabi/core/timing';
import { demoBreaks } from './breaks';

const compiled = new Map<string, { resolved: ResolvedBreak; timeline: Timeline }>();

/** A demo break with its timeline. */
export const demoPlan = (breakId: string): { resolved: ResolvedBreak; timeline: Timeline } => {
  const known = compiled.get(breakId);
  if (known) return known;
  const brk = demoBreaks.find((b) => b.id === breakId);
  const resolved = brk && resolveBreak(brk, moveLookup());
  if (!resolved?.ok) throw new Error(`The demo break ${breakId} cannot be timed.`);
  const plan = { resolved: resolved.value, timeline: compileTimeline(resolved.value) };
  compiled.set(breakId, plan);
  return plan;
};

/** How a break went: what was cut short, how slowly it was spoken, where it stopped. */
export interface Went {
  breakId: string;
  /** The share of each hold that a side got; all of it where none is named. */
  share?: Partial<Record<Side, number>>;
  /** Words and changes took so many times as long as planned. */
  slower?: number;
  /** Stopped so long after its beginning. */
  stopMs?: number;
  /** One part of work that was cut to so long. */
  cut?: { stepId: string; side: Side; ms: number };
}

/** The record of a break that went like this, as if it had been led. */
export const ledSession = (
  { breakId, share = {}, slower = 1, stopMs = Number.POSITIVE_INFINITY, cut }: Went,
  startedAt: Date,
  more: Partial<Session> & Pick<Session, 'id'>,
): Session => {
  const { resolved, timeline } = demoPlan(breakId);
  let spent = 0;
  const doneMs = timeline.parts.map((part) => {
    const spoken = part.kind === 'say' || part.kind === 'change';
    const factor = spoken ? slower : part.kind === 'work' && part.side ? (share[part.side] ?? 1) : 1;
    const isCut = part.kind === 'work' && part.stepId === cut?.stepId && part.side === cut.side;
    const whole = isCut ? cut.ms : Math.round(part.lengthMs * factor);
    const done = Math.max(0, Math.min(whole, stopMs - spent));
    spent += done;
    return done;
  });
  return Session.parse({
    breakId,
    breakName: resolved.brk.name,
    groupId: 'timetable-desk',
    startedAt: startedAt.toISOString(),
    endedAt: new Date(startedAt.getTime() + spent).toISOString(),
    ended: spent >= stopMs ? 'stopped' : 'finished',
    parts: doneParts(resolved, timeline, { doneMs }),
    ...more,
  });
};
