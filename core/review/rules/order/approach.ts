import { regionOrder } from '../../../approach/order';
import type { Fix } from '../../../edit/fix';
import { type Approach, type ApproachQuestion, type Area, MOST_LINKS } from '../../../model';
import { demandsOf } from '../../../needs';
import { isResolvedChain, type ResolvedBreak, type ResolvedStep } from '../../../timing';
import { eachStep } from '../../each-step';
import { placedSteps } from '../../facts';
import type { Finding, ReviewRule } from '../../finding';

/** From so many two-sided holds in a row one would lead them as a series. Common practice, no source. */
export const SERIES = 3;

/** The longest run of two-sided holds that are not in a series. */
const longestRun = ({ items }: ResolvedBreak): ResolvedStep[] => {
  let [run, best]: [ResolvedStep[], ResolvedStep[]] = [[], []];
  for (const item of items) {
    const sided = !isResolvedChain(item) && item.move.kind === 'stretch' && item.move.ways.pattern === 'each';
    run = sided ? [...run, item as ResolvedStep] : [];
    if (run.length > best.length) best = run;
  }
  return best;
};

const LEGS: readonly Area[] = ['hip', 'leg'];

/** A finding about one answer of the approach. */
const against = (
  own: Approach,
  question: ApproachQuestion,
  stepIds: string[],
  move: string,
  fix?: Fix,
): Finding => ({
  code: 'againstApproach',
  weight: 'look',
  stepIds,
  question,
  answer: own[question],
  move,
  ...(fix && { fix }),
});

/** What goes against it in single steps. */
export const approachInSteps = eachStep(({ step, move, variant }, { resolved }): Finding[] => {
  const own = resolved.approach;
  const asks = demandsOf(variant);
  const circles = move.region === 'neck' && move.figure?.path === 'round' && asks.has('looking up');
  const tests: [ApproachQuestion, boolean][] = [
    ['lookingUp', own.lookingUp === 'never past neutral' && asks.has('looking up') && !circles],
    [
      'headCircles',
      (own.headCircles === 'small nose circles' && move.id === 'chin-half-circle') ||
        // A full circle is one, however small; the one that looks up has a finding of its own.
        (own.headCircles !== 'full circle' && asks.has('full head circle') && !circles),
    ],
    ['handOnHead', own.handOnHead === 'gravity only' && asks.has('hand weight on the head')],
    [
      'turnPower',
      own.turnPower === 'trunk only' &&
        move.breath.by === 'turning' &&
        asks.has('chair carries') &&
        move.kind === 'stretch',
    ],
    [
      'folding',
      // Whoever is down comes up round: that is the way back, and no fold.
      own.folding === 'flat back from the hips' &&
        move.kind !== 'release' &&
        asks.has('head low') &&
        asks.has('back rounded'),
    ],
    ['holdIn', own.holdIn === 'breaths' && move.kind === 'stretch' && step.dose.measure === 'seconds'],
  ];
  return tests.flatMap(([question, is]) => (is ? [against(own, question, [step.id], move.name)] : []));
});

/**
 * What goes against the instructor's own approach. It never hinders: it only says so, with the question it
 * concerns.
 */
export const approach: ReviewRule = (input) => {
  const { resolved } = input;
  const own = resolved.approach;
  const steps = placedSteps(resolved);
  const found: Finding[] = approachInSteps(input);
  const say = (question: ApproachQuestion, stepIds: string[], move: string, fix?: Fix): void => {
    found.push(against(own, question, stepIds, move, fix));
  };
  // The order of the body begins again with the standing moves, which come after everything on the seat.
  const shelves = regionOrder(own);
  for (const stands of own.order === 'mixed' ? [] : [false, true]) {
    const holds = steps.filter(
      ({ move, position }) => move.kind === 'stretch' && (position === 'standing') === stands,
    );
    const late = holds.find(
      ({ move, variant }, i) =>
        // To fold at the end is a way to let everything hang, wherever the back had its turn.
        !(i === holds.length - 1 && demandsOf(variant).has('deep lean forward')) &&
        // What is done standing takes the legs along.
        !(stands && move.areas.some((area) => LEGS.includes(area))) &&
        holds.slice(0, i).some((b) => shelves.indexOf(b.move.region) > shelves.indexOf(move.region)),
    );
    if (late) say('order', [late.step.id], late.move.name);
  }
  if (own.sides === 'chain') {
    const run = longestRun(resolved);
    const [first] = run;
    if (first && run.length >= SERIES)
      say(
        'sides',
        run.map((s) => s.step.id),
        first.move.name,
        { do: 'series', stepIds: run.slice(0, MOST_LINKS).map((s) => s.step.id) },
      );
  }
  const standing = steps.filter(({ position }) => position === 'standing');
  const last = steps.at(-1);
  // Whoever stands up in the middle and sits down again ends seated.
  const sat = steps.findLastIndex(({ position }) => position !== 'standing');
  const atEnd = steps.slice(sat + 1);
  // A practice that is done standing altogether has no other end.
  const allStand = atEnd.length === steps.length && steps.length > 1;
  if (own.ending === 'all seated' && atEnd[0] && !allStand)
    say(
      'ending',
      atEnd.map((s) => s.step.id),
      atEnd[0].move.name,
    );
  if (own.ending === 'last moves standing' && last && standing.length === 0 && steps.length > 3)
    say('ending', [last.step.id], last.move.name);
  return found;
};
