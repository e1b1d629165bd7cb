import type { PersonLimit, ReachKind } from '../model';
import { needRules } from '../needs';
import { isNear, placeOf } from '../needs/near';
import { REACHES } from './kinds';

/** Whether a reach may be taken of somebody, and with what care. */
export interface ReachAnswer {
  may: boolean;
  /** Why not, or what to be careful with: phrases that name no condition. */
  why: readonly string[];
}

/**
 * What a person's limits say to a reach. Taking a measure goes as far as somebody can go, so that what a step would do on an
 * easier rung is not done at all here; what is near a recent surgery or was stopped by a doctor is left out.
 */
export const mayTake = (kind: ReachKind, limits: readonly PersonLimit[]): ReachAnswer => {
  const { asks, area } = REACHES[kind];
  const met = limits.flatMap((l) => {
    const asked = l.limit === 'recent surgery' || l.stopped;
    const places = l.at ? [l.at] : placeOf(l.limit);
    if (asked && isNear([area], places))
      return [{ weight: 'avoid', why: 'ask a doctor or physiotherapist first' }];
    return needRules.filter(
      (r) => r.limit === l.limit && asks.includes(r.demand) && (!r.areas || r.areas.includes(area)),
    );
  });
  const serious = met.filter((m) => m.weight !== 'care');
  const list = serious.length > 0 ? serious : met;
  return { may: serious.length === 0, why: [...new Set(list.map((m) => m.why))] };
};
