import type { ReviewRule } from '../../finding';

/** A break this much shorter than its slot leaves people waiting. Common practice, no source. */
export const SLACK_MS = 30_000;
export const SLACK_SHARE = 0.15;

/** What is left of a slot is so much that people would wait. */
export const leavesIdle = (leftMs: number, slotMs: number): boolean =>
  leftMs > SLACK_MS && leftMs > slotMs * SLACK_SHARE;

/** Over the slot by anything, or under it by more than 30 s and 15 %. */
export const slot: ReviewRule = ({ resolved: { brk }, timeline: { totals, parts } }) => {
  const slotMs = brk.slotSec * 1000;
  const leftMs = slotMs - totals.totalMs;
  const fix = { do: 'fit' } as const;
  if (leftMs < 0) {
    const late = parts.filter((p) => p.startMs + p.lengthMs > slotMs).map((p) => p.stepId);
    const stepIds = [...new Set(late)];
    return [{ code: 'overSlot', weight: 'caution', stepIds, overMs: -leftMs, slotMs, fix }];
  }
  if (parts.length > 0 && leavesIdle(leftMs, slotMs))
    return [{ code: 'underSlot', weight: 'look', stepIds: [], leftMs, slotMs, fix }];
  return [];
};
