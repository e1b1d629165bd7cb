import type { Frequency, Group, IsoDate } from '../model';
import type { Records } from '../trends';
import { complaints } from './complaints';
import { deadHours } from './dead-hour';
import { type PaceOf, runsOver } from './pace';
import type { Proposal } from './proposal';
import { rampGoesOn } from './ramp';
import { shortSide } from './short-side';
import { tighter } from './tighter';
import { unreached } from './unreached';

/** What proposals are worked out from, beside the records. */
export interface Around {
  group: Pick<Group, 'learned'>;
  paceOf: (breakId: string) => PaceOf | undefined;
  /** How often its latest week has breaks; null where there is none. */
  frequency: Frequency | null;
  today: IsoDate;
}

/** What to change next, by the records of a group: what was neither taken nor set aside yet, what hurt somebody first. */
export const proposalsOf = (records: Records, { group, paceOf, frequency, today }: Around): Proposal[] => {
  const answered = new Set(group.learned.map((l) => l.key));
  return [
    ...complaints(records),
    ...shortSide(records),
    ...deadHours(records),
    ...runsOver(records, paceOf),
    ...unreached(records),
    ...tighter(records),
    ...rampGoesOn(records, frequency, today),
  ].filter((p) => !answered.has(p.key));
};
