import { applyFix, removeSteps } from '../edit';
import { fitBreak } from '../fit';
import {
  type Approach,
  type Area,
  type Break,
  type Kind,
  type Move,
  type MoveLookup,
  type Step,
  stepsOf,
} from '../model';
import { shakeFor } from '../suggest/let-go';

/** How a break is made into another: the moves it knows, the way of teaching, and ids for what is new. */
export interface Making {
  lookup: MoveLookup;
  approach: Approach;
  newId: () => string;
}

/** What a shorter pass can do without, before its last hold: in this order. Common practice, no source. */
const SPARED = ['activate', 'massage', 'mobilise', 'release'] as const;

/**
 * What is left out next: the last hold with the movement that nothing else needs any more; where one hold is left, light
 * strength, massage, movement as long as something moves what is held, and what lets go. Empty where nothing more can go.
 */
const nextOut = (steps: readonly Step[], moveOf: (s: Step) => Move | undefined): Step[] => {
  const of = (kind: Move['kind'], from = steps): Step[] => from.filter((s) => moveOf(s)?.kind === kind);
  const holds = of('stretch');
  const last = holds.filter((s) => !s.keep).at(-1);
  const areasOf = (s: Step): readonly Area[] => moveOf(s)?.areas ?? [];
  if (last && holds.length > 1) {
    const needed = new Set(holds.flatMap((s) => (s === last ? [] : (areasOf(s)[0] ?? []))));
    const idle = of('mobilise').filter((s) => !s.keep && !areasOf(s).some((a) => needed.has(a)));
    return [last, ...idle];
  }
  const [held] = holds.flatMap((s) => areasOf(s)[0] ?? []);
  if (held === undefined) return [];
  // What is mainly for the area readies it best.
  const [readies] = [
    ...of('mobilise').filter((s) => areasOf(s)[0] === held),
    ...of('mobilise').filter((s) => areasOf(s).includes(held)),
  ];
  const spared = SPARED.flatMap((kind) => of(kind).reverse()).find((s) => !s.keep && s !== readies);
  return spared ? [spared] : [];
};

const WORKS: readonly Kind[] = ['mobilise', 'stretch', 'activate', 'massage'];
const workedIn = (steps: readonly Step[], lookup: MoveLookup): Set<Area> =>
  new Set(
    steps.flatMap(({ moveId }) => {
      const move = lookup(moveId);
      return move && WORKS.includes(move.kind) ? move.areas : [];
    }),
  );

/** What let go of areas that are left out now lets go of what is held last, or goes as well. */
const letGoOfWhatIsHeld = (draft: Break, before: Break, context: Making): void => {
  const { lookup } = context;
  const steps = stepsOf(draft);
  const worked = workedIn(steps, lookup);
  const lost = [...workedIn(stepsOf(before), lookup)].filter((area) => !worked.has(area));
  const idle = steps.filter(({ moveId, keep }) => {
    const move = lookup(moveId);
    return move?.kind === 'release' && !keep && move.areas.every((area) => lost.includes(area));
  });
  const last = steps.flatMap(({ moveId }) => lookup(moveId) ?? []).findLast((m) => m.kind === 'stretch');
  const shake = last && lookup(shakeFor(last.region) ?? '');
  const [first] = steps.some((s) => s.moveId === shake?.id) ? [] : idle;
  if (shake && first)
    applyFix(draft, { do: 'swap', stepId: first.id, moveId: shake.id, name: shake.name }, context);
  removeSteps(
    draft,
    idle.flatMap((s) => (shake && s === first ? [] : [s.id])),
  );
};

/**
 * A break with fewer areas: something is left out until the rest fits its slot at its least doses, so that a short form is a
 * smaller pass, not only its beginning.
 */
export const shorter = (brk: Break, context: Making): Break => {
  const { lookup, approach } = context;
  const draft: Break = JSON.parse(JSON.stringify(brk));
  const fits = (): boolean => {
    const fitted = fitBreak(draft, lookup, approach);
    return fitted.ok && fitted.dropped.length === 0;
  };
  while (!fits()) {
    const out = nextOut(stepsOf(draft), (s) => lookup(s.moveId));
    if (out.length === 0) break;
    removeSteps(
      draft,
      out.map((s) => s.id),
    );
  }
  letGoOfWhatIsHeld(draft, brk, context);
  return draft;
};
