import type { Limit, RoomLimit } from '../../model';
import type { FindingCode } from '..';
import type { BreakMore, Line } from './build';

/** Whom and what room a slip needs to be one. */
export interface With {
  limits?: readonly Limit[];
  room?: readonly RoomLimit[];
}

/** A break with one slip: what a careful colleague would remark on, and for whom. */
export type Slip = readonly [
  name: string,
  lines: readonly Line[],
  remark: readonly FindingCode[],
  more?: BreakMore,
  who?: With,
];

// What stands round a slip, so that nothing else is wrong with its break.
export const start: Line[] = ['sit-tall', 'slow-breaths'];
export const end: Line[] = ['shake-shoulders', 'arms-up-breath'];
export const neck = (...holds: Line[]): Line[] => [...start, 'chin-nod', ...holds, ...end];
export const wrists = (...holds: Line[]): Line[] => [
  ...start,
  'wrist-circles',
  ...holds,
  'shake-hands-out',
  'arms-up-breath',
];
