import type { Area, Milliseconds } from '../model';
import { isHeld, type PlacedStep, partsOf } from '../review/facts';
import { placedSteps, type ResolvedBreak, type Timeline } from '../timing';
import type { SuggestRequest } from './request';
import { mainKinds } from './weighed';

/** What a suggestion is like, beside the others. */
export interface Character {
  /** The wanted area that comes first; null where none of them is there. */
  first: Area | null;
  heldMs: Milliseconds;
  movedMs: Milliseconds;
  /** How many holds it has. */
  holds: number;
  /** How much of its work is mainly for each wanted area, as a share of all. */
  shares: readonly { area: Area; share: number }[];
  /** Where it ends standing up. */
  endsStanding: boolean;
  /** Names of the main moves: the holds first, and of these the one with most work. */
  moves: readonly string[];
}

/** What a break made for some areas is like: settling, breath, release and close are the same in all and do not count. */
export const characterOf = (
  { resolved, timeline }: { resolved: ResolvedBreak; timeline: Timeline },
  targets: SuggestRequest['targets'],
): Character => {
  const wanted = new Set(targets.map((t) => t.area));
  const kinds = mainKinds({ targets });
  const main = placedSteps(resolved).filter(({ move }) => kinds.includes(move.kind));
  const workOf = ({ step }: PlacedStep): Milliseconds =>
    partsOf(timeline, step.id).reduce((sum, part) => sum + (part.kind === 'work' ? part.lengthMs : 0), 0);
  const workMs = (held: boolean): Milliseconds =>
    main.filter((at) => isHeld(at) === held).reduce((sum, at) => sum + workOf(at), 0);
  const areas = main.map(({ move }) => move.areas.find((area) => wanted.has(area)));
  const all = main.reduce((sum, at) => sum + workOf(at), 0);
  const share = (area: Area): number =>
    main.reduce((sum, at) => sum + (at.move.areas[0] === area ? workOf(at) / all : 0), 0);
  return {
    first: areas.find((area) => area !== undefined) ?? null,
    heldMs: workMs(true),
    movedMs: workMs(false),
    holds: main.filter(isHeld).length,
    shares: [...wanted].map((area) => ({ area, share: share(area) })),
    endsStanding: main.at(-1)?.position === 'standing',
    moves: [...main]
      .sort((a, b) => Number(isHeld(b)) - Number(isHeld(a)) || workOf(b) - workOf(a))
      .map(({ move }) => move.name),
  };
};
