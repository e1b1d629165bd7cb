import { regionOrder } from '../approach/order';
import { isOffered } from '../approach/propose';
import { bandOf, dosesOf } from '../fit';
import { stepOf } from '../library';
import {
  type Approach,
  type Area,
  Break,
  type Milliseconds,
  type Move,
  type MoveLookup,
  otherSide,
  type Position,
  type Step,
  type Thing,
  thingsOf,
  usualVariant,
  withAmount,
} from '../model';
import { answerFor } from '../needs';
import { type Audience, canAllDo, reviewAlone } from '../review';
import { CALM_RATIO } from '../review/rules/breath/calm';
import { type PartKind, timed, workMs } from '../timing';
import type { Candidate, CandidateDose } from './candidate';
import { MORE, MORE_REASON } from './more';
import type { SuggestRequest } from './request';
import { FRAME, WORKS, worthWeighing } from './weighed';

const IN_REACH: readonly Thing[] = ['desk', 'chair'];
const SEATS: readonly Position[] = ['back', 'edge'];
/** It takes no longer than this: it frames, it is not what the break is for. Common practice, no source. */
export const LONGEST_FRAME_SEC = 30;

export interface Setting {
  request: SuggestRequest;
  moves: readonly Move[];
  lookup: MoveLookup;
  approach: Approach;
  audience: Audience | null;
}

/** An empty break as it is asked for. */
export const emptyBreak = ({ request, approach }: Pick<Setting, 'request' | 'approach'>): Break => {
  const brk = Break.parse({
    id: 'suggested',
    name: 'Suggested',
    slotSec: request.slotSec,
    firstSide: request.firstSide,
    targets: request.targets.map((t) => t.area),
    items: [],
    ...(request.onCall && { onCall: true }),
    ...(request.calm && { calm: true }),
  });
  // Seated was asked for, whatever is usual.
  if (request.seatedOnly && approach.ending !== 'all seated') brk.approach = { ending: 'all seated' };
  if (request.calm) brk.pace.exhaleRatio = Math.max(brk.pace.exhaleRatio, CALM_RATIO);
  return brk;
};

/** What a dose of a step takes and gives; null where the review objects to it by itself. */
export const doseOf = (brk: Break, step: Step, usual: number, setting: Setting): CandidateDose | null => {
  const { lookup, moves: library, approach, audience } = setting;
  const time = timed({ ...brk, slotSec: 3600, items: [step] }, lookup, approach);
  if (!time.ok) return null;
  const { resolved, timeline } = time;
  if (reviewAlone({ resolved, timeline, lookup, library, audience }).length > 0) return null;
  const { parts, totals } = timeline;
  const lengthOf = (...kinds: readonly PartKind[]): Milliseconds =>
    parts.reduce((ms, p) => ms + (kinds.includes(p.kind) ? p.lengthMs : 0), 0);
  const work = parts.filter((p) => p.kind === 'work');
  return {
    step,
    amount: step.dose.amount,
    lengthMs: totals.totalMs - lengthOf('position', 'fetch'),
    leftSec: (totals.leftMs + totals.bothMs) / 1000,
    rightSec: (totals.rightMs + totals.bothMs) / 1000,
    holdMs: Math.max(0, ...work.map((p) => p.lengthMs)),
    workMs: lengthOf('work'),
    saidMs: lengthOf('say', 'change', 'note'),
    off: ((step.dose.amount - usual) / usual) ** 2,
  };
};

/** A step with an amount; where more of one side is wished for, a hold of one side after the other gives it there. */
const dosed = (step: Step, amount: number, move: Move, { moreSide }: SuggestRequest): Step => {
  const plain = { ...step, dose: withAmount(step.dose, amount) };
  const { ways } = move;
  if (!moreSide || move.kind !== 'stretch' || ways.pattern !== 'each' || ways.felt === 'both') return plain;
  const side = ways.felt === 'opposite' ? otherSide(moreSide) : moreSide;
  return { ...plain, uneven: { side, amount: amount + MORE[step.dose.measure], reason: MORE_REASON } };
};

/** How long the work of a step takes once, seconds. */
const usualSec = ({ dose }: Step, { pace }: Break): number => workMs(dose, dose.amount, pace, false) / 1000;

/** A move as it may be suggested: once, or not at all. */
export const candidateOf = (brk: Break, move: Move, setting: Setting): Candidate[] => {
  const { request, approach, audience, lookup } = setting;
  if (!isOffered(move, approach) || move.position === 'floor' || move.kind === 'pause') return [];
  if (request.avoidMoves.includes(move.id)) return [];
  const stands = move.position === 'standing';
  if (stands && request.seatedOnly) return [];
  if (WORKS.includes(move.kind) && move.areas.some((a) => request.avoid.includes(a))) return [];
  if (
    move.region === 'face' &&
    move.kind === 'massage' &&
    !request.targets.some((t) => t.area === move.areas[0])
  )
    return [];
  const step = stepOf(move, move.id, approach);
  if (audience) {
    const bare = answerFor({ move, rung: step.rung, dose: step.dose }, { limits: [] }, audience.room, lookup);
    if (bare.verdict === 'easier rung' && bare.rung !== undefined) step.rung = bare.rung;
  }
  // Only what everybody can do, on some rung.
  if (!canAllDo(move, step, audience)) return [];
  const variant = usualVariant(move, step.rung);
  const things = thingsOf(variant).filter((t) => !IN_REACH.includes(t));
  if (things.some((t) => !request.things.includes(t))) return [];
  const band = bandOf(step, move, brk.pace, approach);
  const frame = FRAME.includes(move.kind);
  // Only holds, and the breath of a calming break, are worth more than the usual.
  const more = move.kind === 'stretch' || (request.calm && (frame || move.kind === 'breathe'));
  const most = more ? band.most : band.usual;
  const doses = dosesOf({ ...band, most }).flatMap(
    (amount) => doseOf(brk, dosed(step, amount, move, request), band.usual, setting) ?? [],
  );
  if (doses.length === 0 || (frame && usualSec(step, brk) > LONGEST_FRAME_SEC)) return [];
  return [
    {
      move,
      step,
      variant,
      area: move.areas[0] as Area,
      doses,
      canSit: stands ? [] : [move.position, ...move.alsoIn].filter((p) => SEATS.includes(p)),
      stands,
      things,
    },
  ];
};

/** Every move that may be suggested, in the order in which a break goes through the body. */
export const candidatesFor = (setting: Setting): Candidate[] => {
  const brk = emptyBreak(setting);
  const order = regionOrder(setting.approach);
  const all = setting.moves.flatMap((move) => candidateOf(brk, move, setting));
  return worthWeighing(all, setting.request).sort(
    (a, b) => order.indexOf(a.move.region) - order.indexOf(b.move.region),
  );
};
