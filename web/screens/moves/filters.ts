import type {
  Area,
  Group,
  Kind,
  Move,
  MoveLookup,
  Muscle,
  Person,
  Position,
  Thing,
} from '@kotabi/core/model';
import { roomLimits } from '@kotabi/core/model';
import { answerFor } from '@kotabi/core/needs';

/** What the library is narrowed to; null or empty leaves a question open. */
export interface Filters {
  area: Area | null;
  muscle: Muscle | null;
  kind: Kind | null;
  positions: Position[];
  thing: Thing | null | 'nothing';
  discreet: 'call' | 'camera' | null;
  /** Chairs the move must suit. */
  seat: 'castors' | 'arms' | 'highBack' | null;
  /** Fits everyone of this group, on some rung. */
  groupId: string | null;
  own: boolean;
  /** Own moves that were put away, and nothing else. */
  away: boolean;
}

export const SEATED: Position[] = ['back', 'edge'];

export const noFilters: Filters = {
  area: null,
  muscle: null,
  kind: null,
  positions: SEATED,
  thing: null,
  discreet: null,
  seat: null,
  groupId: null,
  own: false,
  away: false,
};

/** People and room a move must fit. */
export interface Fit {
  group: Group;
  people: readonly Person[];
}

const FREE: readonly Thing[] = ['desk', 'chair'];

/** Moves that pass every filter that is set. */
export const filterMoves = (
  moves: readonly Move[],
  f: Filters,
  fit: Fit | null,
  lookup: MoveLookup,
  isOwn: (id: string) => boolean,
): Move[] => {
  const fits = (move: Move): boolean => {
    if (!fit) return true;
    const room = { limits: roomLimits(fit.group), things: fit.group.things };
    return fit.people.every((person) => {
      const { verdict } = answerFor({ move }, person, room, lookup);
      return verdict === 'fine' || verdict === 'easier rung';
    });
  };
  const suitsSeat = (move: Move): boolean => {
    if (!f.seat) return true;
    const limit = ({ castors: 'castors', arms: 'chair arms', highBack: 'high back' } as const)[f.seat];
    const { verdict, care } = answerFor({ move }, { limits: [] }, { limits: [limit], things: ALL }, lookup);
    return verdict === 'easier rung' || (verdict === 'fine' && care.every((c) => c.weight === 'care'));
  };
  return moves.filter(
    (m) =>
      (f.area === null || m.areas.includes(f.area)) &&
      (f.muscle === null || m.muscles.includes(f.muscle)) &&
      (f.kind === null || m.kind === f.kind) &&
      f.positions.some(
        (p) =>
          m.position === p ||
          (p !== 'back' &&
            p !== 'edge' &&
            m.alsoIn.includes(p) &&
            !SEATED.some((s) => f.positions.includes(s))),
      ) &&
      (f.thing === null ||
        (f.thing === 'nothing' ? m.things.every((t) => FREE.includes(t)) : m.things.includes(f.thing))) &&
      (f.discreet === null || m.discreet[f.discreet]) &&
      (!f.own || isOwn(m.id)) &&
      suitsSeat(m) &&
      fits(m),
  );
};
const ALL: Thing[] = [
  'desk',
  'chair',
  'strap',
  'ball',
  'towel',
  'cushion',
  'mat',
  'roll',
  'wall',
  'footrest',
];
