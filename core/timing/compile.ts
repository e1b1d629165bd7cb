import { type Break, type Milliseconds, type Move, otherSide, type Side } from '../model';
import { english } from '../words';
import { type LaidPart, Layout } from './layout';
import { ms } from './lengths';
import { nextWithin, type Within } from './next';
import type { Carried, Pass, Setting } from './pass';
import { isPauseStep, sharedSides, takesTurns } from './place';
import {
  isResolvedChain,
  type ResolvedBreak,
  type ResolvedChain,
  type ResolvedItem,
  type ResolvedStep,
} from './resolve';
import { addTotals, type Part, type Timeline, type Totals, totalsOf } from './timeline';

/** Names of the directions a step goes, in order; one nameless direction when the move has none. */
const directionsOf = ({ step, move }: ResolvedStep): (string | null)[] => {
  const names = move.ways.directions;
  if (!names) return [null];
  if (step.directions === 'both') return [...names];
  return [step.directions === 'first' ? names[0] : names[1]];
};

/** The sides of a two-way step or chain, in the order they are led. */
const sidesInOrder = (sides: 'both' | Side, first: Side): Side[] =>
  sides === 'both' ? [first, otherSide(first)] : [sides];

/** Work of one pass, all directions; the first direction's cue has been said already. */
const passWork = (out: Layout, p: Pass, last = true): void => {
  const directions = directionsOf(p.at);
  directions.forEach((direction, i) => {
    if (i > 0) out.again(p, 'direction', direction, true);
    out.sets(p, direction, i > 0, last && i === directions.length - 1);
  });
};

const layStep = (
  out: Layout,
  at: ResolvedStep,
  brk: Pick<Break, 'firstSide'>,
  chainId: string | null,
  lead?: Side,
): void => {
  const { step, move } = at;
  const directions = directionsOf(at);
  const [direction = null] = directions;
  const first = step.firstSide ?? lead ?? brk.firstSide;
  const start: Pass = { at, chainId, pass: 0, side: null };
  out.moveInto(start);
  if (move.onlyWords) out.say(start, direction);
  else if (move.ways.pattern === 'together') {
    out.say(start, direction);
    passWork(out, start);
  } else if (takesTurns(at)) {
    const leads = step.sides === 'both' ? first : step.sides;
    const turns: Pass = { ...start, inTurns: step.sides === 'both' };
    out.say({ ...turns, side: leads }, direction);
    directions.forEach((name, i) => {
      if (i > 0) out.again({ ...turns, side: leads }, 'direction', name, true);
      out.alternating(turns, leads, name, i > 0, i === directions.length - 1);
    });
  } else {
    sidesInOrder(step.sides, first).forEach((side, i) => {
      const p: Pass = { ...start, pass: i === 0 ? 0 : 1, side };
      if (i === 0) out.say(p, direction);
      else out.again(p, 'side', direction, true);
      passWork(out, p);
    });
  }
};

/** The way a link goes on one pass of its series: a turned one the other way, one without ways none. */
const wayOf = ({ step, move }: ResolvedStep, side: Side | null): Side | null => {
  if (move.ways.pattern === 'together' || side === null) return null;
  return step.turned ? otherSide(side) : side;
};

/** True for a link that is done on a pass: a pause and what has no ways always. */
const isDoneOn = (at: ResolvedStep, side: Side | null): boolean => {
  const way = wayOf(at, side);
  return way === null || at.step.sides === 'both' || at.step.sides === way;
};

const layBetween = (out: Layout, between: readonly ResolvedStep[], brk: Setting, chainId: string): void => {
  for (const at of between) {
    if (isPauseStep(at)) out.pauseBetween({ at, chainId, pass: 1, side: null });
    else layStep(out, at, brk, chainId);
  }
};

/**
 * A series side by side: full cues the first time, the short ones afterwards, one return a side, after the last link of the
 * last round. What stands between the sides is done once.
 */
const layChain = (out: Layout, { chain, links, between }: ResolvedChain, brk: Setting): void => {
  const first = chain.firstSide ?? brk.firstSide;
  const rounds = chain.rounds ?? 1;
  if (chain.nesting === 'link by link') {
    for (let round = 1; round <= rounds; round++)
      for (const link of links) {
        const sides = sharedSides(chain.sides, link.step.sides);
        if (isPauseStep(link)) {
          out.pauseBetween({ at: link, chainId: chain.id, pass: 0, side: null });
          continue;
        }
        if (sides === 'none') continue;
        const done = sides === link.step.sides ? link : { ...link, step: { ...link.step, sides } };
        layStep(out, done, brk, chain.id, first);
      }
    return;
  }
  const told = new Set<string>();
  const sided = links.some(({ move }) => move.ways.pattern !== 'together');
  const passes: (Side | null)[] = sided ? sidesInOrder(chain.sides, first) : [null];
  passes.forEach((side, i) => {
    if (i > 0) layBetween(out, between, brk, chain.id);
    const here = links.filter((link) => isDoneOn(link, side));
    const lastMove = here.findLastIndex((link) => !isPauseStep(link));
    for (let round = 1; round <= rounds; round++)
      here.forEach((at, n) => {
        const p: Pass = { at, chainId: chain.id, pass: i === 0 ? 0 : 1, side: wayOf(at, side) };
        if (isPauseStep(at)) {
          out.pauseBetween(p);
          return;
        }
        const [direction = null] = directionsOf(at);
        const changes = i > 0 && n === 0 && round === 1;
        out.moveInto(p);
        // A link that was left out on the first side has not been explained yet.
        if (told.has(at.step.id)) out.again(p, 'side', direction, changes);
        else out.say(p, direction, changes ? ms(brk.pace.changeSec) : 0);
        told.add(at.step.id);
        passWork(out, p, n === lastMove && round === rounds);
      });
  });
};

/** An item as it was laid out before, and everything that this came from. */
interface Laid {
  moves: readonly (Move | undefined)[];
  setting: Setting;
  carried: Carried;
  parts: LaidPart[];
  totals: Totals;
  within: Within;
  carries: Carried;
  /** Where it stood the last time. */
  placed?: { index: number; startMs: Milliseconds; follow: number | null; parts: readonly Part[] };
}
/** Editing keeps the items it does not touch, so what was laid out for them still holds. */
const laidBefore = new WeakMap<object, Laid>();

const movesOf = (item: ResolvedItem): (Move | undefined)[] =>
  (isResolvedChain(item) ? [...item.links, ...item.between] : [item]).flatMap((l) => [l.move, l.meanwhile]);

const holds = (before: Laid, item: ResolvedItem, setting: Setting, carried: Carried): boolean =>
  before.setting.pace === setting.pace &&
  before.setting.approach === setting.approach &&
  before.setting.say === setting.say &&
  before.setting.firstSide === setting.firstSide &&
  before.setting.wholeBreaths === setting.wholeBreaths &&
  before.carried.position === carried.position &&
  (before.carried.inHand === carried.inHand || before.carried.inHand.join() === carried.inHand.join()) &&
  (isResolvedChain(item)
    ? movesOf(item).every((move, i) => move === before.moves[i])
    : item.move === before.moves[0] && item.meanwhile === before.moves[1]);

const layItem = (item: ResolvedItem, setting: Setting, carried: Carried): Laid => {
  const key = isResolvedChain(item) ? item.chain : item.step;
  const before = laidBefore.get(key);
  if (before && holds(before, item, setting, carried)) return before;
  const out = new Layout(setting, carried);
  if (isResolvedChain(item)) layChain(out, item, setting);
  else layStep(out, item, setting, null);
  const laid: Laid = {
    moves: movesOf(item),
    setting,
    carried,
    parts: out.parts,
    totals: totalsOf(out.parts),
    within: nextWithin(out.parts),
    carries: out.carries,
  };
  laidBefore.set(key, laid);
  return laid;
};

/**
 * A part where it stands. Parts of a kind have few shapes between them, and an engine copies what has few shapes several times
 * as fast: so each kind that is there often is copied at a place of its own.
 */
const placedAt = (part: LaidPart, index: number, startMs: Milliseconds, next: number | null): Part => {
  if (part.kind === 'work') return { ...part, index, startMs, next };
  if (part.kind === 'say' || part.kind === 'return') return { ...part, index, startMs, next };
  return { ...part, index, startMs, next };
};

/** The parts of an item where they stand; those that stand where they stood are the same objects as before. */
const placeItem = (laid: Laid, index: number, startMs: number, follow: number | null): readonly Part[] => {
  const before = laid.placed;
  if (before && before.index === index && before.startMs === startMs && before.follow === follow)
    return before.parts;
  let now = startMs;
  const parts = laid.parts.map((part, i): Part => {
    const own = laid.within.next[i] ?? null;
    const placed = placedAt(part, index + i, now, own === null ? follow : index + own);
    now += part.lengthMs;
    return placed;
  });
  laid.placed = { index, startMs, follow, parts };
  return parts;
};

/**
 * Turns a break into its timeline: every part with start, length, kind, side, count, breath and words.
 * A break starts sitting back in the chair with nothing in hand.
 */
export const compileTimeline = ({ brk, items, approach, say = english }: ResolvedBreak): Timeline => {
  const { pace, firstSide, wholeBreaths } = brk;
  const setting: Setting = { pace, firstSide, wholeBreaths, approach, say };
  let carried: Carried = { position: 'back', inHand: [] };
  const laid: { at: Laid; index: number; startMs: number }[] = [];
  let index = 0;
  let startMs = 0;
  for (const item of items) {
    const at = layItem(item, setting, carried);
    laid.push({ at, index, startMs });
    carried = at.carries;
    index += at.parts.length;
    startMs += at.totals.totalMs;
  }
  // From the end, since what comes next is only known there.
  const byItem: (readonly Part[])[] = new Array(laid.length);
  let follow: number | null = null;
  for (let i = laid.length - 1; i >= 0; i--) {
    const { at, index, startMs } = laid[i] as (typeof laid)[number];
    byItem[i] = placeItem(at, index, startMs, follow);
    if (at.within.first !== null) follow = index + at.within.first;
  }
  const parts: Part[] = [];
  for (const own of byItem) for (const part of own) parts.push(part);
  return { parts, totals: addTotals(laid.map(({ at }) => at.totals)) };
};
