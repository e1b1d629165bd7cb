import { en } from './en';

/** The name of something said: of a plural, without its number. */
export type SaidKey = keyof typeof en extends infer K
  ? K extends `${infer Base}_one` | `${infer Base}_other`
    ? Base
    : K
  : never;

/** Something said by its name, with what belongs into it; `count` chooses among plurals. */
export type Say = (key: SaidKey, values?: Record<string, string | number>) => string;

const plurals = new Intl.PluralRules('en');

/**
 * English as it ships. Pages that carry a package for languages use that with the same table; this one is for those that
 * have no room for it.
 */
export const english: Say = (key, values = {}) => {
  const table: Record<string, string> = en;
  const text = table[key] ?? table[`${key}_${plurals.select(Number(values.count ?? 0))}`];
  if (text === undefined) throw new Error(`nothing is said under ${key}`);
  return text.replace(/\{\{(\w+)\}\}/g, (_, name: string) => String(values[name] ?? ''));
};
