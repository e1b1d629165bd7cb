import type { Group, IsoDate } from '../model';
import { addDays, mondayOf, weekdayOf } from './dates';
import type { LocalNow } from './local-now';

/**
 * The Monday of the week in which a group works next: this one as long as any working hour of it is to come, else the one
 * after it. Days off do not count: a week that ends with one is looked at to its end.
 */
export const weekAhead = ({ days, hours }: Pick<Group, 'days' | 'hours'>, now: LocalNow): IsoDate => {
  const today = weekdayOf(now.date);
  const monday = mondayOf(now.date);
  const left = days.some((d) => d > today || (d === today && now.minute < hours.endMin));
  return left ? monday : addDays(monday, 7);
};
