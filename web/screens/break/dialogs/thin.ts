/** States saved within this time of each other are one stretch of work; its last one stands for it. */
const STRETCH_MS = 60_000;

/**
 * The saved states worth listing, the newest first: saving follows every change, so of those that were saved in one
 * go only the last is kept, and always the very first, as the break was made.
 */
export const thinned = <T extends { version: number; savedAt: string }>(newestFirst: readonly T[]): T[] => {
  const kept: T[] = [];
  for (const v of newestFirst) {
    const last = kept.at(-1);
    const apart = last === undefined || Date.parse(last.savedAt) - Date.parse(v.savedAt) > STRETCH_MS;
    if (apart || v.version === 1) kept.push(v);
  }
  return kept;
};
