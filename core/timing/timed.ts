import { type Approach, type Break, defaultApproach, type MoveLookup } from '../model';
import { compileTimeline } from './compile';
import { type ResolvedBreak, type ResolveFailure, resolveBreak } from './resolve';
import type { Timeline } from './timeline';

/** A break with its moves and its timeline, or why there is none. */
export type Timed =
  | { ok: true; resolved: ResolvedBreak; timeline: Timeline }
  | { ok: false; failures: ResolveFailure[] };

/** Resolves and compiles a break: all that whoever needs its lengths and words has to ask for. */
export const timed = (brk: Break, lookup: MoveLookup, approach: Approach = defaultApproach): Timed => {
  const resolved = resolveBreak(brk, lookup, approach);
  if (!resolved.ok) return resolved;
  return { ok: true, resolved: resolved.value, timeline: compileTimeline(resolved.value) };
};
