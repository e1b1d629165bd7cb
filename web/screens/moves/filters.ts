import {
  type Area,
  type Kind,
  type Move,
  type MoveLookup,
  type Muscle,
  type Position,
  SEATED,
  type Thing,
} from '@kotabi/core/model';
import type { Fit, Seat, Suits } from './suits';

/** What the library is narrowed to; null or empty leaves a question open. */
export interface Filters {
  area: Area | null;
  muscle: Muscle | null;
  kind: Kind | null;
  positions: Position[];
  thing: Thing | null | 'nothing';
  discreet: 'call' | 'camera' | null;
  /** Chairs the move must suit. */
  seat: Seat | null;
  /** Fits everyone of this group, on some rung. */
  groupId: string | null;
  own: boolean;
  /** Own moves that were put away, and nothing else. */
  away: boolean;
}

/** Nearly every move is done on either: asked for alone, neither is looked for in what is possible as well. */
const USUAL: readonly Position[] = ['back', 'edge'];

export const noFilters: Filters = {
  area: null,
  muscle: null,
  kind: null,
  positions: [...SEATED],
  thing: null,
  discreet: null,
  seat: null,
  groupId: null,
  own: false,
  away: false,
};

const FREE: readonly Thing[] = ['desk', 'chair'];

/** Whether a filter asks who may do what: what answers that is heavy, and fetched when it is first asked. */
export const asksWhoMay = (f: Filters): boolean => f.seat !== null || f.groupId !== null;

/** Moves that pass every filter that is set; none while nobody is there to say who may do what, where that is asked. */
export const filterMoves = (
  moves: readonly Move[],
  f: Filters,
  fit: Fit | null,
  lookup: MoveLookup,
  isOwn: (id: string) => boolean,
  suits: Suits | null,
): Move[] => {
  if (asksWhoMay(f) && !suits) return [];
  const fitting = suits?.(f, fit, lookup);
  return moves.filter(
    (m) =>
      (f.area === null || m.areas.includes(f.area)) &&
      (f.muscle === null || m.muscles.includes(f.muscle)) &&
      (f.kind === null || m.kind === f.kind) &&
      f.positions.some(
        (p) =>
          m.position === p ||
          (!USUAL.includes(p) && m.alsoIn.includes(p) && !USUAL.some((s) => f.positions.includes(s))),
      ) &&
      (f.thing === null ||
        (f.thing === 'nothing' ? m.things.every((t) => FREE.includes(t)) : m.things.includes(f.thing))) &&
      (f.discreet === null || m.discreet[f.discreet]) &&
      (!f.own || isOwn(m.id)) &&
      (fitting?.(m) ?? true),
  );
};
