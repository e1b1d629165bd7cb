import { type Group, type Move, type MoveLookup, type Person, roomLimits, Thing } from '@kotabi/core/model';
import { answerFor } from '@kotabi/core/needs';

/** People and room a move must fit. */
export interface Fit {
  group: Group;
  people: readonly Person[];
}
/** What a chair may be like. */
export type Seat = 'castors' | 'arms' | 'highBack';

/** Whether a move suits the chairs that are asked for, and everyone of a group on some rung. */
export const suits = (f: { seat: Seat | null }, fit: Fit | null, lookup: MoveLookup) => {
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
    const room = { limits: [limit], things: Thing.options };
    const { verdict, care } = answerFor({ move }, { limits: [] }, room, lookup);
    return verdict === 'easier rung' || (verdict === 'fine' && care.every((c) => c.weight === 'care'));
  };
  return (move: Move): boolean => suitsSeat(move) && fits(move);
};
export type Suits = typeof suits;
