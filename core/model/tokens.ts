import type { z } from 'zod';

/** What can stand in braces in words, and becomes what is meant in the pass in which they are said. */
export const TOKENS = [
  'side',
  'other',
  'direction',
  'going',
  'coming',
  'outlet',
  'elbow',
  'belly',
  'weighs',
  'tall',
  'lap',
  'base',
] as const;
export type Token = (typeof TOKENS)[number];

/** The names in braces in a text, in small letters, each once. */
const namesIn = (text: string): string[] => [
  ...new Set([...text.matchAll(/\{([^{}]*)\}/g)].map(([, name = '']) => name.toLowerCase())),
];

/** Names in braces that are no tokens: a slip, such as `{sidde}`. */
export const unknownTokens = (text: string): string[] =>
  namesIn(text).filter((name) => !TOKENS.some((token) => token === name));

/** What a move must have so that a token means something in its words. */
interface Meaning {
  ways: { pattern: string; directions?: unknown };
  breath: { going: string };
}

/** Tokens that mean nothing in the words of a move: a side of one without sides, a direction of one without directions. */
export const idleTokens = (text: string, { ways, breath }: Meaning): Token[] =>
  namesIn(text).flatMap((name): Token[] => {
    const token = TOKENS.find((t) => t === name);
    if (!token) return [];
    const sided = token === 'side' || token === 'other';
    const breathed = token === 'going' || token === 'coming';
    const idle =
      (sided && ways.pattern === 'together') ||
      (token === 'direction' && !ways.directions) ||
      (breathed && breath.going === 'free');
    return idle ? [token] : [];
  });

/** Refuses words with a slip in braces, and says which and what there is. */
export const withKnownTokens = <T extends z.ZodType<string>>(text: T) =>
  text.refine((words) => unknownTokens(words as string).length === 0, {
    error: ({ input }) =>
      `{${unknownTokens(String(input)).join('}, {')}} means nothing here; in braces may stand ${TOKENS.map((t) => `{${t}}`).join(', ')}`,
  });
