import { findNodeAtLocation, type Node, type ParseError, parseTree, printParseErrorCode } from 'jsonc-parser';
import type { z } from 'zod';
import { type FieldProblem, fieldProblems } from '../model';
import { isTooDeep, MOST_DEPTH } from './depth';

/** A problem with its place in the text, counted from 1. */
export interface PlacedProblem extends FieldProblem {
  line: number;
  column: number;
}

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

export type ReadJson<T> =
  | { ok: true; value: T; at: (problem: FieldProblem) => PlacedProblem }
  | { ok: false; problems: PlacedProblem[] };

/**
 * Reads a text of one of Kotabi's own formats. Anything wrong is named with its place in the text; nothing is
 * guessed. `at` gives the place of a problem that is found later.
 */
export const readJson = <T>(
  text: string,
  schema: z.ZodType<T>,
  format: string,
  notThis: string,
): ReadJson<T> => {
  if (isTooDeep(text))
    return {
      ok: false,
      problems: [
        {
          path: '',
          message: `is nested deeper than ${MOST_DEPTH} levels`,
          bound: MOST_DEPTH,
          line: 1,
          column: 1,
        },
      ],
    };
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
  const parsed = schema.safeParse(value);
  if (parsed.success) return { ok: true, value: parsed.data, at };
  const said = (value as { format?: unknown } | null)?.format;
  if (said !== format)
    return {
      ok: false,
      problems: [
        at({
          path: 'format',
          message: `${notThis}: its format should be "${format}"`,
          value: typeof said === 'string' ? said.slice(0, 80) : undefined,
        }),
      ],
    };
  return { ok: false, problems: fieldProblems(parsed.error, value).map(at) };
};
