import type { Character } from '@kotabi/core/suggest';

/** Shares of held work that differ by less are told as alike. */
const ALIKE = 0.1;

const heldShare = ({ heldMs, movedMs }: Character): number => heldMs / Math.max(1, heldMs + movedMs);

/** What one suggestion is like beside the others, in a sentence: “Neck first, more held than the others.” */
export const characterWords = (one: Character, all: readonly Character[]): string => {
  const shares = all.map(heldShare);
  const [least, most] = [Math.min(...shares), Math.max(...shares)];
  const own = heldShare(one);
  const differs = most - least >= ALIKE;
  const others = all.filter((c) => c !== one).flatMap((c) => c.moves);
  const alone = one.moves.find((name) => !others.includes(name));
  const parts = [
    one.first && `${one.first} first`,
    differs && own === most && 'more held, less moved',
    differs && own === least && 'more movement, less held',
    one.endsStanding && 'standing at the end',
    all.length > 1 && alone !== undefined && `above all “${alone}”`,
  ].filter((part) => typeof part === 'string');
  const text = parts.join(', ');
  return text === '' ? '' : `${text[0]?.toUpperCase()}${text.slice(1)}.`;
};
