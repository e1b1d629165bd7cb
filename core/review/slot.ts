import type { ReviewRule } from './finding';

/** A break this much shorter than its slot leaves people waiting. Common practice, no source. */
const SLACK_MS = 30_000;
const SLACK_SHARE = 0.15;

/** Over the slot by anything, or under it by more than 30 s and 15 %. */
export const slot: ReviewRule = ({ resolved: { brk }, timeline: { totals, parts } }) => {
  const slotMs = brk.slotSec * 1000;
  const leftMs = slotMs - totals.totalMs;
  if (leftMs < 0) {
    const late = parts.filter((p) => p.startMs + p.lengthMs > slotMs).map((p) => p.stepId);
    return [{ code: 'overSlot', weight: 'caution', stepIds: [...new Set(late)], overMs: -leftMs, slotMs }];
  }
  if (parts.length > 0 && leftMs > SLACK_MS && leftMs > slotMs * SLACK_SHARE)
    return [{ code: 'underSlot', weight: 'look', stepIds: [], leftMs, slotMs }];
  return [];
};
