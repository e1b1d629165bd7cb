import { z } from 'zod';
import { Move, type MoveLookup } from '../model';
import { doubledMoves } from './doubled';
import { type PlacedProblem, readJson } from './json-text';

/** Version of the move file this program writes; it reads this one and every earlier one. */
export const MOVE_FILE_VERSION = 1;

/** Some moves by themselves, so that instructors can pass them on. */
export const MoveFile = z.object({
  format: z.literal('kotabi-moves'),
  version: z.int().min(1).max(MOVE_FILE_VERSION),
  moves: z.array(Move).min(1).max(500),
});
export type MoveFile = z.infer<typeof MoveFile>;

/** Moves as text, indented so that people and version control can read it. */
export const writeMoveFile = (moves: readonly Move[]): string =>
  `${JSON.stringify({ format: 'kotabi-moves', version: MOVE_FILE_VERSION, moves }, null, 2)}\n`;

/** Reads a move file. Anything wrong is named with its place in the text. */
export const readMoveFile = (
  text: string,
): { ok: true; file: MoveFile } | { ok: false; problems: PlacedProblem[] } => {
  const read = readJson(text, MoveFile, 'kotabi-moves', 'this is not a file of moves');
  if (!read.ok) return read;
  const doubled = doubledMoves(read.value.moves);
  return doubled.length > 0 ? { ok: false, problems: doubled.map(read.at) } : { ok: true, file: read.value };
};

/**
 * Makes the moves of a file one's own. What is here already, word for word, is not taken twice; what is here
 * under the same id but reads differently comes along under a new id.
 */
export const adoptMoves = (
  moves: readonly Move[],
  lookup: MoveLookup,
  newId: () => string,
): { newMoves: Move[]; known: number } => {
  const taken = new Set<string>();
  const newMoves = moves.flatMap((move): Move[] => {
    const here = lookup(move.id);
    if (!here && !taken.has(move.id)) {
      taken.add(move.id);
      return [move];
    }
    return JSON.stringify(here) === JSON.stringify(move) ? [] : [{ ...move, id: newId() }];
  });
  return { newMoves, known: moves.length - newMoves.length };
};

/** JSON Schema of the move file, made from the one source of its shape. */
export const moveFileJsonSchema = (): unknown => ({
  ...z.toJSONSchema(MoveFile, { io: 'input', target: 'draft-2020-12', unrepresentable: 'any' }),
  title: `Kotabi file of moves, version ${MOVE_FILE_VERSION}`,
});
