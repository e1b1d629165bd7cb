import { describe, expect, it } from 'vitest';
import { library, moveLookup } from '../library/all';
import { Limit, type Move, type Position, type RoomLimit, Thing, usualVariant } from '../model';
import { type Answer, answerFor, demandsOf, type Room } from '.';

// Everything that is asked and answered, written down once and read by a person: a change that was not meant shows
// as a line here. `npx vitest run core/needs -u` writes the files anew.
const lookup = moveLookup();
const THINGS = Thing.options;
const open: Room = { limits: [], things: THINGS };

const count = (list: Answer['reasons'], mark: string): string =>
  list.length > 0 ? ` ${mark}${list.length}` : '';
/** The answer, with how many reasons (!) and words of care (~) go with it. */
const short = ({ verdict, rung, position, instead, otherArea, reasons, care }: Answer): string => {
  const how = [instead, otherArea && '(another area)', rung, position && `on ${position}`]
    .filter(Boolean)
    .join(' ');
  return `${verdict}${how && `: ${how}`}${count(reasons, '!')}${count(care, '~')}`;
};

/** One line for each move that is not simply fine: its usual rung, then every rung and other place that differs. */
const answers = (limits: readonly Limit[], room: Room): string[] => {
  const phrases = new Set<string>();
  const lines = library.flatMap((move: Move) => {
    const said = (rung?: string, position?: Position): string => {
      const answer = answerFor(
        { move, rung, position },
        { limits: limits.map((limit) => ({ limit })) },
        room,
        lookup,
      );
      for (const { why, weight } of [...answer.reasons, ...answer.care])
        phrases.add(`  - ${why} (${weight})`);
      return short(answer);
    };
    const usual = said();
    const others = [
      ...move.rungs.map(({ name }): [string, string] => [name, said(name)]),
      ...move.alsoIn.map((place): [string, string] => [`in ${place}`, said(undefined, place)]),
    ].filter(([, answer]) => answer !== usual);
    if (usual === 'fine' && others.length === 0) return [];
    return [[`  ${move.id}: ${usual}`, ...others.map(([what, answer]) => `${what} > ${answer}`)].join(' · ')];
  });
  return [...[...phrases].sort(), ...lines];
};

describe('what every variant asks and who may do it', () => {
  it('asks what is written down', async () => {
    const lines = library.flatMap((move) =>
      (move.rungs.length > 0 ? move.rungs.map((r) => r.name) : [undefined]).map(
        (rung) =>
          `${move.id} · ${rung ?? 'usual'}: ${[...demandsOf(usualVariant(move, rung))].sort().join(', ') || 'nothing'}`,
      ),
    );
    await expect(`${lines.join('\n')}\n`).toMatchFileSnapshot('golden/demands.txt');
  });

  it('is answered as is written down, limit by limit', async () => {
    const parts = Limit.options.flatMap((limit) => [`# ${limit}`, ...answers([limit], open)]);
    await expect(`${parts.join('\n')}\n`).toMatchFileSnapshot('golden/limits.txt');
  });

  it('is answered as is written down, room by room', async () => {
    const rooms: [string, Room][] = [
      ...(['castors', 'chair arms', 'high back', 'little room'] as RoomLimit[]).map(
        (limit): [string, Room] => [limit, { limits: [limit], things: THINGS }],
      ),
      ['nothing at hand', { limits: [], things: [] }],
    ];
    const parts = rooms.flatMap(([name, room]) => [`# ${name}`, ...answers([], room)]);
    await expect(`${parts.join('\n')}\n`).toMatchFileSnapshot('golden/rooms.txt');
  });
});
