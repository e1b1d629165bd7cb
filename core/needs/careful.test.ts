import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { library, moveLookup } from '../library/all';
import { Limit, type Move, type Position, RoomLimit, Thing } from '../model';
import { everything, times } from '../testing/all';
import { type Answer, answerFor, type Room, VERDICTS } from '.';

// The promise: nobody is told to do what one of their limits excludes, in any combination. Walked over every move, rung
// and position with every limit and every pair, and drawn at random for more limits, seats and things.
const lookup = moveLookup();
const open: Room = { limits: [], things: Thing.options };

interface Variant {
  move: Move;
  rung: string | undefined;
  position: Position;
}
const variants: Variant[] = library.flatMap((move) =>
  [...new Set([move.position, ...move.alsoIn])].flatMap((position) =>
    (move.rungs.length > 0 ? move.rungs.map((r) => r.name) : [undefined]).map((rung) => ({
      move,
      rung,
      position,
    })),
  ),
);
const nameOf = ({ move, rung, position }: Variant): string =>
  `${move.id} · ${rung ?? 'no rung'} · ${position}`;

const ask = (variant: Variant, limits: readonly Limit[], room: Room = open): Answer =>
  answerFor(variant, { limits: limits.map((limit) => ({ limit })) }, room, lookup);
const rank = ({ verdict }: Answer): number => VERDICTS.indexOf(verdict);
/** The rung that is done of the planned move itself, by its place; the planned one where nothing is changed. */
const rungAt = ({ move, rung }: Variant, answer: Answer): number =>
  move.rungs.findIndex((r) => r.name === (answer.rung ?? rung));

/** What an answer has somebody do; null for nothing. */
const told = (variant: Variant, answer: Answer): Variant | null => {
  const { verdict, instead, rung, position } = answer;
  if (verdict === 'leave out') return null;
  if (verdict !== 'another move')
    return { move: variant.move, rung: rung ?? variant.rung, position: position ?? variant.position };
  const move = lookup(instead ?? '') ?? expect.fail(`${instead} is not there`);
  return { move, rung: rung ?? move.usualRung, position: position ?? move.position };
};

/** What must hold of an answer for some limits, given those for each of them alone; what does not, in words. */
const wrongWith = (
  variant: Variant,
  limits: readonly Limit[],
  alone: readonly Answer[],
  room = open,
): string[] => {
  const answer = ask(variant, limits, room);
  const wrong: string[] = [];
  limits.forEach((limit, i) => {
    const by = alone[i] ?? expect.fail();
    if (rank(answer) < rank(by)) wrong.push(`softer than ${limit} alone`);
    if (rank(answer) <= 1 && rank(by) <= 1 && rungAt(variant, answer) > rungAt(variant, by))
      wrong.push(`a higher rung than ${limit} alone`);
  });
  const done = told(variant, answer);
  if (done && ask(done, limits, room).verdict !== 'fine') wrong.push('told to do what is not fine');
  if (answer.verdict !== 'fine' && answer.reasons.length === 0) wrong.push('without a reason');
  const shares = done?.move.areas.some((a) => variant.move.areas.includes(a));
  if (answer.instead !== undefined && shares === (answer.otherArea === true))
    wrong.push('for another area without saying so');
  if (limits.includes('recent surgery') && answer.verdict === 'another move')
    wrong.push('an instruction after "ask first"');
  const where = `${nameOf(variant)} with ${limits.join(' and ')}: ${JSON.stringify(answer)}`;
  return wrong.map((what) => `${what}: ${where}`);
};

describe('every variant', () => {
  it('is many: each move on each rung in each position', () => {
    expect(variants.length).toBeGreaterThan(280);
  });

  it.each(Limit.options)('with %s: what is told to do is itself fine', (limit) => {
    expect(variants.flatMap((v) => wrongWith(v, [limit], [ask(v, [limit])]))).toEqual([]);
  });

  it('with every two limits is as careful as each of them', () => {
    const pairs = Limit.options.flatMap((a, i) => Limit.options.slice(i + 1).map((b) => [a, b] as const));
    // The usual check asks a third of the pairs of each variant, every pair of some.
    const asked = (at: number) => pairs.filter((_, i) => everything || (i + at) % 3 === 0);
    const wrong = variants.flatMap((variant, at) => {
      const alone = new Map(Limit.options.map((limit) => [limit, ask(variant, [limit])]));
      return asked(at).flatMap((pair) =>
        wrongWith(
          variant,
          pair,
          pair.map((limit) => alone.get(limit) ?? expect.fail()),
        ),
      );
    });
    expect(wrong).toEqual([]);
  });

  it('with any limits, seats and things is as careful as each of them', { timeout: 300_000 }, () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...variants),
        fc.uniqueArray(fc.constantFrom(...Limit.options), { minLength: 3, maxLength: 4 }),
        fc.subarray(RoomLimit.options),
        fc.subarray(Thing.options),
        (variant, limits, roomLimits, things) => {
          const room: Room = { limits: roomLimits, things };
          const alone = limits.map((limit) => ask(variant, [limit], room));
          expect(wrongWith(variant, limits, alone, room)).toEqual([]);
        },
      ),
      { numRuns: times(1500, 20_000) },
    );
  });

  it('becomes no softer with a limit more', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...variants),
        fc.uniqueArray(fc.constantFrom(...Limit.options), { minLength: 1, maxLength: 4 }),
        fc.constantFrom(...Limit.options),
        (variant, limits, more) => {
          const [before, after] = [ask(variant, limits), ask(variant, [...limits, more])];
          expect(rank(after)).toBeGreaterThanOrEqual(rank(before));
          if (rank(after) <= 1) expect(rungAt(variant, after)).toBeLessThanOrEqual(rungAt(variant, before));
        },
      ),
      { numRuns: times(1500, 20_000) },
    );
  });
});

describe('the position of the step', () => {
  const id = (name: string): Move => lookup(name) ?? expect.fail(name);
  it('is what counts: standing with a seated move is standing', () => {
    for (const variant of variants.filter((v) => v.position === 'standing'))
      expect([nameOf(variant), ask(variant, ['cannot stand']).verdict]).not.toEqual([
        nameOf(variant),
        'fine',
      ]);
  });

  it('is offered on the seat to whoever cannot stand, where the move can be done there', () => {
    const answer = ask({ move: id('ear-to-shoulder'), rung: 'gravity', position: 'standing' }, [
      'cannot stand',
    ]);
    expect(answer).toMatchObject({ verdict: 'easier rung' });
    expect(['back', 'edge']).toContain(answer.position);
  });
});

describe('all of the movement', () => {
  it.each(['dizziness', 'blood or eye pressure', 'pregnancy'] as const)(
    'counts for %s: rolling up begins with the head low',
    (limit) => {
      const move = lookup('roll-up-slowly') ?? expect.fail();
      for (const { name } of move.rungs)
        expect(ask({ move, rung: name, position: move.position }, [limit]).verdict).toBe('another move');
    },
  );
});
