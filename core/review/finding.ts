import type { Side } from '../model';
import type { ResolvedBreak, Timeline } from '../timing';

/** How much a finding weighs: a caution should be seen to, the rest is worth a look. */
export type Weight = 'caution' | 'look';

/** What a careful colleague would notice, as data; the words are the interface's. */
export type Finding = { weight: Weight; stepIds: readonly string[] } & (
  | { code: 'overSlot'; overMs: number; slotMs: number }
  | { code: 'underSlot'; leftMs: number; slotMs: number }
  | { code: 'oneSideOnly'; move: string; missing: Side }
  | { code: 'unequalSides'; move: string; short: Side; byMs: number }
  | { code: 'oneDirectionOnly'; move: string; missing: string }
  | { code: 'notMobilised'; move: string; area: string; holdMs: number }
  | { code: 'noSettle' }
  | { code: 'noClose' }
  | { code: 'cueTooLong'; move: string; cueMs: number; roomMs: number; during: 'work' | 'set-up' }
);
export type FindingCode = Finding['code'];

/** What a rule looks at. */
export interface ReviewInput {
  resolved: ResolvedBreak;
  timeline: Timeline;
}

/** One small rule: looks at a break and says what it finds. */
export type ReviewRule = (input: ReviewInput) => Finding[];
