import { describe, expect, it } from 'vitest';
import { cueContext } from '../approach';
import { cuesOf, intoWords, resolveCue } from '../cues';
import { breakLines, breakToVtt, entryLines } from '../formats';
import { advance, COUNT_IN_MS, readyToLead, start, viewOf } from '../lead';
import { stepOf } from '../library';
import { shelf } from '../library/all';
import {
  Approach,
  type Break,
  defaultApproach,
  type Item,
  idleTokens,
  isTwoWay,
  type Move,
  type Position,
  type Step,
  TOKENS,
  usualVariant,
} from '../model';
import { doneParts } from '../record';
import { everything } from '../testing/all';
import { brk } from '../testing/build';
import { isWork, type Line, partTitle, placedSteps, stepDose, type Timeline, timed } from '.';

const all = shelf();
const moves: readonly Move[] = [...all.library, ...all.pauses];
const plan = (items: Item[], approach: Approach, more: Partial<Break> = {}) => {
  const made = timed(brk(items, more), all.lookup, approach);
  if (!made.ok) throw new Error(JSON.stringify(made.failures));
  return made;
};
type Plan = ReturnType<typeof plan>;

/** Every approach that changes something: each answer once, the rest as usual. */
const approaches: Approach[] = (Object.keys(Approach.shape) as (keyof Approach)[]).flatMap((key) =>
  Approach.shape[key].unwrap().options.map((answer) => ({ ...defaultApproach, [key]: answer }) as Approach),
);

const placesOf = (move: Move): Position[] => [...new Set([move.position, ...move.alsoIn])];
const rungsOf = (move: Move): (string | undefined)[] => [undefined, ...move.rungs.map((r) => r.name)];
/** The rungs that are told under one answer: in the usual check the usual one and another, which changes from answer to answer. */
const underAnswer = (move: Move, turn: number): (string | undefined)[] =>
  everything || move.rungs.length === 0
    ? rungsOf(move)
    : [undefined, move.rungs[turn % move.rungs.length]?.name];

/** The ways in which a step of a move can be asked for. */
const stepsFor = (move: Move): Partial<Step>[] => {
  const { usual } = move.dose;
  const ways: Partial<Step>[] = [{}, { sets: 2 }];
  if (isTwoWay(move)) {
    const uneven = { side: 'right', amount: usual.amount + 1, reason: 'tighter' } as const;
    ways.push({ sides: 'left' }, { sides: 'right' }, { firstSide: 'right' }, { uneven });
  }
  if (move.ways.directions) ways.push({ directions: 'first' }, { directions: 'second' });
  if (usual.measure === 'seconds') ways.push({ wholeBreaths: true });
  // Own words with everything in braces that means something here, and a second movement.
  ways.push({
    words: TOKENS.filter((t) => idleTokens(`{${t}}`, move).length === 0)
      .map((t) => `{${t}}`)
      .join(' '),
  });
  if (move.kind !== 'pause') ways.push({ meanwhile: { moveId: 'toes-up', times: 3, side: 'other' } });
  return ways;
};

const linesOf = ({ parts }: Timeline): { at: number; line: Line }[] =>
  parts.flatMap((p) => p.lines.map((line) => ({ at: p.startMs + line.atMs, line })));

/** Everything that is told of a break, in every output. */
const told = ({ resolved, timeline }: Plan): string[] => [
  breakToVtt(resolved.brk.name, timeline),
  ...breakLines(resolved),
  ...entryLines(resolved),
  ...placedSteps(resolved).map((at) => stepDose(at)),
  ...timeline.parts.flatMap((p) => [partTitle(p), p.way, ...p.dropped.map((l) => l.text)]),
  ...doneParts(resolved, timeline, readyToLead(timeline)).map((d) => d.moveName),
];

/** What must be true of any compiled break. */
const holds = (made: Plan, what: string): void => {
  const { timeline, resolved } = made;
  const open = told(made).find((text) => /[{}]|undefined|\bnull\b|NaN/.test(text));
  if (open !== undefined) throw new Error(`${what}: ${open}`);
  let until = 0;
  for (const { at, line } of linesOf(timeline)) {
    if (at < until || line.lengthMs <= 0)
      throw new Error(`${what}: “${line.text}” overlaps what is said before it`);
    until = at + line.lengthMs;
  }
  if (until > timeline.totals.totalMs) throw new Error(`${what}: speaks on after the end`);
  // The place said is the place compiled, and the place each step is done in.
  let here: Position = 'back';
  const places = new Map(placedSteps(resolved).map((s) => [s.step.id, s.position]));
  for (const part of timeline.parts) {
    if (part.kind === 'position') {
      if (part.from !== here) throw new Error(`${what}: comes from ${part.from}, was ${here}`);
      const words = [...part.lines, ...part.dropped].map((l) => l.text);
      if (words.join() !== intoWords(part.from, part.to)) throw new Error(`${what}: says ${words}`);
      here = part.to;
    }
    if (isWork(part) && places.get(part.stepId) !== here)
      throw new Error(`${what}: done ${here}, should be ${places.get(part.stepId)}`);
    // Nothing between the work is ever called the work of both sides.
    if (!isWork(part) && part.kind !== 'say' && part.kind !== 'change' && /together/.test(partTitle(part)))
      throw new Error(`${what}: ${part.kind} is called ${partTitle(part)}`);
  }
};

/** The dose as it was really compiled, in words: what each output has to agree with. */
const sidesDone = (timeline: Timeline, stepId: string): string =>
  [...new Set(timeline.parts.filter(isWork).flatMap((p) => (p.stepId === stepId && p.side ? p.side : [])))]
    .sort()
    .join(' and ');

const saysSides = (dose: string): string => {
  // A diagonal is named after its hand.
  const plain = dose.replace(/(left|right) hand, (left|right) foot/g, '$1');
  if (/each (side|way)/.test(plain) || /left .*right /.test(plain)) return 'left and right';
  return /(left|right)[^,]* only/.exec(plain)?.[1] ?? '';
};

describe('every move, on every rung, in every way and place', () => {
  it.each(moves.map((m) => [m.id, m] as const))('%s is told alike and whole', (_, move) => {
    for (const rung of rungsOf(move))
      for (const position of placesOf(move))
        for (const more of stepsFor(move)) {
          const step: Step = { ...stepOf(move, 's'), ...more, position, ...(rung !== undefined && { rung }) };
          const what = `${rung ?? 'usual'} ${position} ${JSON.stringify(more)}`;
          const made = plan([step], defaultApproach);
          holds(made, what);
          const [at] = placedSteps(made.resolved);
          if (!at) throw new Error('no step');
          const dose = stepDose(at);
          // The one wording of the dose is in the calendar's lines, and it names the sides that were compiled.
          if (!move.onlyWords) expect(breakLines(made.resolved)).toEqual([`${move.name}: ${dose}`]);
          if (isTwoWay(move)) expect(saysSides(dose), `${what}: ${dose}`).toBe(sidesDone(made.timeline, 's'));
          if (more.sets === 2 && !move.onlyWords) expect(dose).toContain('2 sets');
          const work = made.timeline.parts.find(isWork);
          if (more.wholeBreaths && work?.breath && !isTwoWay(move) && !move.ways.directions) {
            const breaths = work.lengthMs / work.breath.cycleMs;
            expect(dose).toMatch(new RegExp(`^${breaths === 1 ? 'one breath' : `${breaths} breaths`}`));
          }
        }
  });

  it.each(approaches.map((a, i) => [i, a] as const))(
    'answer %i of the approach leaves no word open',
    (i, approach) => {
      for (const [n, move] of moves.entries())
        for (const rung of underAnswer(move, i + n)) {
          const step: Step = { ...stepOf(move, 's', approach), ...(rung !== undefined && { rung }) };
          holds(plan([step], approach), `${move.id} ${rung}`);
        }
    },
  );

  it('all of them one after the other: places, things and words carry over', () => {
    for (let i = 0; i < moves.length; i += 10) {
      const some = moves.slice(i, i + 10).map((m) => stepOf(m, m.id));
      holds(plan(some, defaultApproach), `moves ${i}`);
    }
  });

  const sided = all.library.filter((m) => m.ways.pattern !== 'together');
  it.each(['both', 'left', 'right'] as const)(
    'in a series on %s, each told on the side it is done',
    (sides) => {
      for (const [i, move] of sided.entries())
        for (const nesting of ['side by side', 'link by link'] as const) {
          const other = sided[(i + 1) % sided.length] as Move;
          const third = sided[(i + 2) % sided.length] as Move;
          const links = [
            stepOf(move, 'a'),
            stepOf(other, 'b'),
            { ...stepOf(third, 'c'), sides: 'right' as const },
          ];
          const made = plan([{ type: 'chain', id: 'ch', nesting, sides, links }], defaultApproach);
          holds(made, `${move.id} in a series`);
          const steps = placedSteps(made.resolved);
          for (const at of steps) {
            const done = sidesDone(made.timeline, at.step.id);
            if (done === '') continue;
            expect(saysSides(stepDose(at)), `${at.move.id} ${sides}: ${stepDose(at)}`).toBe(done);
          }
          // A link done on the second side only is explained there in full, not with the words of a repeat.
          const [first] = made.timeline.parts.filter(
            (p) => p.stepId === 'c' && p.kind !== 'position' && p.kind !== 'fetch',
          );
          if (first) expect(first.kind).toBe('say');
        }
    },
  );
});

describe('what is spoken during work', () => {
  it('go, feel, check, breathe, last and back are all spoken somewhere, and what has no room is named', () => {
    const spoken = new Map<string, number>();
    for (const move of all.library) {
      const step = stepOf(move, 's');
      const { timeline } = plan([step], defaultApproach);
      const context = (side: 'left' | 'right' | null, direction: string | null) =>
        cueContext(move, defaultApproach, { side, direction });
      for (const role of ['go', 'feel', 'check', 'breathe', 'last', 'back'] as const) {
        const cue = cuesOf(usualVariant(move, step.rung))[role];
        if (!cue) continue;
        const lines = timeline.parts.flatMap((p) =>
          p.lines.filter((l) => l.role === role).map((l) => ({ p, l })),
        );
        for (const { p, l } of lines) {
          spoken.set(role, (spoken.get(role) ?? 0) + 1);
          expect(l.text).toBe(resolveCue(cue, context(p.side, p.direction ?? null)));
        }
        const dropped = timeline.parts.some((p) => p.dropped.some((l) => l.role === role));
        // A hold of one breath has no last one; everything else is said, or named as left unsaid.
        if (role !== 'last') expect(lines.length > 0 || dropped, `${move.id} ${role}`).toBe(true);
      }
    }
    // Of the library, led at its usual doses, nearly everything finds its moment.
    for (const role of ['go', 'feel', 'back']) expect(spoken.get(role)).toBeGreaterThan(all.library.length);
  });

  it('leading shows each line from its moment on', () => {
    const move = all.lookup('ear-to-shoulder') as Move;
    const { timeline } = plan([stepOf(move, 's')], defaultApproach);
    const begun = start(readyToLead(timeline), 0);
    for (const { at, line } of linesOf(timeline)) {
      if (line.role === 'count') continue;
      const view = viewOf(timeline, advance(timeline, begun, COUNT_IN_MS + at + 1));
      expect(view.line?.text).toBe(line.text);
    }
  });
});
