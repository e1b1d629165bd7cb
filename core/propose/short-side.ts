import { otherSide, type Side } from '../model';
import { signTest } from '../stats';
import type { Records } from '../trends';
import type { Proposal } from './proposal';

/** A side fell short where it got this much less of its plan than the other, and at least so many seconds. Common practice. */
export const SHORT_SHARE = 0.1;
export const SHORT_SEC = 5;
/** Rarer than this by chance: the sign test, one-sided. */
export const RARE = 0.05;

/** The side that fell short in a record; null where neither did, or where both were not planned alike. */
const shortIn = ({ row }: Records['rows'][number]): Side | null => {
  const { leftPlannedMs, rightPlannedMs, leftDoneMs, rightDoneMs } = row;
  if (leftPlannedMs === 0 || rightPlannedMs === 0) return null;
  const left = leftDoneMs / leftPlannedMs;
  const right = rightDoneMs / rightPlannedMs;
  if (Math.abs(left - right) < SHORT_SHARE) return null;
  const side: Side = left < right ? 'left' : 'right';
  const missed = side === 'left' ? leftPlannedMs - leftDoneMs : rightPlannedMs - rightDoneMs;
  return missed >= SHORT_SEC * 1000 ? side : null;
};

/** The side that is short again and again: it is to go first. */
export const shortSide = ({ rows }: Records): Proposal[] => {
  const short = rows.flatMap((r) => shortIn(r) ?? []);
  const left = short.filter((s) => s === 'left').length;
  const side: Side = left * 2 > short.length ? 'left' : 'right';
  const times = Math.max(left, short.length - left);
  if (signTest(times, short.length - times) > RARE) return [];
  const mine = rows.filter((r) => shortIn(r) === side);
  const missed = mine.map(({ row }) =>
    side === 'left' ? row.leftPlannedMs - row.leftDoneMs : row.rightPlannedMs - row.rightDoneMs,
  );
  const each = Math.round(missed.reduce((sum, ms) => sum + ms, 0) / missed.length / 1000);
  return [
    {
      key: `first-side-${side}`,
      text: `Begin with the ${side}.`,
      why: `The ${side} got less than planned and less than the ${otherSide(side)} in ${times} of ${rows.length} breaks, about ${each} s each time.`,
      changes: `New and suggested breaks of this group begin with the ${side}: what goes first is not cut short.`,
      effect: { what: 'first side', side },
    },
  ];
};
