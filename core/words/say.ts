import { en } from './en';

/** The names in a table: of a plural without its number. */
type KeyOf<T> = {
  [K in keyof T]: K extends `${infer Base}_one` | `${infer Base}_other` ? Base : K;
}[keyof T];

/** Something said by its name in a table, with what belongs into it; `count` chooses among plurals. */
export type SayIn<T> = (key: KeyOf<T>, values?: Record<string, string | number>) => string;

/** What a break says of itself. */
export type Say = SayIn<typeof en>;
export type SaidKey = KeyOf<typeof en>;

const plurals = new Intl.PluralRules('en');

/**
 * An English table as it ships. Pages that carry a package for languages use that with the same tables; this one is for
 * those that have no room for it. Throws for a name that is not in the table.
 */
export const plain =
  <T extends Record<string, string>>(table: T): SayIn<T> =>
  (key, values = {}) => {
    const text = table[key as string] ?? table[`${String(key)}_${plurals.select(Number(values.count ?? 0))}`];
    if (text === undefined) throw new Error(`nothing is said under ${String(key)}`);
    if (!text.includes('{{')) return text;
    return text.replace(/\{\{(\w+)\}\}/g, (_, name: string) => String(values[name] ?? ''));
  };

/** What a break says of itself, in English. */
export const english: Say = plain(en);
