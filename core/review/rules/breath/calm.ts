import type { ReviewRule } from '../../finding';

/** To calm down the breath out is at least this many times as long as the breath in. Common practice, no source. */
export const CALM_RATIO = 2;

/** A calming break whose breath out is not clearly the longer one. */
export const calm: ReviewRule = ({ resolved: { brk } }) => {
  const ratio = brk.pace.exhaleRatio;
  if (!brk.calm || ratio >= CALM_RATIO) return [];
  const fix = { do: 'longer exhale', ratio: CALM_RATIO } as const;
  return [{ code: 'exhaleNotLonger', weight: ratio <= 1 ? 'caution' : 'look', stepIds: [], ratio, fix }];
};
