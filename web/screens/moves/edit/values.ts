import type { BreathRep, Motion, Move, Rung } from '@kotabi/core/model';

/** A move as the form holds it: flat, with lists as lists and lines as text. */
export interface Values {
  name: string;
  otherNames: string[];
  purpose: string;
  kind: Move['kind'];
  region: Move['region'];
  areas: Move['areas'];
  muscles: Move['muscles'];
  holding: Move['holding'];
  position: Move['position'];
  things: Move['things'];
  space: Move['space'];
  alsoIn: Move['alsoIn'];
  asks: Move['asks'];
  seen: ('call' | 'camera')[];
  instead: string[];
  balancedBy: string[];
  onlyWhenAsked: boolean;
  returnSec: number | null;
  pattern: Move['ways']['pattern'];
  pair: string;
  felt: string;
  moves: string;
  directions: string[];
  measure: Move['dose']['usual']['measure'];
  least: number | null;
  usual: number | null;
  most: number | null;
  repSec: number | null;
  /** The breaths of a repetition; null where it goes by seconds. */
  breathReps: BreathRep | null;
  going: Move['breath']['going'];
  say: string;
  again: string;
  turn: string;
  go: string;
  feel: string;
  check: string;
  breathe: string;
  last: string;
  back: string;
  cautions: string;
}

const TWO = { pair: 'side', felt: 'same', moves: '' };

/** Takes a move apart for the form. */
export const toValues = (m: Move): Values => {
  const { usual } = m.dose;
  const two = m.ways.pattern === 'together' ? TWO : { ...m.ways, moves: m.ways.moves ?? '' };
  return {
    ...m,
    seen: (['call', 'camera'] as const).filter((k) => m.discreet[k]),
    returnSec: m.returnSec ?? null,
    pattern: m.ways.pattern,
    pair: two.pair,
    felt: two.felt,
    moves: two.moves,
    directions: m.ways.directions ?? [],
    measure: usual.measure,
    least: m.dose.least,
    usual: usual.amount,
    most: m.dose.most,
    repSec: usual.measure === 'reps' && typeof usual.repSec === 'number' ? usual.repSec : 4,
    breathReps: usual.measure === 'reps' && typeof usual.repSec === 'string' ? usual.repSec : null,
    going: m.breath.going,
    say: m.cues.say,
    again: m.cues.again ?? '',
    turn: m.cues.turn ?? '',
    go: m.cues.go ?? '',
    feel: m.cues.feel,
    check: m.cues.check,
    breathe: m.cues.breathe ?? '',
    last: m.cues.last ?? '',
    back: m.cues.back,
    cautions: m.cautions.join('\n'),
  };
};

const given = (text: string): string | undefined => (text.trim() === '' ? undefined : text.trim());

/** Puts the form's values back into a move; what the form does not show stays as it was. The schema judges it. */
export const fromValues = (
  base: Move,
  v: Values,
  figure: Motion,
  { rungs, usualRung }: { rungs: Rung[]; usualRung?: string },
): unknown => {
  const { breath, usualRung: _, returnSec: __, ...rest } = base;
  const directions = v.directions.length === 0 ? {} : { directions: v.directions };
  const ways =
    v.pattern === 'together'
      ? { pattern: v.pattern, ...directions }
      : { pattern: v.pattern, pair: v.pair, felt: v.felt, moves: given(v.moves), ...directions };
  const amount = v.usual;
  const usual =
    v.measure === 'reps'
      ? { measure: v.measure, amount, repSec: v.breathReps ?? v.repSec }
      : { measure: v.measure, amount };
  return {
    ...rest,
    name: v.name,
    otherNames: v.otherNames.map((n) => n.trim()).filter(Boolean),
    purpose: v.purpose,
    kind: v.kind,
    region: v.region,
    areas: v.areas,
    muscles: v.muscles,
    holding: v.holding,
    position: v.position,
    things: v.things,
    space: v.space,
    alsoIn: v.alsoIn,
    asks: v.asks,
    discreet: { call: v.seen.includes('call'), camera: v.seen.includes('camera') },
    instead: v.instead,
    balancedBy: v.balancedBy,
    onlyWhenAsked: v.onlyWhenAsked,
    ...(v.returnSec !== null && { returnSec: v.returnSec }),
    ways,
    dose: { least: v.least, usual, most: v.most },
    breath: { going: v.going, ...(breath.by && v.going === breath.going && { by: breath.by }) },
    cues: {
      say: v.say,
      again: v.pattern === 'together' ? undefined : given(v.again),
      turn: v.directions.length > 0 ? given(v.turn) : undefined,
      go: given(v.go),
      feel: v.feel,
      check: v.check,
      breathe: given(v.breathe),
      last: given(v.last),
      back: v.back,
    },
    cautions: v.cautions
      .split('\n')
      .map((c) => c.trim())
      .filter(Boolean),
    figure,
    rungs,
    ...(usualRung !== undefined && { usualRung }),
  };
};
