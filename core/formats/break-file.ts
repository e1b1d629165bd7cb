import { findNodeAtLocation, type Node, type ParseError, parseTree, printParseErrorCode } from 'jsonc-parser';
import { z } from 'zod';
import { Break, type FieldProblem, fieldProblems, Move, type MoveLookup, stepsOf } from '../model';

/** Version of the break file this program writes; it reads this one and every earlier one. */
export const BREAK_FILE_VERSION = 1;

/** A break together with every move it uses, so that it can be opened anywhere. */
export const BreakFile = z.object({
  format: z.literal('kotabi-break'),
  version: z.int().min(1).max(BREAK_FILE_VERSION),
  break: Break,
  moves: z.array(Move).max(120),
});
export type BreakFile = z.infer<typeof BreakFile>;

/** A problem with its place in the text, counted from 1. */
export interface PlacedProblem extends FieldProblem {
  line: number;
  column: number;
}

export type ReadBreakFile = { ok: true; file: BreakFile } | { ok: false; problems: PlacedProblem[] };

/** The break and its moves as text, indented so that people and version control can read it. */
export const writeBreakFile = (brk: Break, lookup: MoveLookup): string => {
  const ids = [...new Set(stepsOf(brk).map((s) => s.moveId))];
  const moves = ids.flatMap((id) => lookup(id) ?? []);
  const file: BreakFile = { format: 'kotabi-break', version: BREAK_FILE_VERSION, break: brk, moves };
  return `${JSON.stringify(file, null, 2)}\n`;
};

const placeOf = (text: string, offset: number): { line: number; column: number } => {
  const before = text.slice(0, offset).split('\n');
  return { line: before.length, column: (before.at(-1)?.length ?? 0) + 1 };
};

const SYNTAX: Partial<Record<ReturnType<typeof printParseErrorCode>, string>> = {
  InvalidSymbol: 'something here is not JSON',
  PropertyNameExpected: 'a property name is expected',
  ValueExpected: 'a value is expected',
  ColonExpected: 'a colon is expected',
  CommaExpected: 'a comma is expected',
  CloseBraceExpected: 'the text ends before a closing brace',
  CloseBracketExpected: 'the text ends before a closing bracket',
  EndOfFileExpected: 'there is more after the end',
  UnexpectedEndOfString: 'a text is not closed',
};

/** The node at a path, or the nearest one around it that is there. */
const nodeNear = (root: Node, path: (string | number)[]): Node => {
  for (let length = path.length; length > 0; length--) {
    const node = findNodeAtLocation(root, path.slice(0, length));
    if (node) return node;
  }
  return root;
};

/**
 * Reads a break file. Anything wrong is named with its place in the text; nothing is guessed. Moves that steps
 * use but the file does not hold are a problem too, unless `lookup` knows them.
 */
export const readBreakFile = (text: string, lookup: MoveLookup = () => undefined): ReadBreakFile => {
  const errors: ParseError[] = [];
  const root = parseTree(text.replace(/^\uFEFF/, ' '), errors, { disallowComments: true });
  const [error] = errors;
  if (!root || error) {
    const code = error ? printParseErrorCode(error.error) : 'ValueExpected';
    const message = SYNTAX[code] ?? 'this is not JSON';
    return { ok: false, problems: [{ path: '', message, ...placeOf(text, error?.offset ?? 0) }] };
  }
  const value: unknown = plainValue(root);
  const at = (problem: FieldProblem): PlacedProblem => {
    const path =
      problem.path === '' ? [] : problem.path.split('.').map((k) => (/^\d+$/.test(k) ? Number(k) : k));
    return { ...problem, ...placeOf(text, nodeNear(root, path).offset) };
  };
  const parsed = BreakFile.safeParse(value);
  if (!parsed.success) {
    const format = (value as { format?: unknown } | null)?.format;
    if (format !== 'kotabi-break')
      return {
        ok: false,
        problems: [
          at({
            path: 'format',
            message: 'this is not a break file: its format should be "kotabi-break"',
            value: typeof format === 'string' ? format.slice(0, 80) : undefined,
          }),
        ],
      };
    return { ok: false, problems: fieldProblems(parsed.error, value).map(at) };
  }
  const file = parsed.data;
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

const plainValue = (node: Node): unknown => {
  if (node.type === 'object')
    return Object.fromEntries(
      (node.children ?? []).map(({ children: [key, value] = [] }) => [
        key?.value,
        value && plainValue(value),
      ]),
    );
  if (node.type === 'array') return (node.children ?? []).map(plainValue);
  return node.value;
};

/** JSON Schema of the break file, made from the one source of its shape. */
export const breakFileJsonSchema = (): unknown => ({
  ...z.toJSONSchema(BreakFile, { io: 'input', target: 'draft-2020-12', unrepresentable: 'any' }),
  title: `Kotabi break file, version ${BREAK_FILE_VERSION}`,
});
