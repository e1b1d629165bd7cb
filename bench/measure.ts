/** Runs something until it has been warm for a while and gives its median time in milliseconds. */
export const medianMs = (work: () => void, rounds: number): number => {
  for (let i = 0; i < Math.ceil(rounds / 5); i++) work();
  const times = Array.from({ length: rounds }, () => {
    const start = performance.now();
    work();
    return performance.now() - start;
  }).sort((a, b) => a - b);
  return times[Math.floor(times.length / 2)] ?? 0;
};

/** One line: what was measured, against what, and the ratio. */
export const ratioLine = (what: string, ms: number, against: string, againstMs: number): string =>
  `${what}: ${ms.toFixed(3)} ms; ${against}: ${againstMs.toFixed(1)} ms; ratio ${(ms / againstMs).toFixed(4)}`;
