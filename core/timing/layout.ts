import { cueContext } from '../approach/cue-context';
import { type BreathCycle, breathCycle } from '../breath';
import { cuesOf, fetchWords, hasTokens, intoWords, resolveCue, wayName } from '../cues';
import { type Cues, type Dose, isOnFloor, otherSide, type Side, variantOf } from '../model';
import { besideWords, meanwhileOf } from './beside';
import { fetchMs, ms, paceOf, positionMs, repMs, sayMs, workMs } from './lengths';
import { type Line, opening, placeLines, type Span, type Wanted } from './lines';
import type { Carried, Pass, Setting } from './pass';
import { feltBy, isOneByOne, isPauseStep, positionOf, thingsOf } from './place';
import type { ResolvedStep } from './resolve';
import { type Spoken, wantedLines } from './spoken';
import type { Part, WorkPart } from './timeline';

/** A part before it is known where in the break it stands: its index, start and next mean nothing yet. */
export type LaidPart = Part;
type Own<T> = T extends Part
  ? Omit<T, 'index' | 'startMs' | 'next' | 'stepId' | 'moveName' | 'moveKind' | 'chainId' | 'pass' | 'way'>
  : never;

const NO_LINES: { lines: Line[]; dropped: Line[] } = { lines: [], dropped: [] };

/** Lays the parts of steps end to end, with their words. */
export class Layout {
  readonly parts: LaidPart[] = [];

  constructor(
    private readonly setting: Setting,
    private carried: Carried,
  ) {}

  /** The breath of a step: its own, else the break's. */
  private cycleOf({ step }: ResolvedStep): BreathCycle {
    return breathCycle(paceOf(step, this.setting.pace));
  }

  /** What the step after this one starts with. */
  get carries(): Carried {
    return this.carried;
  }

  private push(p: Pass, part: Own<Part>): void {
    if (part.lengthMs === 0) return;
    const { step, move } = p.at;
    // What the break fills in is there from the start, and before what differs by kind: so a copy takes a twentieth of the time.
    this.parts.push({
      index: 0,
      startMs: 0,
      next: null,
      stepId: step.id,
      moveName: move.name,
      moveKind: move.kind,
      chainId: p.chainId,
      pass: p.pass,
      way: part.side ? wayName(move, part.side, this.setting.say) : '',
      ...part,
    } as LaidPart);
  }

  /** Changes position and fetches things, as far as the step needs it. */
  moveInto(p: Pass): void {
    const { pace } = this.setting;
    const from = this.carried.position;
    const to = positionOf(p.at, from);
    // Whoever pauses keeps in hand what is there.
    const needs = isPauseStep(p.at) ? this.carried.inHand : thingsOf(p.at);
    const things = needs.filter((t) => !this.carried.inHand.includes(t) && t !== 'desk' && t !== 'chair');
    const none = { side: null, direction: null } as const;
    const shift = (): void => {
      const lengthMs = positionMs(from, to);
      const words = opening(
        'into',
        lengthMs > 0 ? intoWords(from, to, this.setting.say) : '',
        pace,
        lengthMs,
      );
      this.push(p, { kind: 'position', from, to, lengthMs, ...none, ...words });
    };
    const take = (): void => {
      const lengthMs = fetchMs(this.carried.inHand, needs);
      const words = opening('fetch', fetchWords(things, this.setting.say), pace, lengthMs);
      this.push(p, { kind: 'fetch', things, lengthMs, ...none, ...words });
    };
    // Whoever goes down to the floor has taken the mat before; the wall is gone to on one's feet.
    const before = isOnFloor(to) && !isOnFloor(from);
    for (const part of before ? [take, shift] : [shift, take]) part();
    this.carried = { position: to, inHand: needs };
  }

  /** The words of a step where one is now, its ways in turn or one by one. */
  private cues({ at: { move, step }, inTurns = false }: Pass): Cues {
    const variant = variantOf(move, step.rung, this.carried.position);
    return cuesOf(variant, isOneByOne({ move, inTurns }), this.setting.say);
  }

  /** A cue with the words of this pass. */
  private words(p: Pass, cue: string, direction: string | null, side = p.side): string {
    if (!hasTokens(cue)) return cue;
    return resolveCue(
      cue,
      cueContext(
        p.at.move,
        this.setting.approach,
        { side, direction, position: this.carried.position },
        this.setting.say,
      ),
    );
  }

  /** The full set-up of a side, or a note; `leastMs` when it also has to last as long as a change. */
  say(p: Pass, direction: string | null, leastMs = 0): void {
    const { step, move } = p.at;
    const { pace } = this.setting;
    const text =
      this.words(p, step.words ?? this.cues(p).say, direction) +
      besideWords(p, 'say', this.setting, this.carried.position);
    const lengthMs = Math.max(leastMs, sayMs(text, pace));
    const place = { lengthMs, side: p.side, direction };
    if (move.onlyWords) this.push(p, { kind: 'note', ...place, ...opening('note', text, pace, lengthMs) });
    else this.push(p, { kind: 'say', ...place, ...opening('say', text, pace, lengthMs) });
  }

  /** The short cue of a second side or direction, as long as the change takes when `change` is set. */
  again(p: Pass, to: 'side' | 'direction', direction: string | null, change: boolean): void {
    const { pace } = this.setting;
    const { again, turn } = this.cues(p);
    const cue = (to === 'side' ? again : turn) ?? '';
    const text =
      this.words(p, cue, direction) +
      (to === 'side' ? besideWords(p, 'again', this.setting, this.carried.position) : '');
    const lengthMs = Math.max(change ? ms(pace.changeSec) : 0, sayMs(text, pace));
    const spoken = opening(to === 'side' ? 'again' : 'turn', text, pace, lengthMs);
    this.push(p, { kind: 'change', to, lengthMs, side: p.side, direction, ...spoken });
  }

  private rest(p: Pass, set: number, direction: string | null): void {
    const { pace } = this.setting;
    const lengthMs = ms(pace.setRestSec);
    const place = { lengthMs, side: p.side, direction, set, sets: p.at.step.sets };
    this.push(p, { kind: 'rest', ...place, ...opening('rest', this.setting.say('setRest'), pace, lengthMs) });
  }

  /** All sets of one side in one direction; `last` when the way back follows them. */
  sets(p: Pass, direction: string | null, turned: boolean, last: boolean): void {
    const { step, move } = p.at;
    const { dose } = step;
    const pace = paceOf(step, this.setting.pace);
    const whole = step.wholeBreaths ?? this.setting.wholeBreaths;
    const second =
      direction !== null && direction === move.ways.directions?.[1] ? step.second?.amount : undefined;
    const amount = second ?? (p.side && step.uneven?.side === p.side ? step.uneven.amount : dose.amount);
    const lengthMs = workMs(dose, amount, pace, whole);
    const reps = dose.measure === 'reps' ? amount : null;
    const moreMs = dose.to === undefined ? 0 : Math.max(0, workMs(dose, dose.to, pace, whole) - lengthMs);
    const open = dose.measure === 'seconds' && dose.open === true;
    for (let set = 1; set <= step.sets; set++) {
      if (set > 1) this.rest(p, set, direction);
      const work: Own<WorkPart> = {
        kind: 'work',
        lengthMs,
        side: p.side,
        direction,
        set,
        sets: step.sets,
        felt: feltSide(p),
        reps,
        firstRep: reps === null ? null : 1,
        held: reps === null,
        breath: this.guided(p.at),
        ...(moreMs > 0 && { moreMs }),
        ...heldInside(dose),
        ...(open && { open }),
        ...meanwhileOf(p),
        ...NO_LINES,
      };
      this.run(p, [work], direction, { fresh: set === 1 && !turned, last: last && set === step.sets });
    }
    if (last) this.comeBack(p);
  }

  /** Repetitions that go from side to side, `first` leading; a side with more goes on alone. */
  alternating(p: Pass, first: Side, direction: string | null, turned: boolean, last: boolean): void {
    const { step } = p.at;
    const { dose, uneven, sides } = step;
    const count = (side: Side): number => {
      if (sides !== 'both' && sides !== side) return 0;
      return uneven?.side === side ? uneven.amount : dose.amount;
    };
    if (dose.measure !== 'reps') throw new Error('only repetitions go from side to side');
    const lengthMs = repMs(dose, paceOf(step, this.setting.pace));
    const moreMs = dose.to === undefined ? 0 : (dose.to - dose.amount) * lengthMs;
    const order: Side[] = [first, otherSide(first)];
    const ways = order.filter((side) => count(side) > 0).length;
    const rounds = Math.max(count('left'), count('right'));
    for (let set = 1; set <= step.sets; set++) {
      if (set > 1) this.rest({ ...p, side: null }, set, direction);
      const work: Own<WorkPart>[] = [];
      for (let rep = 1; rep <= rounds; rep++)
        for (const side of order.filter((s) => rep <= count(s)))
          work.push({
            kind: 'work',
            lengthMs,
            side,
            direction,
            set,
            sets: step.sets,
            felt: feltSide({ ...p, side }),
            reps: 1,
            firstRep: rep,
            held: false,
            breath: this.guided(p.at),
            ...heldInside(dose),
            ...(rep === 1 && side === order[0] && meanwhileOf({ ...p, side: null })),
            ...NO_LINES,
          });
      const end = work.at(-1);
      if (end && moreMs > 0) work[work.length - 1] = { ...end, moreMs: moreMs * ways };
      const lastAlone = ways > 1 && order.some((side) => count(side) < rounds);
      this.run(p, work, direction, {
        fresh: set === 1 && !turned,
        last: last && set === step.sets,
        lastAlone,
      });
    }
    if (last) this.comeBack(p);
  }

  /** Puts a run of work down with what is spoken during it; the way back is held until its turn. */
  private run(
    p: Pass,
    work: Own<WorkPart>[],
    direction: string | null,
    how: { fresh: boolean; last: boolean; lastAlone?: boolean },
  ): void {
    const { pace } = this.setting;
    let now = 0;
    const spans = work.map(({ lengthMs, side }): Span => {
      const span = { startMs: now, lengthMs, side };
      now += lengthMs;
      return span;
    });
    const { last } = how;
    const returnMs = last ? this.returnMs(p) : 0;
    const wanted = this.wanted(p, work, spans, direction, how);
    const { bySpan, dropped } = placeLines({ spans, returnMs, pace }, wanted);
    work.forEach((part, i) => {
      this.push(p, { ...part, lines: bySpan[i] ?? [], dropped: i === 0 ? dropped : [] });
    });
    this.backLines = last ? (bySpan[work.length] ?? []) : [];
  }

  private backLines: Line[] = [];

  private returnMs(p: Pass): number {
    return ms(p.at.move.returnSec ?? this.setting.pace.returnSec);
  }

  /** What a run should be spoken through with: all of it when it is new to a side, else only what keeps time. */
  private wanted(
    p: Pass,
    work: readonly Own<WorkPart>[],
    spans: readonly Span[],
    direction: string | null,
    { fresh, last, lastAlone }: { fresh: boolean; last: boolean; lastAlone?: boolean },
  ): Wanted[] {
    const cues = this.cues(p);
    // Where one way goes on alone, the last repetition is its own.
    const lastCue = lastAlone ? this.cues({ ...p, inTurns: false }).last : cues.last;
    const spoken: Spoken = {
      cues: { ...cues, last: this.lastOf(p.at, lastCue) },
      words: (cue, side) => this.words(p, cue, direction, side),
      cycleMs: this.cycleOf(p.at).cycleMs,
      counting: this.setting.approach.counting,
      say: this.setting.say,
    };
    return wantedLines(spoken, work, spans, { fresh, last });
  }

  /** The words for the end, of a repetition or of a hold, whichever it is: a move has them for what it usually is. */
  private lastOf({ step: { dose }, move }: ResolvedStep, last: string | undefined): string | undefined {
    const repeats = dose.measure === 'reps';
    if (last === undefined || repeats === (move.dose.usual.measure === 'reps')) return last;
    return this.setting.say(repeats && dose.repSec !== 'breath' ? 'onceMoreRep' : 'onceMoreBreath');
  }

  /** Back to neutral. */
  private comeBack(p: Pass): void {
    const lengthMs = this.returnMs(p);
    this.push(p, {
      kind: 'return',
      lengthMs,
      side: p.side,
      direction: null,
      lines: this.backLines,
      dropped: [],
    });
    this.backLines = [];
  }

  /** The breath is led through holds and through repetitions of one breath each; elsewhere it is free. */
  private guided(at: ResolvedStep): BreathCycle | null {
    const { dose } = at.step;
    // A hold inside a repetition, or half a breath, runs against the count of the breath: it is left free.
    const led = dose.measure !== 'reps' || (typeof dose.repSec === 'string' && dose.holdSec === undefined);
    return led ? this.cycleOf(at) : null;
  }

  /** A pause as part of a series: as long as it lasts, with its words in it, and nothing before or after. */
  pauseBetween(p: Pass): void {
    const { step, move } = p.at;
    this.moveInto(p);
    if (move.onlyWords) {
      this.say(p, null);
      return;
    }
    const pace = paceOf(step, this.setting.pace);
    const lengthMs = workMs(
      step.dose,
      step.dose.amount,
      pace,
      step.wholeBreaths ?? this.setting.wholeBreaths,
    );
    const text = this.words(p, step.words ?? this.cues(p).say, null);
    this.push(p, {
      kind: 'work',
      lengthMs,
      side: null,
      direction: null,
      set: 1,
      sets: 1,
      felt: 'both',
      reps: null,
      firstRep: null,
      held: true,
      breath: this.guided(p.at),
      ...opening('go', text, pace, lengthMs),
    });
  }
}

const heldInside = (dose: Dose): Pick<WorkPart, 'repHeldMs'> =>
  dose.measure === 'reps' && dose.holdSec !== undefined ? { repHeldMs: ms(dose.holdSec) } : {};

const feltSide = ({ at: { move }, side }: Pass): WorkPart['felt'] => feltBy(move, side);
