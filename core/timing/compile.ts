import { cueContext } from '../approach/words';
import { type BreathCycle, breathCycle } from '../breath';
import { againOf, resolveCue, sayOf } from '../cues';
import { type Approach, type Break, otherSide, type Position, rungOf, type Side, type Thing } from '../model';
import { fetchMs, ms, positionMs, repMs, sayMs, workMs } from './lengths';
import { isResolvedChain, type ResolvedBreak, type ResolvedChain, type ResolvedStep } from './resolve';
import { type Part, type PartKind, type Timeline, totalsOf } from './timeline';

/** Where a step stands while it is laid out. */
interface Pass {
  at: ResolvedStep;
  chainId: string | null;
  pass: 0 | 1;
  side: Side | null;
}

/** Lays parts end to end and keeps what carries over from step to step: position and things in hand. */
class Layout {
  readonly parts: Part[] = [];
  private nowMs = 0;
  private position: Position = 'back';
  private inHand: readonly Thing[] = [];
  private readonly cycle: BreathCycle;

  constructor(
    private readonly brk: Break,
    private readonly approach: Approach,
  ) {
    this.cycle = breathCycle(brk.pace);
  }

  private push(p: Pass, kind: PartKind, lengthMs: number, more: Partial<Part> = {}): void {
    if (lengthMs === 0) return;
    this.parts.push({
      index: this.parts.length,
      startMs: this.nowMs,
      lengthMs,
      kind,
      stepId: p.at.step.id,
      chainId: p.chainId,
      pass: p.pass,
      side: p.side,
      felt: null,
      direction: null,
      set: 1,
      reps: null,
      firstRep: null,
      breath: null,
      text: '',
      ...more,
    });
    this.nowMs += lengthMs;
  }

  /** Changes position and fetches things, as far as the step needs it. */
  moveInto(p: Pass): void {
    const { step, move } = p.at;
    const position = step.position ?? move.position;
    const things = [...move.things, ...(rungOf(move, step.rung)?.things ?? [])];
    this.push(p, 'position', positionMs(this.position, position));
    this.push(p, 'fetch', fetchMs(this.inHand, things));
    this.position = position;
    this.inHand = things;
  }

  /** A cue with the words of this pass. */
  private words(p: Pass, cue: string, direction: string | null): string {
    return resolveCue(cue, cueContext(p.at.move, this.approach, { side: p.side, direction }));
  }

  /** The full cue of a side. */
  say(p: Pass, direction: string | null): void {
    const text = this.words(p, p.at.step.words ?? sayOf(p.at.move, p.at.step.rung), direction);
    this.push(p, 'say', sayMs(text, this.brk.pace), { text, direction });
  }

  /** The short cue of a second side or direction, as long as the change takes when `change` is set. */
  again(p: Pass, cue: 'again' | 'turn', direction: string | null, change: boolean): void {
    const { pace } = this.brk;
    const { move, step } = p.at;
    const text = this.words(
      p,
      cue === 'again' ? againOf(move, step.rung) : (move.cues.turn ?? ''),
      direction,
    );
    const lengthMs = Math.max(change ? ms(pace.changeSec) : 0, sayMs(text, pace));
    this.push(p, 'change', lengthMs, { text, direction });
  }

  /** All sets of one side in one direction. */
  sets(p: Pass, direction: string | null): void {
    const { step } = p.at;
    const { pace } = this.brk;
    const whole = step.wholeBreaths ?? this.brk.wholeBreaths;
    const amount = p.side && step.uneven?.side === p.side ? step.uneven.amount : step.dose.amount;
    const lengthMs = workMs(step.dose, amount, pace, whole);
    const reps = step.dose.measure === 'reps' ? amount : null;
    for (let set = 1; set <= step.sets; set++) {
      if (set > 1) this.push(p, 'rest', ms(pace.setRestSec), { set, direction });
      this.push(p, 'work', lengthMs, {
        set,
        direction,
        felt: feltSide(p),
        reps,
        firstRep: reps === null ? null : 1,
        breath: this.guided(p.at),
      });
    }
  }

  /** Repetitions that go from side to side, `first` leading; a side with more goes on alone. */
  alternating(p: Pass, first: Side, direction: string | null): void {
    const { step } = p.at;
    const { dose, uneven, sides } = step;
    const count = (side: Side): number => {
      if (sides !== 'both' && sides !== side) return 0;
      return uneven?.side === side ? uneven.amount : dose.amount;
    };
    const eachMs =
      dose.measure === 'reps' ? repMs(dose.repSec, this.brk.pace) : workMs(dose, 1, this.brk.pace, false);
    const order: Side[] = [first, otherSide(first)];
    const rounds = Math.max(count('left'), count('right'));
    for (let set = 1; set <= step.sets; set++) {
      if (set > 1) this.push(p, 'rest', ms(this.brk.pace.setRestSec), { set, direction });
      for (let rep = 1; rep <= rounds; rep++)
        for (const side of order.filter((s) => rep <= count(s))) {
          const here = { ...p, side };
          const more = { set, direction, felt: feltSide(here), reps: 1, firstRep: rep };
          this.push(here, 'work', eachMs, { ...more, breath: this.guided(p.at) });
        }
    }
  }

  /** Back to neutral. */
  comeBack(p: Pass): void {
    const { move } = p.at;
    const text = this.words(p, move.cues.back, null);
    this.push(p, 'return', ms(move.returnSec ?? this.brk.pace.returnSec), { text });
  }

  /** The breath is led through holds and through repetitions of one breath each; elsewhere it is free. */
  private guided({ step: { dose } }: ResolvedStep): BreathCycle | null {
    return dose.measure !== 'reps' || dose.repSec === 'breath' ? this.cycle : null;
  }
}

const feltSide = ({ at: { move }, side }: Pass): Part['felt'] => {
  if (move.ways.pattern === 'together' || side === null || move.ways.felt === 'both') return 'both';
  return move.ways.felt === 'same' ? side : otherSide(side);
};

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
const passWork = (out: Layout, p: Pass): void => {
  directionsOf(p.at).forEach((direction, i) => {
    if (i > 0) out.again(p, 'turn', direction, true);
    out.sets(p, direction);
  });
};

const layStep = (out: Layout, at: ResolvedStep, brk: Break, chainId: string | null, lead?: Side): void => {
  const { step, move } = at;
  const [direction = null] = directionsOf(at);
  const first = step.firstSide ?? lead ?? brk.firstSide;
  const start: Pass = { at, chainId, pass: 0, side: null };
  out.moveInto(start);
  if (move.onlyWords) out.say(start, direction);
  else if (move.ways.pattern === 'together') {
    out.say(start, direction);
    passWork(out, start);
    out.comeBack(start);
  } else if (move.ways.pattern === 'alternate') {
    const leads = step.sides === 'both' ? first : step.sides;
    out.say({ ...start, side: leads }, direction);
    directionsOf(at).forEach((name, i) => {
      if (i > 0) out.again({ ...start, side: leads }, 'turn', name, true);
      out.alternating(start, leads, name);
    });
    out.comeBack(start);
  } else {
    sidesInOrder(step.sides, first).forEach((side, i) => {
      const p: Pass = { ...start, pass: i === 0 ? 0 : 1, side };
      if (i === 0) out.say(p, direction);
      else out.again(p, 'again', direction, true);
      passWork(out, p);
      out.comeBack(p);
    });
  }
};

/** A series side by side: full cues on the first side, the short ones on the second, one return a side. */
const layChain = (out: Layout, { chain, links }: ResolvedChain, brk: Break): void => {
  const first = chain.firstSide ?? brk.firstSide;
  if (chain.nesting === 'link by link') {
    for (const link of links) layStep(out, withSides(link, chain.sides), brk, chain.id, first);
    return;
  }
  sidesInOrder(chain.sides, first).forEach((side, i) => {
    const passLinks = links.filter(({ step }) => step.sides === 'both' || step.sides === side);
    passLinks.forEach((at, n) => {
      const p: Pass = { at, chainId: chain.id, pass: i === 0 ? 0 : 1, side };
      const [direction = null] = directionsOf(at);
      out.moveInto(p);
      if (i === 0) out.say(p, direction);
      else out.again(p, 'again', direction, n === 0);
      passWork(out, p);
      if (n === passLinks.length - 1) out.comeBack(p);
    });
  });
};

const withSides = (link: ResolvedStep, sides: 'both' | Side): ResolvedStep =>
  sides === 'both' ? link : { ...link, step: { ...link.step, sides } };

/**
 * Turns a break into its timeline: every part with start, length, kind, side, count, breath and words.
 * A break starts sitting back in the chair with nothing in hand.
 */
export const compileTimeline = ({ brk, items, approach }: ResolvedBreak): Timeline => {
  const out = new Layout(brk, approach);
  for (const item of items)
    if (isResolvedChain(item)) layChain(out, item, brk);
    else layStep(out, item, brk, null);
  return { parts: out.parts, totals: totalsOf(out.parts) };
};
