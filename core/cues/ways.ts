import type { Move, Side } from '../model';
import { otherSide } from '../model';

/** One way of a move in words: `left`, `left arm on top`, `left hand, right foot`; empty for a move without ways. */
export const wayName = ({ ways }: Pick<Move, 'ways'>, side: Side): string => {
  if (ways.pattern === 'together') return '';
  switch (ways.pair) {
    case 'side':
      return side;
    case 'diagonal':
      return `${side} hand, ${otherSide(side)} foot`;
    case 'thumb in front':
      return `${side} thumb in front`;
    case 'arm on top':
    case 'hand on top':
    case 'leg on top':
      return `${side} ${ways.pair}`;
  }
};
