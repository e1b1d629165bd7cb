import { ofABody } from './a-body';
import { ofABreak } from './a-break';
import { ofAWeek } from './a-week';
import { ofChoosing } from './choosing';
import { ofTheReview } from './judging';
import { ofTheRecords } from './learning';
import type { ValueInUse } from './value';

export type { ValueInUse } from './value';

/** Every value in use, by the place it is used; each is read from where the program works with it. */
export const valuesInUse: readonly ValueInUse[] = [
  ...ofABreak,
  ...ofTheReview,
  ...ofChoosing,
  ...ofAWeek,
  ...ofTheRecords,
  ...ofABody,
];
