import type { Reason } from '@kotabi/core/suggest';

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

/** How far an answer may still be from the best, in words. */
export const gapText = (gap: number): string =>
  gap < 0.0005 ? 'the best there is' : `within ${(gap * 100).toFixed(1)} % of the best there is`;
