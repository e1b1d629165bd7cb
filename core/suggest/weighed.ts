import type { Area, Kind, Milliseconds } from '../model';
import { holdsRound, opensAny, opensChest, roundsBack } from '../review/rules/order/chest-and-back';
import type { Candidate } from './candidate';
import type { SuggestRequest } from './request';

/** What frames a break. */
export const FRAME: readonly Kind[] = ['settle', 'close', 'release'];
const FRAMING: readonly Kind[] = [...FRAME, 'breathe'];
/** Of what frames a break so many of a kind are weighed: the shorter ones. More differ in nothing the search could see. */
export const FRAMES_WEIGHED = 4;
/** Of what only fills the slot so many of a kind are weighed for each area: what was not done lately, the shorter ones. */
export const FILLERS_WEIGHED = 3;
/** So many of each kind are weighed of what is there only to balance something else: a break needs one of them. */
export const BALANCING_WEIGHED = 3;
/** What is wanted could fill the slot so many times over: then nothing else is needed to fill it. */
export const PLENTY = 2;

const longest = ({ doses }: Candidate): Milliseconds => doses.at(-1)?.lengthMs ?? 0;
const shortest = ({ doses }: Candidate): Milliseconds => doses[0]?.lengthMs ?? 0;

/** The first few of each group, the shorter ones first; what comes later is taken only where there is nothing else. */
const fewOf = (
  all: readonly Candidate[],
  most: number,
  group: (c: Candidate) => string,
  later: (c: Candidate) => boolean = () => false,
): Set<Candidate> => {
  const taken = new Map<string, number>();
  const inOrder = [...all].sort((a, b) => Number(later(a)) - Number(later(b)) || shortest(a) - shortest(b));
  return new Set(
    inOrder.filter((c) => {
      const so = (taken.get(group(c)) ?? 0) + 1;
      taken.set(group(c), so);
      return so <= most;
    }),
  );
};

/** What needs its other side in the same break, and what that is: an opened chest a rounded back, and the reverse. */
const BALANCED: readonly (readonly [needs: (c: Candidate) => boolean, other: (c: Candidate) => boolean])[] = [
  [({ move }) => opensChest(move), ({ variant }) => roundsBack(variant)],
  [({ move }) => holdsRound(move), ({ move }) => opensAny(move)],
];

/** A few of what balances something else, where there is something to balance. */
const balancing = (all: readonly Candidate[], others: readonly Candidate[]): Set<Candidate> => {
  const taken = new Set<Candidate>();
  // What was taken for one may need the other.
  for (const [needs, other] of [...BALANCED, ...BALANCED])
    if ([...others, ...taken].some(needs))
      for (const c of fewOf(all.filter(other), BALANCING_WEIGHED, ({ move }) => move.kind)) taken.add(c);
  return taken;
};

/** True where the breath is all that is wanted: nothing else fills the slot. */
export const isOnlyBreath = ({ targets }: Pick<SuggestRequest, 'targets'>): boolean =>
  targets.length > 0 && targets.every((t) => t.area === 'breath');

/** What works on an area, and does not only frame a break. */
export const WORKS: readonly Kind[] = ['mobilise', 'stretch', 'activate', 'massage'];

/** What a break is made of, and not only framed with; where the breath is all that is wanted, breathing is. */
export const mainKinds = (request: Pick<SuggestRequest, 'targets'>): readonly Kind[] =>
  isOnlyBreath(request) ? [...WORKS, 'breathe'] : WORKS;

/** What lets go of an area is for one of these: nobody shakes the shoulders after holds of the leg. Common practice, no source. */
const LETS_GO: Readonly<Record<Area, readonly Area[]>> = {
  neck: ['neck', 'shoulder'],
  shoulder: ['shoulder'],
  'upper back': ['shoulder', 'upper back'],
  chest: ['shoulder', 'upper back'],
  'upper arm': ['shoulder'],
  side: ['shoulder', 'low back'],
  'low back': ['low back', 'hip'],
  hip: ['hip', 'leg'],
  leg: ['leg', 'hip'],
  foot: ['foot', 'leg'],
  forearm: ['forearm', 'hand'],
  hand: ['hand', 'forearm'],
  face: ['face', 'shoulder'],
  breath: ['shoulder', 'hand', 'breath'],
};

/** Only what lets go of something wanted, where there is such a thing. */
const releasesThatFit = (all: readonly Candidate[], request: SuggestRequest): readonly Candidate[] => {
  const wanted = new Set(request.targets.flatMap((t) => LETS_GO[t.area]));
  const fits = (c: Candidate): boolean => c.move.areas.some((a) => wanted.has(a));
  const releases = all.filter((c) => c.move.kind === 'release');
  return releases.some(fits) ? all.filter((c) => c.move.kind !== 'release' || fits(c)) : all;
};

/**
 * What is worth weighing: what is wanted, what readies or balances it, of the frame the shorter ones, and of everything else
 * a few of each kind and area, none where what is wanted fills the slot well over. It leaves the search a fraction of the
 * moves, and takes nothing good from it.
 */
export const worthWeighing = (offered: readonly Candidate[], request: SuggestRequest): Candidate[] => {
  const all = releasesThatFit(offered, request);
  const wanted = new Set(request.targets.map((t) => t.area));
  const frames = (c: Candidate): boolean => FRAMING.includes(c.move.kind);
  const serving = all.filter((c) => wanted.has(c.area) && !frames(c));
  const plenty = serving.reduce((ms, c) => ms + longest(c), 0) > PLENTY * request.slotSec * 1000;
  const needed = (c: Candidate): boolean =>
    wanted.has(c.area) || c.move.areas.some((a) => wanted.has(a) && c.move.kind === 'mobilise');
  const frame = fewOf(all.filter(frames), FRAMES_WEIGHED, (c) => c.move.kind);
  const fillers = fewOf(
    all.filter((c) => !frames(c) && !needed(c)),
    plenty || isOnlyBreath(request) ? 0 : FILLERS_WEIGHED,
    (c) => `${c.area} ${c.move.kind}`,
    (c) => request.lately.includes(c.move.id),
  );
  const main = all.filter((c) => !frames(c) && (needed(c) || fillers.has(c)));
  const balances = balancing(
    all.filter((c) => !frames(c) && !main.includes(c)),
    main,
  );
  const kept = new Set([...main, ...balances]);
  return all.filter((c) => {
    if (!frames(c)) return kept.has(c);
    // A breath or a close that is for a wanted area, and all of it in a calming break, is no mere frame.
    return request.calm || wanted.has(c.area) || frame.has(c);
  });
};
