import type { Finding, ReviewRule } from './finding';
import { placedSteps } from './places';

/** Breaks of a minute or less are one or two moves and need no frame. Common practice, no source. */
const SHORT_SLOT_SEC = 60;

/** A break begins by settling and ends with a close. */
export const frame: ReviewRule = ({ resolved }) => {
  const steps = placedSteps(resolved);
  if (steps.length === 0 || resolved.brk.slotSec <= SHORT_SLOT_SEC) return [];
  const has = (kind: string) => steps.some(({ move }) => move.kind === kind);
  const findings: Finding[] = [];
  if (!has('settle')) findings.push({ code: 'noSettle', weight: 'look', stepIds: [] });
  if (!has('close')) findings.push({ code: 'noClose', weight: 'look', stepIds: [] });
  return findings;
};
