import { regionOrder } from '../approach/order';
import { PHASES } from '../edit';
import { stepOf } from '../library';
import {
  type Approach,
  type Area,
  type Break,
  type Item,
  type Kind,
  MOST_LINKS,
  type MoveLookup,
  type Position,
  type Step,
  type Thing,
} from '../model';
import { rangeOf } from '../review/poses';
import { LONGEST_NECK_MS } from '../review/rules/caution/neck-long';
import { placeOf } from '../review/rules/order/visits';
import { STANDING_WORDS } from '../review/rules/room/announced';
import { announcement } from '../review/rules/room/things';
import type { Candidate, CandidateDose } from './candidate';
import { HOLDS_RUNNING, type LetGo, type LettingGo, OF_ONE_AREA } from './let-go';

/** A candidate with the dose that was chosen. */
export interface Chosen {
  candidate: Candidate;
  dose: CandidateDose;
}

const byRegion = (list: readonly Chosen[], order: readonly string[]): Chosen[] => {
  const regionOf = (c: Chosen): number => order.indexOf(c.candidate.move.region);
  return [...list].sort((a, b) => regionOf(a) - regionOf(b));
};
/** The areas of some moves, in the order in which they come. */
const areasOf = (list: readonly Chosen[]): Area[] => [...new Set(list.map((c) => c.candidate.area))];

/** Mobilising goes area by area, in the order of the body, within each from small to large. */
const byAreaAndRange = (list: readonly Chosen[], order: readonly string[]): Chosen[] => {
  const sorted = byRegion(list, order);
  const areas = areasOf(sorted);
  const range = ({ candidate }: Chosen): number => rangeOf(candidate.variant);
  return sorted.sort(
    (a, b) => areas.indexOf(a.candidate.area) - areas.indexOf(b.candidate.area) || range(a) - range(b),
  );
};

/** In the order of the body, and within a region area by area: nobody goes to and fro in it. */
const byRegionAndArea = (list: readonly Chosen[], order: readonly string[]): Chosen[] => {
  const sorted = byRegion(list, order);
  const place = ({ candidate: { move, area } }: Chosen): string => `${move.region} ${area}`;
  const places = [...new Set(sorted.map(place))];
  return sorted.sort((a, b) => places.indexOf(place(a)) - places.indexOf(place(b)));
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

/**
 * Light strength for what was moved and held already comes right after its holds: at the end it would be a third visit to
 * the same place.
 */
const strengthBeside = (list: readonly Chosen[]): Chosen[] => {
  const placed = [...list];
  const place = ({ candidate: { move, area } }: Chosen): string => `${move.region} ${placeOf(area)}`;
  for (const strong of list.filter((c) => c.candidate.move.kind === 'activate')) {
    const own = (kind: Kind) => (c: Chosen) => c.candidate.move.kind === kind && place(c) === place(strong);
    if (!placed.some(own('mobilise'))) continue;
    const hold = placed.findLastIndex(own('stretch'));
    if (hold < 0) continue;
    placed.splice(placed.indexOf(strong), 1);
    placed.splice(hold + 1, 0, strong);
  }
  return placed;
};

/** What stands between holds, so that something is let go after three of them, after two of one area and of one muscle at once. */
const withLetGo = (list: readonly Chosen[], letGoAfter: LettingGo): (Chosen | LetGo)[] => {
  const out: (Chosen | LetGo)[] = [];
  let running = 0;
  let ofArea = 0;
  let before: Candidate | null = null;
  for (const chosen of list) {
    const { candidate } = chosen;
    const held = candidate.move.kind === 'stretch';
    const same = held && before?.area === candidate.area;
    const [muscle] = candidate.move.muscles;
    const again = muscle !== undefined && before?.move.muscles[0] === muscle;
    if (held && before && (running >= HOLDS_RUNNING || again || (same && ofArea >= OF_ONE_AREA))) {
      const letGo = letGoAfter(before.move.region, before.stands);
      if (letGo) out.push(letGo);
      running = 0;
      ofArea = 0;
    }
    running = held ? running + 1 : 0;
    ofArea = same ? ofArea + 1 : held ? 1 : 0;
    before = held ? candidate : null;
    out.push(chosen);
  }
  return out;
};

/** Two-sided holds that follow each other in one region become series, for those who lead them so. */
const asSeries = (steps: readonly Item[], chosen: readonly Chosen[]): Item[] => {
  const of = (step: Step): Chosen | undefined => chosen.find((c) => c.candidate.move.id === step.moveId);
  const holdMs = (step: Step): number => of(step)?.dose.holdMs ?? 0;
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
  letGoAfter: LettingGo,
): Break => {
  const order = regionOrder(approach);
  const seat: Position = edge ? 'edge' : 'back';
  const phaseOf = (list: readonly Chosen[]): Chosen[] =>
    PHASES.flatMap((kind) => {
      const own = list.filter((c) => c.candidate.move.kind === kind);
      if (kind === 'mobilise') return byAreaAndRange(own, order);
      const sorted = byRegionAndArea(own, order);
      return kind === 'stretch' ? apart(sorted) : sorted;
    });
  const ends = (c: Chosen): boolean => ['release', 'close'].includes(c.candidate.move.kind);
  const seated = strengthBeside(phaseOf(chosen.filter((c) => !c.candidate.stands && !ends(c))));
  const standing = strengthBeside(phaseOf(chosen.filter((c) => c.candidate.stands && !ends(c))));
  const ending = phaseOf(chosen.filter(ends));
  const stepAt = ({ candidate: { move }, dose: { step } }: Chosen, position: Position): Step => ({
    ...step,
    ...(move.position !== position && { position }),
  });
  let letGoes = 0;
  const placed = withLetGo([...seated, ...standing], letGoAfter).map((at, i, all): Step => {
    // What lets go is done where the hold before it was.
    const held = 'candidate' in at ? at : (all[i - 1] as Chosen);
    const position = held.candidate.stands ? 'standing' : seat;
    if ('candidate' in at) return stepAt(at, position);
    letGoes++;
    const usual = lookup(at.step.moveId)?.position;
    return { ...at.step, id: `let-go-${letGoes}`, ...(usual !== position && { position }) };
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
    items: [...notes, ...inSeries(placed), ...ending.map((c) => stepAt(c, stand ? 'standing' : seat))],
  };
};
