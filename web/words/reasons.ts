import { type LikelyArea, type Reason, SUGGEST_LIMITS, type Why } from '@kotabi/core/suggest';

const FRAME = {
  settle: 'everyone arrives',
  breathe: 'the breath slows down',
  close: 'the end, and what changed',
  release: 'lets go of what was held',
} as const;

/** Why a step is in a suggestion, in a phrase. */
export const reasonWords = (reason: Reason): string => {
  switch (reason.code) {
    case 'frame':
      return FRAME[reason.part];
    case 'target':
      return `for the ${reason.area}`;
    case 'readies':
      return `moves the ${reason.area} before ${reason.for}`;
    case 'balances':
      return `balances ${reason.move}`;
    case 'announces':
      return 'so that nobody has to look for it halfway';
    case 'fills':
      return `there is time left for the ${reason.area}`;
  }
};

/** Where the search was stopped before the best was sure: nothing where no better one could be told apart. */
export const stoppedEarly = (gap: number): string =>
  gap > SUGGEST_LIMITS.gap ? 'The search was stopped; a better one may exist.' : '';
const WHY: Record<Why, string> = {
  hopes: 'hoped for',
  tight: 'tight in the group',
  lacking: 'still short this week',
};

/** Why these areas are proposed, in a sentence. */
export const likelyWords = (likely: readonly LikelyArea[]): string =>
  likely.map(({ area, why }) => `${area}: ${why.map((w) => WHY[w]).join(', ')}`).join('; ');
