import type { Move } from '../model';

/**
 * A move with its words in a language (as IETF BCP 47 names it), where it has them: the language itself, else the one it
 * is a kind of. What is not translated stays as it is.
 */
export const inLanguage = (move: Move, language: string): Move => {
  const known = move.inLanguages ?? {};
  const words = known[language] ?? known[language.split('-')[0] ?? ''];
  if (!words) return move;
  const { directions } = words;
  return {
    ...move,
    ...(words.name && { name: words.name }),
    ...(directions && { ways: { ...move.ways, directions } }),
    cues: { ...move.cues, ...words.cues },
    ...(words.standing && { standing: { ...move.standing, ...words.standing } }),
    ...(words.oneByOne && { oneByOne: { ...move.oneByOne, ...words.oneByOne } }),
    rungs: move.rungs.map((rung) => ({ ...rung, ...words.rungs?.[rung.name] })),
  };
};
