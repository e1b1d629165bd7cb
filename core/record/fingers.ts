/** The number in the middle of those shown, 0 to 10: half of them are no higher. Of an even number the lower middle one. */
export const middleOf = (fingers: readonly number[]): number | null => {
  const sorted = [...fingers].sort((a, b) => a - b);
  return sorted[Math.floor((sorted.length - 1) / 2)] ?? null;
};
