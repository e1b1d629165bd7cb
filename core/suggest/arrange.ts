import { regionOrder } from '../approach/propose';
import { MOST_LINKS } from '../edit';
import { stepOf } from '../library';
import {
  type Approach,
  type Break,
  type Item,
  type Kind,
  type MoveLookup,
  type Position,
  type Step,
  type Thing,
  withAmount,
} from '../model';
import { rangeOf } from '../review/poses';
import { LONGEST_NECK_MS } from '../review/rules/caution/neck-long';
import { STANDING_WORDS } from '../review/rules/room/announced';
import { announcement } from '../review/rules/room/things';
import type { Candidate } from './candidates';

/** A candidate with the dose that was chosen. */
export interface Chosen {
  candidate: Candidate;
  amount: number;
}

const PHASES: readonly Kind[] = [
  'settle',
  'breathe',
  'mobilise',
  'massage',
  'stretch',
  'activate',
  'release',
  'close',
];

/** Mobilising goes area by area, in the order of the body, within each from small to large. */
const byAreaAndRange = (list: readonly Chosen[], order: readonly string[]): Chosen[] => {
  const regionOf = (c: Chosen): number => order.indexOf(c.candidate.move.region);
  const sorted = [...list].sort((a, b) => regionOf(a) - regionOf(b));
  const areas = [...new Set(sorted.map((c) => c.candidate.area))];
  const range = ({ candidate }: Chosen): number => rangeOf(candidate.move, candidate.step.rung);
  return sorted.sort(
    (a, b) => areas.indexOf(a.candidate.area) - areas.indexOf(b.candidate.area) || range(a) - range(b),
  );
};

/** Puts what holds the same muscle apart, as far as the order of the body allows. */
const apart = (list: Chosen[]): Chosen[] => {
  for (let i = 1; i < list.length; i++) {
    const [before, here, next] = [list[i - 1], list[i], list[i + 1]];
    const muscle = here?.candidate.move.muscles[0];
    const clash = muscle !== undefined && before?.candidate.move.muscles[0] === muscle;
    if (clash && next && next.candidate.move.region === here?.candidate.move.region) {
      list[i] = next;
      list[i + 1] = here;
    }
  }
  return list;
};

/** Two-sided holds that follow each other in one region become series, for those who lead them so. */
const asSeries = (steps: readonly Item[], chosen: readonly Chosen[]): Item[] => {
  const of = (step: Step): Chosen | undefined => chosen.find((c) => c.candidate.move.id === step.moveId);
  const holdMs = (step: Step): number => {
    const c = of(step);
    return c?.candidate.doses.find((d) => d.amount === c.amount)?.holdMs ?? 0;
  };
  const joins = (step: Step): string | null => {
    const move = of(step)?.candidate.move;
    return move?.kind === 'stretch' && move.ways.pattern === 'each' ? move.region : null;
  };
  const groups: Step[][] = [];
  for (const item of steps) {
    if (item.type !== 'step') continue;
    const last = groups.at(-1);
    const region = joins(item);
    const sofar = (last ?? []).reduce((ms, s) => ms + holdMs(s), 0);
    const goesOn =
      last?.[0] !== undefined &&
      region !== null &&
      joins(last[0]) === region &&
      last.length < MOST_LINKS &&
      sofar + holdMs(item) <= LONGEST_NECK_MS;
    if (goesOn) last.push(item);
    else groups.push([item]);
  }
  return groups.map(
    (links): Item =>
      links.length === 1
        ? (links[0] as Step)
        : { type: 'chain', id: `series-${links[0]?.id}`, nesting: 'side by side', sides: 'both', links },
  );
};

/**
 * Puts chosen moves into the order in which a break runs: phases, within them the order of the body; what is done
 * standing comes after everything on the seat, before letting go and closing.
 */
export const arrange = (
  brk: Break,
  chosen: readonly Chosen[],
  { edge, stand, things }: { edge: boolean; stand: boolean; things: readonly Thing[] },
  approach: Approach,
  lookup: MoveLookup,
): Break => {
  const order = regionOrder(approach);
  const seat: Position = edge ? 'edge' : 'back';
  const phaseOf = (list: readonly Chosen[]): Chosen[] =>
    PHASES.flatMap((kind) => {
      const own = list.filter((c) => c.candidate.move.kind === kind);
      if (kind === 'mobilise') return byAreaAndRange(own, order);
      const sorted = [...own].sort(
        (a, b) => order.indexOf(a.candidate.move.region) - order.indexOf(b.candidate.move.region),
      );
      return kind === 'stretch' ? apart(sorted) : sorted;
    });
  const ends = (c: Chosen): boolean => ['release', 'close'].includes(c.candidate.move.kind);
  const seated = phaseOf(chosen.filter((c) => !c.candidate.stands && !ends(c)));
  const standing = phaseOf(chosen.filter((c) => c.candidate.stands && !ends(c)));
  const ending = phaseOf(chosen.filter(ends));
  const stepAt = ({ candidate: { move, step }, amount }: Chosen, position: Position): Step => ({
    ...step,
    dose: withAmount(step.dose, amount),
    ...(move.position !== position && { position }),
  });
  const inSeries = (steps: Item[]): Item[] => (approach.sides === 'chain' ? asSeries(steps, chosen) : steps);
  const told: [name: string, words: string][] = [
    ...things.map((thing): [string, string] => [thing, announcement(thing)]),
    ...(stand ? [['standing', STANDING_WORDS] as [string, string]] : []),
  ];
  const note = lookup('pause-note');
  const notes = told.flatMap(([name, words]): Step[] =>
    note ? [{ ...stepOf(note, `note-${name}`), words }] : [],
  );
  return {
    ...brk,
    // Standing at the end is what was asked for, whatever is usual.
    ...(stand &&
      approach.ending === 'all seated' && { approach: { ending: 'last moves standing' as const } }),
    items: [
      ...notes,
      ...inSeries(seated.map((c) => stepAt(c, seat))),
      ...inSeries(standing.map((c) => stepAt(c, 'standing'))),
      ...ending.map((c) => stepAt(c, stand ? 'standing' : seat)),
    ],
  };
};
