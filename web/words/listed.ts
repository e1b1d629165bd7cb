/** So many names are read in one go; the rest are counted, and named where one points at them. */
const MOST_NAMES = 6;

/** Names in a sentence; of many the first ones and how many more. */
export const listed = (names: readonly string[]): string => {
  if (names.length > MOST_NAMES + 1)
    return `${names.slice(0, MOST_NAMES).join(', ')} and ${names.length - MOST_NAMES} more`;
  return names.length <= 1 ? names.join('') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;
};
