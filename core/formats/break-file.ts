import { z } from 'zod';
import { Break, Move, type MoveLookup, stepsOf } from '../model';
import { doubledMoves } from './doubled';
import { type PlacedProblem, readJson } from './json-text';

/** Version of the break file this program writes; it reads this one and every earlier one. */
export const BREAK_FILE_VERSION = 4;

/** A break together with every move it uses, so that it can be opened anywhere. */
export const BreakFile = z.object({
  format: z.literal('kotabi-break'),
  version: z.int().min(1).max(BREAK_FILE_VERSION),
  break: Break,
  moves: z.array(Move).max(120),
});
export type BreakFile = z.infer<typeof BreakFile>;

export type ReadBreakFile = { ok: true; file: BreakFile } | { ok: false; problems: PlacedProblem[] };

/** The break and its moves as text, indented so that people and version control can read it. */
export const writeBreakFile = (brk: Break, lookup: MoveLookup): string => {
  const ids = [...new Set(stepsOf(brk).map((s) => s.moveId))];
  const moves = ids.flatMap((id) => lookup(id) ?? []);
  const file: BreakFile = { format: 'kotabi-break', version: BREAK_FILE_VERSION, break: brk, moves };
  return `${JSON.stringify(file, null, 2)}\n`;
};

/**
 * Reads a break file. Anything wrong is named with its place in the text; nothing is guessed. Moves that steps
 * use but the file does not hold are a problem too, unless `lookup` knows them.
 */
export const readBreakFile = (text: string, lookup: MoveLookup = () => undefined): ReadBreakFile => {
  const read = readJson(text, BreakFile, 'kotabi-break', 'this is not a break file');
  if (!read.ok) return read;
  const { value: file, at } = read;
  const doubled = doubledMoves(file.moves);
  if (doubled.length > 0) return { ok: false, problems: doubled.map(at) };
  const known = new Set(file.moves.map((m) => m.id));
  const missing = stepsOf(file.break).filter((s) => !known.has(s.moveId) && !lookup(s.moveId));
  if (missing.length > 0)
    return {
      ok: false,
      problems: missing.map((s) =>
        at({
          path: 'moves',
          message: `the move "${s.moveId}" is used by a step but not in the file`,
          value: s.moveId,
        }),
      ),
    };
  return { ok: true, file };
};

/** JSON Schema of the break file, made from the one source of its shape. */
export const breakFileJsonSchema = (): unknown => ({
  ...z.toJSONSchema(BreakFile, { io: 'input', target: 'draft-2020-12', unrepresentable: 'any' }),
  title: `Kotabi break file, version ${BREAK_FILE_VERSION}`,
});
