import type { SolveLimits } from '../solver';

/**
 * Where the solver stops: the same on every machine, so that each gives the same answer. A fiftieth nearer to the best nobody can
 * tell from it, and to prove the other half of that took twice as long. Common practice, no source.
 */
export const SUGGEST_LIMITS: SolveLimits = { nodes: 3000, gap: 0.02 };
