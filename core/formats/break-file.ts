import { z } from 'zod';
import { Break, type FieldProblem, idleTokens, Move, type MoveLookup, moveIdsOf, type Step } from '../model';
import { doubledMoves } from './doubled';
import { type PlacedProblem, readJson } from './json-text';

/** Version of the break file this program writes; it reads this one and every earlier one. */
export const BREAK_FILE_VERSION = 5;

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
  const moves = moveIdsOf(brk).flatMap((id) => lookup(id) ?? []);
  const file: BreakFile = { format: 'kotabi-break', version: BREAK_FILE_VERSION, break: brk, moves };
  return `${JSON.stringify(file, null, 2)}\n`;
};

/** Every step of a break with its place in it. */
const placesOf = (brk: Break): { path: string; step: Step }[] =>
  brk.items.flatMap((item, i) =>
    item.type === 'step'
      ? [{ path: `items.${i}`, step: item }]
      : [
          ...item.links.map((step, n) => ({ path: `items.${i}.links.${n}`, step })),
          ...(item.between ?? []).map((step, n) => ({ path: `items.${i}.between.${n}`, step })),
        ],
  );

/** What of a step its move does not know: a rung that is not there, a token that means nothing. */
const unknownToMove = (step: Step, move: Move): FieldProblem[] => {
  const rungs = move.rungs.map((r) => r.name);
  const [idle] = step.words === undefined ? [] : idleTokens(step.words, move);
  const noRung = step.rung !== undefined && !rungs.includes(step.rung);
  return [
    ...(noRung
      ? [
          {
            path: 'rung',
            message: `“${move.name}” has no rung “${step.rung}”; its rungs are ${rungs.join(', ') || 'none'}`,
            value: step.rung,
          },
        ]
      : []),
    ...(idle
      ? [{ path: 'words', message: `{${idle}} means nothing in “${move.name}”`, value: step.words }]
      : []),
  ];
};

/** What of a step nobody knows: a move that is nowhere, or what its move does not have. */
const stepProblems = (step: Step, find: MoveLookup): FieldProblem[] => {
  const gone = (path: string, id: string): FieldProblem[] =>
    find(id) ? [] : [{ path, message: `there is no move "${id}" in the file or in the library`, value: id }];
  const move = find(step.moveId);
  return [
    ...gone('moveId', step.moveId),
    ...(step.meanwhile ? gone('meanwhile.moveId', step.meanwhile.moveId) : []),
    ...(move ? unknownToMove(step, move) : []),
  ];
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
  const find = (id: string): Move | undefined => file.moves.find((m) => m.id === id) ?? lookup(id);
  const problems = placesOf(file.break).flatMap(({ path, step }) =>
    stepProblems(step, find).map((p) => at({ ...p, path: `break.${path}.${p.path}` })),
  );
  return problems.length > 0 ? { ok: false, problems } : { ok: true, file };
};

/** JSON Schema of the break file, made from the one source of its shape. */
export const breakFileJsonSchema = (): unknown => ({
  ...z.toJSONSchema(BreakFile, { io: 'input', target: 'draft-2020-12', unrepresentable: 'any' }),
  title: `Kotabi break file, version ${BREAK_FILE_VERSION}`,
});
