import type { Move, Side } from '../model';
import { otherSide } from '../model';
import { english, type Say } from '../words';

/** One way of a move in words: `left`, `left arm on top`, `left hand, right foot`; empty for a move without ways. */
export const wayName = ({ ways }: Pick<Move, 'ways'>, side: Side, say: Say = english): string => {
  if (ways.pattern === 'together') return '';
  // By far the most are asked for their side alone.
  if (ways.pair === 'side') return say(side);
  const values = { side: say(side), other: say(otherSide(side)) };
  switch (ways.pair) {
    case 'diagonal':
      return say('wayDiagonal', values);
    case 'thumb in front':
      return say('wayThumb', values);
    case 'arm on top':
      return say('wayArm', values);
    case 'hand on top':
      return say('wayHand', values);
    case 'leg on top':
      return say('wayLeg', values);
  }
};
