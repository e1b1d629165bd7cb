/** How much a finding of the review weighs: stop before it is led, see to it, or just have a look. */
export type Weight = 'stop' | 'caution' | 'look';
/** All weights, the heaviest first. */
export const WEIGHTS: readonly Weight[] = ['stop', 'caution', 'look'];
