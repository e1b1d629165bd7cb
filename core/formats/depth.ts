/** Nothing that is kept or computed here is nested deeper than a few levels. */
export const MOST_DEPTH = 60;

/** True for a JSON text that is nested deeper than anything of ours; told before anything descends into it. */
export const isTooDeep = (text: string, most = MOST_DEPTH): boolean => {
  let depth = 0;
  for (let i = 0, inText = false; i < text.length; i++) {
    const c = text[i];
    if (inText) {
      if (c === '\\') i++;
      else if (c === '"') inText = false;
    } else if (c === '"') inText = true;
    else if (c === '[' || c === '{') {
      if (++depth > most) return true;
    } else if (c === ']' || c === '}') depth--;
  }
  return false;
};
