import {
  type Area,
  type Break,
  type Move,
  type MoveLookup,
  type Step,
  stepsOf,
  usualVariant,
  type Variant,
} from '../model';
import { opensAny, opensChest, roundsBack } from '../review/rules/order/chest-and-back';
import type { SuggestRequest } from './request';

/** Why a step is in a suggestion; the words are the interface's. */
export type Reason =
  | { code: 'frame'; part: 'settle' | 'breathe' | 'close' | 'release' }
  | { code: 'target'; area: Area }
  | { code: 'readies'; area: Area; for: string }
  | { code: 'balances'; move: string }
  | { code: 'announces' }
  | { code: 'fills'; area: Area };

interface Chosen {
  step: Step;
  move: Move;
  variant: Variant;
}

/** The reason of each step, by its id. */
export const reasonsOf = (brk: Break, request: SuggestRequest, lookup: MoveLookup): Map<string, Reason> => {
  const steps = stepsOf(brk).flatMap((step): Chosen[] => {
    const move = lookup(step.moveId);
    return move ? [{ step, move, variant: usualVariant(move, step.rung) }] : [];
  });
  const wanted = new Set(request.targets.map((t) => t.area));
  const holds = steps.filter(({ move }) => move.kind === 'stretch');
  const opener = holds.find(({ move }) => opensChest(move) && wanted.has('chest'));
  const reasonOf = ({ move, variant }: Chosen): Reason => {
    const [area = 'breath'] = move.areas;
    // Between holds something is let go, if only by a moment of rest.
    if (move.kind === 'pause' && !move.onlyWords) return { code: 'frame', part: 'release' };
    if (move.onlyWords) return { code: 'announces' };
    if (move.kind === 'settle' || move.kind === 'breathe' || move.kind === 'close' || move.kind === 'release')
      return { code: 'frame', part: move.kind };
    if (wanted.has(area)) return { code: 'target', area };
    const readied = holds.find(({ move: held }) => move.areas.includes(held.areas[0] as Area));
    if (move.kind === 'mobilise' && readied)
      return { code: 'readies', area: readied.move.areas[0] as Area, for: readied.move.name };
    if (opener && roundsBack(variant)) return { code: 'balances', move: opener.move.name };
    const rounder = holds.find(
      ({ move: held }) => held.areas[0] === 'upper back' && wanted.has('upper back'),
    );
    if (rounder && opensAny(move)) return { code: 'balances', move: rounder.move.name };
    return { code: 'fills', area };
  };
  return new Map(steps.map((at) => [at.step.id, reasonOf(at)]));
};
