import { type Approach, type Break, defaultApproach, type MoveLookup } from '../model';
import {
  compileTimeline,
  type ResolvedBreak,
  type ResolveFailure,
  resolveBreak,
  type Timeline,
} from '../timing';
import type { Audience, Finding } from './finding';
import { type Judged, judged, review } from './review';

/** A break with everything that follows from it. */
export type Timed =
  | {
      ok: true;
      resolved: ResolvedBreak;
      timeline: Timeline;
      /** What is still open, in order of weight. */
      findings: Finding[];
      /** What was set aside, with its reason. */
      aside: Judged['aside'];
    }
  | { ok: false; failures: ResolveFailure[] };

/** Compiles and reviews a break; every screen and every service reads this. */
export const timed = (
  brk: Break,
  lookup: MoveLookup,
  approach: Approach = defaultApproach,
  audience: Audience | null = null,
): Timed => {
  const resolved = resolveBreak(brk, lookup, approach);
  if (!resolved.ok) return resolved;
  const timeline = compileTimeline(resolved.value);
  const found = review({ resolved: resolved.value, timeline, lookup, audience });
  const { open, aside } = judged(found, brk.aside);
  return { ok: true, resolved: resolved.value, timeline, findings: open, aside };
};
