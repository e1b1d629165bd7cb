import type { Approach } from '../../model';
import { holdsRound, opensAny, opensChest, roundsBack } from '../../review/rules/order/chest-and-back';
import { SHORT_HOLD_MS } from '../../review/rules/order/mobilised';
import { bendOf, wantsOther } from '../../review/rules/sides/wrists';
import type { Candidate, CandidateDose } from '../candidate';
import { HOLDS_RUNNING, type LetGo, type LettingGo, OF_ONE_AREA } from '../let-go';
import type { SuggestRequest } from '../request';
import { minus, type Sheet, type Terms } from './sheet';

/** From such a slot on a muscle may be held by two moves. */
export const LONG_SLOT_SEC = 900;
/** From such a slot on, what is wanted is held on both sides. */
export const TWO_SIDED_SLOT_SEC = 180;
/** From such a slot on there is room for both sides to get what they are due, whatever else is held. */
export const ROOM_SLOT_SEC = 480;
/** So many holds of an area for each movement that readied it. Common practice, no source. */
export const HOLDS_A_MOVE = 2;

/**
 * Beyond so many holds the order of the body lets fewer follow each other: where one area ends in the middle of three, the
 * next one begins there. Common practice, no source.
 */
export const FEW_HOLDS = 5;
export const MANY_RUNNING = 1.5;

const holds = ({ move }: Candidate): boolean => move.kind === 'stretch';

/** From such a slot on what is wanted is moved by a movement of its own, not only by one that is mainly for another area. */
export const OWN_MOVER_SLOT_SEC = 240;

/** What is held is moved first, and moved enough; what is done standing can be readied on the seat, not the other way. */
const movedFirst = (sheet: Sheet, { targets, slotSec }: SuggestRequest): void => {
  const wanted = new Set(slotSec >= OWN_MOVER_SLOT_SEC ? targets.map((t) => t.area) : []);
  const movers = (c: Candidate): Terms => {
    const moves = (m: Candidate): boolean =>
      m.move.kind === 'mobilise' && m.move.areas.includes(c.area) && (c.stands || !m.stands);
    const own = wanted.has(c.area) ? sheet.those((m) => moves(m) && m.area === c.area) : [];
    return own.length > 0 ? own : sheet.those(moves);
  };
  // Where nothing moves an area, only short holds of it are left.
  sheet.needs((c, dose) => holds(c) && (dose.holdMs > SHORT_HOLD_MS || movers(c).length > 0), movers);
  for (const area of new Set(sheet.candidates.map((c) => c.area))) {
    const moves = sheet.those((m) => m.move.kind === 'mobilise' && m.move.areas.includes(area));
    if (moves.length === 0) continue;
    const held = sheet.those((c) => holds(c) && c.area === area);
    sheet.most(0, [...held, ...moves.map(([x, factor]) => [x, -HOLDS_A_MOVE * factor] as const)]);
  }
};

/** Held on one side, then on the other. */
export const holdsEach = ({ move }: Candidate): boolean =>
  move.kind === 'stretch' && move.ways.pattern === 'each' && move.ways.pair === 'side';

/**
 * An area that is held on one side and then on the other as often as not is not left to a hold of both at once, which takes less
 * time and would win for that alone.
 */
const sidesOfTheirOwn = (sheet: Sheet, { slotSec }: SuggestRequest): void => {
  if (slotSec < TWO_SIDED_SLOT_SEC) return;
  for (const area of new Set(sheet.candidates.map((c) => c.area))) {
    const own = sheet.candidates.filter((c) => holds(c) && c.area === area);
    const sided = own.filter(holdsEach).length;
    if (sided < own.length - sided) continue;
    const isBoth = (c: Candidate): boolean => holds(c) && c.area === area && !holdsEach(c);
    const isEach = (c: Candidate): boolean => c.area === area && holdsEach(c);
    if (slotSec < ROOM_SLOT_SEC) {
      // Where there is little room the main holds are those of its sides: what both do at once lasts no longer than they do.
      const sec = (_: Candidate, dose: CandidateDose): number => dose.leftSec;
      sheet.most(0, [...sheet.those(isBoth, sec), ...minus(sheet.those(isEach, sec))]);
    } else {
      const each = sheet.those(isEach);
      sheet.needs(isBoth, () => each);
    }
  }
};

/** What balances: chest opened and upper back rounded, wrists held one way and the other. */
const balanced = (sheet: Sheet): void => {
  for (const [first, second] of [
    [opensChest, (c: Candidate) => roundsBack(c.variant)],
    [holdsRound, (c: Candidate) => opensAny(c.move)],
  ] as const) {
    const others = sheet.those(second);
    sheet.needs(
      (c) => first(c.move),
      () => others,
    );
  }
  for (const way of ['up', 'down'] as const) {
    const other = way === 'up' ? 'down' : 'up';
    const others = sheet.those((c) => c.move.region === 'wrist' && bendOf(c)[other]);
    sheet.needs(
      (c) => wantsOther(c) && bendOf(c)[way] && !bendOf(c)[other],
      () => others,
    );
  }
};

/** The holds that pass, by their main muscle. */
const byMuscle = (sheet: Sheet, passes: (c: Candidate) => boolean): Terms[] => {
  const held = (c: Candidate): boolean => holds(c) && passes(c);
  const muscles = new Set(sheet.candidates.filter(held).flatMap((c) => c.move.muscles[0] ?? []));
  return [...muscles].map((muscle) => sheet.those((c) => held(c) && c.move.muscles[0] === muscle));
};

/**
 * How often something is let go between holds, as a column with the time each takes: after two of one area, after three of
 * any. Where nothing lets go there are no more holds than that.
 */
const letGoes = (sheet: Sheet, { slotSec }: SuggestRequest, letGo: LettingGo): Terms => {
  const areas = [...new Set(sheet.candidates.filter(holds).map((c) => c.area))];
  const count = (name: string, lasts: LetGo | null): number =>
    sheet.column({ name, cost: 0, lower: 0, upper: lasts ? sheet.candidates.length : 0, whole: true });
  const taken: [number, number][] = [];
  for (const area of areas) {
    const own = sheet.those((c) => holds(c) && c.area === area);
    const lasting = sheet.candidates
      .filter((c) => holds(c) && c.area === area)
      .map((c) => letGo(c.move.region, c.stands));
    const longest = lasting.includes(null)
      ? null
      : (lasting.sort((a, b) => (b?.lengthMs ?? 0) - (a?.lengthMs ?? 0))[0] ?? null);
    const x = count(`let go in ${area}`, longest);
    sheet.letGoColumns.set(area, x);
    sheet.most(OF_ONE_AREA, [...own, [x, -OF_ONE_AREA]]);
    // A muscle that is held twice is let go in between.
    if (slotSec > LONG_SLOT_SEC)
      for (const same of byMuscle(sheet, (c) => c.area === area)) sheet.most(1, [...same, [x, -1]]);
    taken.push([x, (longest?.lengthMs ?? 0) / 1000]);
  }
  const longestOfAll = Math.max(0, ...taken.map(([, sec]) => sec));
  const all = sheet.column({
    name: 'let go in all',
    cost: 0,
    lower: 0,
    upper: longestOfAll > 0 ? sheet.candidates.length : 0,
    whole: true,
  });
  // As often as the areas need it, and between them.
  sheet.most(0, [...taken.map(([x]) => [x, 1] as const), [all, -1]]);
  sheet.most(HOLDS_RUNNING, [...sheet.those(holds), [all, -HOLDS_RUNNING]]);
  sheet.most(FEW_HOLDS, [...sheet.those(holds), [all, -MANY_RUNNING]]);
  // One that is due for an area may come a hold earlier, after another one: each is charged as the longest.
  return [[all, longestOfAll]];
};

/** Everything about holds; answers what letting go between them takes, seconds. */
export const holdRules = (
  sheet: Sheet,
  request: SuggestRequest,
  { warmUp }: Pick<Approach, 'warmUp'>,
  letGo: LettingGo,
): Terms => {
  if (warmUp !== 'none') movedFirst(sheet, request);
  balanced(sheet);
  sidesOfTheirOwn(sheet, request);
  // One hold for a muscle, so that none is held twice running; two in a long break.
  const most = request.slotSec > LONG_SLOT_SEC ? 2 : 1;
  for (const same of byMuscle(sheet, () => true)) sheet.most(most, same);
  return letGoes(sheet, request, letGo);
};
