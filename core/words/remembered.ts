/** So many texts are remembered, then all are forgotten: texts are few, those of the library and those that people write. */
const MOST = 20_000;

/** Keeps what was worked out for a text. What is worked out must come of the text alone, and is never undefined. */
export const remembered = <T>(make: (text: string) => T): ((text: string) => T) => {
  const known = new Map<string, T>();
  return (text) => {
    const found = known.get(text);
    if (found !== undefined) return found;
    if (known.size > MOST) known.clear();
    const made = make(text);
    known.set(text, made);
    return made;
  };
};
