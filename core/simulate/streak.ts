/**
 * The chance that among n breaks, each skipped with chance p, there are never k skipped in a row. Exact: the
 * chances of the skips at the end so far, 0 to k - 1, carried from one break to the next.
 */
export const chanceNoStreak = (n: number, k: number, p: number): number => {
  let open = Array.from({ length: k }, (_, i): number => (i === 0 ? 1 : 0));
  for (let b = 0; b < n; b++) {
    const any = open.reduce((a, c) => a + c, 0);
    open = open.map((_, i) => (i === 0 ? any * (1 - p) : (open[i - 1] as number) * p));
  }
  return open.reduce((a, c) => a + c, 0);
};
