import { describe, expect, it } from 'vitest';
import { moveLookup } from '../library/all';
import { type Approach, Break, defaultApproach, type Item, type Step } from '../model';
import { scriptOf } from '../testing/script';
import { type Part, placedSteps, stepDose, timed, workingOf, workingText } from '.';

// Each kind of dose, led from start to end, written down once and read by a person: what is said when, what comes next,
// what found no time, and the sum. `npx vitest run core/timing -u` writes the files anew.
const lookup = moveLookup();

type Input = Partial<import('zod').z.input<typeof Step>>;
const step = (moveId: string, more: Input = {}): unknown => {
  const { usual } = (lookup(moveId) ?? expect.fail(moveId)).dose;
  return { type: 'step', id: moveId, moveId, dose: usual, ...more };
};
const series = (more: object, ...links: unknown[]): unknown => ({
  type: 'chain',
  id: 'series',
  links: links.map((link, i) => ({ ...(link as Step), id: `link-${i}` })),
  ...more,
});
const hold = (amount: number, more = {}) => ({ dose: { measure: 'seconds' as const, amount, ...more } });
const breaths = (amount: number, more = {}) => ({ dose: { measure: 'breaths' as const, amount, ...more } });
const reps = (amount: number, repSec: number | 'breath' | 'half a breath' | 'two breaths', more = {}) => ({
  dose: { measure: 'reps' as const, amount, repSec, ...more },
});
const reason = 'on purpose';

const DOSES: Record<string, unknown[]> = {
  'a hold of both sides, and one too short for its words': [
    step('clasp-forward', hold(30)),
    step('clasp-overhead', hold(2)),
  ],
  'a hold on each side, in three sets': [step('ear-to-shoulder', { ...hold(20), sets: 3 })],
  'a hold on one side, longer on the other, in whole breaths': [
    step('arm-across', { ...hold(20), sides: 'right' }),
    step('nose-to-armpit', { ...hold(20), uneven: { side: 'right', amount: 35, reason } }),
    step('back-of-arm-overhead', { ...hold(25), wholeBreaths: true }),
  ],
  'a range, an open hold, breaths, and breaths of its own': [
    step('clasp-forward', hold(15, { to: 20 })),
    step('arm-across', hold(20, { open: true })),
    step('slow-breaths', breaths(3, { to: 5 })),
    step('long-exhale', { ...breaths(3), breath: { breathsPerMinute: 4, exhaleRatio: 2 } }),
  ],
  'repetitions of both sides, by seconds and by breaths': [
    step('round-and-lift', reps(4, 'breath')),
    step('heel-raises', reps(10, 'half a breath')),
    step('arms-up-breath', reps(2, 'two breaths')),
    step('lift-and-drop', reps(5, 2, { holdSec: 3 })),
    step('blade-squeeze', reps(1, 4)),
    step('spread-and-squeeze', reps(10, 2, { to: 15 })),
  ],
  'two directions, one of them, and more of the second': [
    step('shoulder-rolls', reps(8, 3)),
    step('wrist-circles', { ...reps(5, 3), directions: 'second' }),
    step('elbow-circles', { ...reps(5, 3), second: { amount: 8, reason }, sets: 2 }),
    step('ankle-circles', reps(5, 2)),
  ],
  'from side to side, more on one, one only, held, one by one': [
    step('look-over-shoulder', reps(3, 4)),
    step('ear-side-to-side', { ...reps(3, 4), uneven: { side: 'left', amount: 5, reason }, sets: 2 }),
    step('knee-straighten', { ...reps(4, 3), sides: 'left' }),
    step('turn-arms-out', hold(20)),
    step('side-reach-reps', { ...reps(4, 'breath'), oneByOne: true, firstSide: 'right' }),
    step('seesaw-arms', reps(4, 4, { to: 6 })),
  ],
  'which arm is on top': [
    step('open-and-hug', reps(3, 5)),
    step('wrapped-forearms', { ...hold(15), sides: 'left' }),
    step('hug-and-lift-elbows', hold(15)),
  ],
  'something meanwhile': [
    step('fingers-up', { ...hold(30), meanwhile: { moveId: 'knee-straighten', times: 10, side: 'other' } }),
    step('fingers-down', { ...hold(20), meanwhile: { moveId: 'heel-raises', times: 1, side: 'same' } }),
    step('look-over-shoulder', { ...reps(3, 4), meanwhile: { moveId: 'toes-up', times: 6, side: 'same' } }),
  ],
  'places, things, pauses and own words': [
    step('sit-tall', { ...hold(10), position: 'edge' }),
    step('side-reach', { ...hold(15), position: 'wide edge' }),
    step('pause-rest', hold(8)),
    step('strap-behind-back', hold(15)),
    step('chest-at-wall', { ...breaths(3), firstSide: 'right' }),
    step('pause-note', { words: 'Well done so far.' }),
    step('goalpost-to-floor', hold(20)),
    step('chin-nod', {
      ...reps(3, 4),
      words: 'Nod slowly: yes, and yes.',
    }),
  ],
  'a series: sides, rounds, a pause in it and between, a turned link, one side only': [
    series(
      { rounds: 2, between: [step('pause-rest', { ...hold(10), id: 'between' })] },
      step('ear-to-shoulder', hold(20)),
      step('pause-rest', hold(5)),
      step('nose-to-armpit', { ...hold(15), turned: true }),
    ),
    {
      ...(series({ sides: 'left' }, step('arm-across', hold(10)), step('side-reach', hold(10))) as object),
      id: 'left',
    },
    {
      ...(series(
        { nesting: 'link by link' },
        step('fingers-up', hold(10)),
        step('fingers-down', hold(10)),
      ) as object),
      id: 'by-link',
    },
  ],
};

/** What is counted differs only where something is counted. */
const COUNTED = ['repetitions of both sides, by seconds and by breaths', 'something meanwhile'];

const told = (name: string, items: unknown[], counting: Approach['counting']): string => {
  const withIds = items.map((item, i) => ({ ...(item as Item), id: `${(item as Item).id}-${i}` }));
  const brk = Break.parse({ id: 'b', name, slotSec: 600, items: withIds });
  const made = timed(brk, lookup, { ...defaultApproach, counting });
  if (!made.ok) return expect.fail(JSON.stringify(made.failures));
  const { resolved, timeline } = made;
  const work = (p: Part): string[] =>
    p.kind === 'work'
      ? [
          `${p.index}: felt ${p.felt}, ${p.reps ?? 'no'} reps from ${p.firstRep ?? '-'}, ${p.held ? 'held' : 'moving'}, ${p.breath ? `breath of ${p.breath.cycleMs}` : 'breath free'}${p.moreMs ? `, up to ${p.moreMs} more` : ''}${p.open ? ', open' : ''}`,
        ]
      : [];
  const { totalMs, leftMs, rightMs, bothMs } = timeline.totals;
  return [
    `# ${name}, counted ${counting}`,
    ...placedSteps(resolved).map(
      (at) =>
        `${at.move.name}: ${stepDose(at) || '(words)'} [${at.doneSides}, ${at.position}, ${at.things.join(' and ') || 'nothing'}]`,
    ),
    workingText(workingOf(timeline.parts)),
    `${totalMs} = left ${leftMs}, right ${rightMs}, together ${bothMs}, the rest between`,
    ...scriptOf(timeline),
    ...timeline.parts.flatMap(work),
    '',
  ].join('\n');
};

describe('each kind of dose, led from start to end', () => {
  it('is timed and told as is written down', async () => {
    const { counting } = defaultApproach;
    const all = Object.entries(DOSES).map(([name, items]) => told(name, items, counting));
    await expect(all.join('\n')).toMatchFileSnapshot('golden/doses.txt');
  });

  it('is counted up, or down all the way, as is written down', async () => {
    const counted = (['up', 'down'] as const).flatMap((counting) =>
      COUNTED.map((name) => told(name, DOSES[name] ?? [], counting)),
    );
    await expect(counted.join('\n')).toMatchFileSnapshot('golden/counted.txt');
  });
});
