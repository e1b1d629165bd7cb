import { z } from 'zod';

/** One thing that is wrong with an input: where, which bound, what was received. */
export const FieldProblem = z.object({
  /** Path to the field, such as `break.items.2.dose.amount`. */
  path: z.string(),
  message: z.string(),
  bound: z.union([z.string(), z.number()]).optional(),
  value: z.unknown().optional(),
});
export type FieldProblem = z.infer<typeof FieldProblem>;

/** The one shape of every error an address of the server answers with. */
export const ApiError = z.object({
  /** Stable, for programs: `invalid`, `notFound`, `conflict`, ... */
  code: z.string(),
  /** For people: what happened, that nothing was lost, what to do. */
  message: z.string(),
  fields: z.array(FieldProblem.extend({ line: z.int().optional(), column: z.int().optional() })),
});
export type ApiError = z.infer<typeof ApiError>;

type Issue = z.core.$ZodIssue;

const at = (value: unknown, path: readonly PropertyKey[]): unknown =>
  path.reduce<unknown>(
    (v, key) => (v !== null && typeof v === 'object' ? (v as Record<PropertyKey, unknown>)[key] : undefined),
    value,
  );

const brief = (value: unknown): unknown =>
  value !== null && typeof value === 'object'
    ? undefined
    : typeof value === 'string'
      ? value.slice(0, 80)
      : value;

const unit = (origin: string, bound: number | bigint, which: 'least' | 'most'): string => {
  if (origin === 'string') return `have at ${which} ${bound} character${bound === 1 ? '' : 's'}`;
  if (origin === 'array') return `hold at ${which} ${bound} entr${bound === 1 ? 'y' : 'ies'}`;
  return `be at ${which} ${bound}`;
};

const say = (issue: Issue, value: unknown): Pick<FieldProblem, 'message' | 'bound'> => {
  switch (issue.code) {
    case 'too_small':
      return { message: `must ${unit(issue.origin, issue.minimum, 'least')}`, bound: Number(issue.minimum) };
    case 'too_big':
      return { message: `must ${unit(issue.origin, issue.maximum, 'most')}`, bound: Number(issue.maximum) };
    case 'invalid_type':
      return {
        message:
          value === undefined
            ? 'is missing'
            : `must be ${issue.expected === 'int' ? 'a whole number' : `of type ${issue.expected}`}`,
        bound: issue.expected,
      };
    case 'invalid_value':
      return { message: `must be one of ${issue.values.join(', ')}`, bound: issue.values.join(', ') };
    default:
      return { message: issue.message };
  }
};

/** Turns what Zod found into problems that name the field, the bound and the value received. */
export const fieldProblems = (error: z.ZodError, input: unknown): FieldProblem[] =>
  error.issues.map((issue) => {
    const value = at(input, issue.path);
    return { path: issue.path.map(String).join('.'), ...say(issue, value), value: brief(value) };
  });
