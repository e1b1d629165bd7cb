import { dosesOf, type StepBand } from '../fit';
import type { Kind, Milliseconds } from '../model';
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
/** What is wanted could fill the slot so many times over: then nothing else is needed to fill it. */
export const PLENTY = 2;
/** Up to such a slot every dose is weighed, since every five seconds tell in it; beyond it four of each move do. */
export const ALL_DOSES_SLOT_SEC = 180;

/**
 * The doses of a move that are worth weighing, the least first: the ends of its band, the usual one and what lies between
 * that and the most; in a short slot every one.
 */
export const dosesWeighed = (band: StepBand, { slotSec }: Pick<SuggestRequest, 'slotSec'>): number[] => {
  const { least, usual, most } = band;
  const all = dosesOf(band);
  const further = all.filter((amount) => amount > usual);
  const between = further[Math.floor((further.length - 1) / 2)] ?? usual;
  const some = slotSec <= ALL_DOSES_SLOT_SEC ? all : [usual, between];
  return [...new Set([least, ...some, most])].sort((a, b) => a - b);
};

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

/** What balances something else: the other side of an opened chest and of a rounded back. */
const balances = ({ move, variant }: Candidate): boolean =>
  opensChest(move) || roundsBack(variant) || holdsRound(move) || opensAny(move);

/**
 * What is worth weighing: what is wanted, what readies or balances it, of the frame the shorter ones, and of everything else
 * a few of each kind and area, none where what is wanted fills the slot well over. It leaves the search a fraction of the
 * moves, and takes nothing good from it.
 */
export const worthWeighing = (all: readonly Candidate[], request: SuggestRequest): Candidate[] => {
  const wanted = new Set(request.targets.map((t) => t.area));
  const frames = (c: Candidate): boolean => FRAMING.includes(c.move.kind);
  const serving = all.filter((c) => wanted.has(c.area) && !frames(c));
  const plenty = serving.reduce((ms, c) => ms + longest(c), 0) > PLENTY * request.slotSec * 1000;
  const needed = (c: Candidate): boolean =>
    wanted.has(c.area) ||
    c.move.areas.some((a) => wanted.has(a) && c.move.kind === 'mobilise') ||
    balances(c);
  const frame = fewOf(all.filter(frames), FRAMES_WEIGHED, (c) => c.move.kind);
  const fillers = fewOf(
    all.filter((c) => !frames(c) && !needed(c)),
    plenty ? 0 : FILLERS_WEIGHED,
    (c) => `${c.area} ${c.move.kind}`,
    (c) => request.lately.includes(c.move.id),
  );
  return all.filter((c) => {
    if (!frames(c)) return needed(c) || fillers.has(c);
    // A breath or a close that is for a wanted area, and all of it in a calming break, is no mere frame.
    return request.calm || wanted.has(c.area) || frame.has(c);
  });
};
