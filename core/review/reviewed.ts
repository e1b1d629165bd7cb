import type { Shelf } from '../library';
import { type Approach, type Break, defaultApproach } from '../model';
import { type Timed, timed } from '../timing';
import type { Audience, Finding } from './finding';
import { type Judged, judged, review } from './review';

/** A break with its timeline and what the review finds in it. */
export type Reviewed =
  | (Extract<Timed, { ok: true }> & {
      /** What is still open, in order of weight. */
      findings: Finding[];
      /** What was set aside, with its reason. */
      aside: Judged['aside'];
    })
  | Extract<Timed, { ok: false }>;

/** Compiles and reviews a break for a group or for nobody in particular. */
export const reviewed = (
  brk: Break,
  { library, lookup }: Pick<Shelf, 'library' | 'lookup'>,
  approach: Approach = defaultApproach,
  audience: Audience | null = null,
): Reviewed => {
  const time = timed(brk, lookup, approach);
  if (!time.ok) return time;
  const { resolved, timeline } = time;
  const { open, aside } = judged(review({ resolved, timeline, lookup, library, audience }), brk.aside);
  return { ...time, findings: open, aside };
};
