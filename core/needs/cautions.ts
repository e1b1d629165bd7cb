import type { Area, Variant } from '../model';
import { demandsOf } from './demands';
import type { Demand } from './shown';

/** What to mind where something is asked: the sentence, what asks for it, and of which moves. Common practice, no source. */
interface Caution {
  says: string;
  demands: readonly Demand[];
  /** Only for moves that are first of all for one of these areas. */
  of?: readonly Area[];
  /** Not where this is asked: there something else is meant. */
  not?: Demand;
}

const HAND: readonly Area[] = ['forearm', 'hand'];

/** In the order in which they are read: what may harm most comes first. */
const CAUTIONS: readonly Caution[] = [
  {
    says: 'Slowly, and never to pain. Dizzy, double vision, numb or tingling: stop and sit still.',
    demands: ['movement'],
    of: ['neck'],
  },
  { says: 'The weight of the hand at most; do not pull.', demands: ['hand weight on the head'] },
  {
    says: 'Lift the gaze only as far as the neck stays long; no dropping the head back.',
    demands: ['looking up', 'looking up while turned'],
  },
  {
    says: 'Stay off the front and the sides of the neck: arteries run there.',
    demands: ['hand at the neck'],
  },
  {
    says: 'Head low: keep your eyes open, come up slowly, and leave it out if it makes you dizzy.',
    demands: ['head low'],
  },
  { says: 'Breathe on while you work; do not press with held breath.', demands: ['effort', 'held breath'] },
  {
    says: 'Never force the breath. Light-headed: let it go back to normal.',
    demands: ['long breath out', 'breath leads'],
  },
  {
    says: 'Nobody has to close the eyes. Say how long it is, and end it so that it can be heard.',
    demands: ['eyes closed'],
  },
  {
    says: 'Brace the belly gently before you turn or fold, and move from the ribs.',
    demands: ['back turned', 'deep lean forward', 'hinge with a long back'],
  },
  { says: 'Nothing presses the belly: stop where there is room to breathe.', demands: ['belly pressed'] },
  {
    says: 'Arms only as far as the shoulder does not pinch.',
    demands: ['arms overhead', 'arm behind', 'arm across', 'weight on the hands'],
  },
  {
    says: 'Gently with the wrist. Tingling in the fingers means stop.',
    demands: ['wrist bent far', 'weight on the hands'],
  },
  { says: 'Gently with the wrist. Tingling in the fingers means stop.', demands: ['end of range'], of: HAND },
  {
    says: 'No twist on a bent knee; keep the foot of the crossed leg flexed.',
    demands: ['leg crossed'],
    not: 'on the floor',
  },
  {
    says: 'Bend only as far as the knees are quiet, and keep them over the feet.',
    demands: ['knee bent under load'],
  },
  { says: 'Not in a tight skirt: swap it beforehand.', demands: ['legs wide'] },
  {
    says: 'A chair that rolls is locked or wedged against the desk or the wall first.',
    demands: ['chair carries', 'sideways on the seat', 'edge of the seat'],
  },
  {
    says: 'Keep a hand on the desk or the chair; eyes clear before you stand.',
    demands: ['standing'],
  },
  {
    says: 'Roll to the side to get up, and wait before you stand.',
    demands: ['lying on the back', 'lying on the side'],
  },
  {
    says: 'Getting down to the floor and up takes time: say so before, and let a chair help.',
    demands: ['on the floor'],
  },
  {
    says: 'Press only as firmly as is pleasant, on muscle and never on bone.',
    demands: ['firm pressure'],
  },
];

/**
 * What to mind in a variant: what its demands say, what may harm most first, then what the move adds itself. Said to everyone; never a diagnosis.
 */
export const cautionsOf = (variant: Variant): string[] => {
  const { move } = variant;
  const demands = demandsOf(variant);
  const said = CAUTIONS.filter(
    ({ demands: asks, of, not }) =>
      asks.some((d) => demands.has(d)) &&
      !(not && demands.has(not)) &&
      (!of || of.includes(move.areas[0] as Area)),
  ).map(({ says }) => says);
  return [...new Set([...said, ...move.cautions])];
};
