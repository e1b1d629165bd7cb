import { type Approach, type Break, defaultApproach, type MoveLookup } from '../model';
import type { Say } from '../words';
import { compileTimeline } from './compile';
import { type ResolvedBreak, type ResolveFailure, resolveBreak } from './resolve';
import type { Timeline } from './timeline';

/** A break with its moves and its timeline, or why there is none. */
export type Timed =
  | { ok: true; resolved: ResolvedBreak; timeline: Timeline }
  | { ok: false; failures: ResolveFailure[] };

/**
 * Resolves and compiles a break: all that whoever needs its lengths and words has to ask for, in English or as `say` says it.
 * `approach` is the instructor's: what the break itself answers otherwise goes before it.
 */
export const timed = (
  brk: Break,
  lookup: MoveLookup,
  approach: Approach = defaultApproach,
  say?: Say,
): Timed => {
  const found = resolveBreak(brk, lookup, approach);
  if (!found.ok) return found;
  const resolved = say ? { ...found.value, say } : found.value;
  return { ok: true, resolved, timeline: compileTimeline(resolved) };
};
