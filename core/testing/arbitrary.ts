import fc from 'fast-check';
import { type Break, type Item, type Move, Pace, type Step } from '../model';
import { alternate, breaths, brk, cues, each, hold, move, reps, step } from './build';

const arbWays = fc.oneof(
  fc.constant({ pattern: 'together' } as const),
  fc.constant({ pattern: 'together', directions: ['back', 'forward'] } as const),
  fc.constantFrom(each('same'), each('opposite'), each('both')),
  fc.constant({ ...each(), directions: ['in', 'out'] } as const),
  fc.constant(alternate),
);

const arbMoves: fc.Arbitrary<Move[]> = fc
  .array(
    fc.record({
      ways: arbWays,
      position: fc.constantFrom('back', 'edge', 'standing', 'floor'),
      things: fc.subarray(['strap', 'wall', 'desk', 'mat'] as const),
      say: fc.integer({ min: 1, max: 40 }),
      again: fc.integer({ min: 1, max: 12 }),
      returnSec: fc.option(fc.integer({ min: 0, max: 6 }), { nil: undefined }),
    }),
    { minLength: 1, maxLength: 8 },
  )
  .map((list) =>
    list.map(({ ways, say, again, ...rest }, i) =>
      move(`m${i}`, { ...rest, ways: ways as Move['ways'], cues: cues(say, again) } as never),
    ),
  );

const arbDose = (m: Move) => {
  const repeated = fc.tuple(
    fc.integer({ min: 1, max: 12 }),
    fc.oneof(fc.constantFrom(1, 2.5, 4), fc.constant('breath' as const)),
  );
  const asReps = repeated.map(([n, each]) => reps(n, each));
  if (m.ways.pattern === 'alternate') return asReps;
  return fc.oneof(
    fc.integer({ min: 1, max: 60 }).map(hold),
    fc.integer({ min: 1, max: 6 }).map(breaths),
    asReps,
  );
};

export const arbPace: fc.Arbitrary<Pace> = fc
  .record({
    wordsPerMinute: fc.integer({ min: 60, max: 260 }),
    breathsPerMinute: fc.integer({ min: 2, max: 20 }),
    exhaleRatio: fc.constantFrom(1, 1.5, 2, 3),
    changeSec: fc.integer({ min: 0, max: 10 }),
    returnSec: fc.integer({ min: 0, max: 6 }),
  })
  .map((p) => Pace.parse(p));

const arbStep = (m: Move, id: string): fc.Arbitrary<Step> =>
  fc
    .record({
      dose: arbDose(m),
      sets: fc.integer({ min: 1, max: 3 }),
      sides: fc.constantFrom('both' as const, 'both' as const, 'left' as const, 'right' as const),
      firstSide: fc.constantFrom(undefined, 'left' as const, 'right' as const),
      wholeBreaths: fc.constantFrom(undefined, true, false),
    })
    .map((more) => step(m.id, { id, ...more }));

/** Any break the program may hold, together with its moves: sides, directions, chains, sets, things. */
export const arbBreak: fc.Arbitrary<{ brk: Break; moves: Move[] }> = arbMoves.chain((moves) => {
  const twoWay = moves.filter((m) => m.ways.pattern !== 'together');
  const single = fc.nat(moves.length - 1).map((i) => moves[i]!);
  const arbItem = (n: number): fc.Arbitrary<Item> => {
    const plain: fc.Arbitrary<Item> = single.chain((m) => arbStep(m, `s${n}`));
    if (twoWay.length === 0) return plain;
    const chain = fc
      .tuple(
        fc.array(fc.nat(twoWay.length - 1), { minLength: 2, maxLength: 4 }),
        fc.constantFrom('side by side' as const, 'link by link' as const),
      )
      .chain(([indexes, nesting]) =>
        fc
          .tuple(...indexes.map((i, k) => arbStep(twoWay[i]!, `c${n}l${k}`)))
          .map((links): Item => ({ type: 'chain', id: `c${n}`, nesting, sides: 'both', links })),
      );
    return fc.oneof({ weight: 3, arbitrary: plain }, { weight: 1, arbitrary: chain });
  };
  return fc
    .integer({ min: 0, max: 8 })
    .chain((count) =>
      fc.tuple(
        fc.tuple(...Array.from({ length: count }, (_, n) => arbItem(n))),
        arbPace,
        fc.constantFrom('left' as const, 'right' as const),
        fc.boolean(),
      ),
    )
    .map(([items, pace, firstSide, wholeBreaths]) => ({
      brk: brk(items as Item[], { pace, firstSide, wholeBreaths }),
      moves,
    }));
});
