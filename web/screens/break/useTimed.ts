import type { Break, MoveLookup } from '@kotabi/core/model';
import { type Finding, review } from '@kotabi/core/review';
import {
  compileTimeline,
  type ResolvedBreak,
  type ResolveFailure,
  resolveBreak,
  type Timeline,
} from '@kotabi/core/timing';
import { useMemo } from 'react';

/** A break with everything that follows from it; all screens read this. */
export type Timed =
  | { ok: true; resolved: ResolvedBreak; timeline: Timeline; findings: Finding[] }
  | { ok: false; failures: ResolveFailure[] };

export const timed = (brk: Break, lookup: MoveLookup): Timed => {
  const resolved = resolveBreak(brk, lookup);
  if (!resolved.ok) return resolved;
  const timeline = compileTimeline(resolved.value);
  return {
    ok: true,
    resolved: resolved.value,
    timeline,
    findings: review({ resolved: resolved.value, timeline }),
  };
};

/** The timeline and the findings of a break, worked out once for each state. */
export const useTimed = (brk: Break, lookup: MoveLookup): Timed =>
  useMemo(() => timed(brk, lookup), [brk, lookup]);
