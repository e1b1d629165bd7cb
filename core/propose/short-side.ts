import { otherSide, type Side } from '../model';
import { meanOf, signTest } from '../stats';
import type { Records } from '../trends';
import type { Proposal } from './proposal';

/** A side fell short where it got this much less of its plan than the other, and at least so many seconds. Common practice. */
export const SHORT_SHARE = 0.1;
export const SHORT_SEC = 5;
/** Rarer than this by chance: the sign test, one-sided. */
export const RARE = 0.05;

type Row = Records['rows'][number]['row'];
const missedOf = ({ ways }: Row, side: Side): number => ways[side].plannedMs - ways[side].doneMs;

/** The side, as said aloud, that fell short in a record; null where neither did. */
const shortIn = (row: Row): Side | null => {
  const { left, right } = row.ways;
  if (left.plannedMs === 0 || right.plannedMs === 0) return null;
  const by = left.doneMs / left.plannedMs - right.doneMs / right.plannedMs;
  if (Math.abs(by) < SHORT_SHARE) return null;
  const side: Side = by < 0 ? 'left' : 'right';
  return missedOf(row, side) >= SHORT_SEC * 1000 ? side : null;
};

/** The side that is short again and again: it is to go first. */
export const shortSide = ({ rows }: Records): Proposal[] => {
  const short = rows.flatMap(({ row }) => shortIn(row) ?? []);
  const left = short.filter((s) => s === 'left').length;
  const side: Side = left * 2 > short.length ? 'left' : 'right';
  const times = Math.max(left, short.length - left);
  if (signTest(times, short.length - times) > RARE) return [];
  const missed = rows.filter(({ row }) => shortIn(row) === side).map(({ row }) => missedOf(row, side));
  const each = Math.round(meanOf(missed) / 1000);
  return [
    {
      key: `first-side-${side}`,
      text: `Begin with the ${side}.`,
      why: `What was led to the ${side} got less than planned and less than the ${otherSide(side)} in ${times} of ${rows.length} breaks, about ${each} s each time.`,
      changes: `New and suggested breaks of this group begin with the ${side}: what goes first is not cut short.`,
      effect: { what: 'first side', side },
    },
  ];
};
