import type { Character } from '@kotabi/core/suggest';

/** Shares of work that differ by less are told as alike. */
const ALIKE = 0.1;
/** So many of its own moves are named: they are what one recognises it by. */
const NAMED = 2;

const heldShare = ({ heldMs, movedMs }: Character): number => heldMs / Math.max(1, heldMs + movedMs);
const meanHold = ({ heldMs, holds }: Character): number => heldMs / Math.max(1, holds);

/** More held or more moved than the others; where it is neither, more or fewer holds. */
const how = (one: Character, others: readonly Character[]): string | null => {
  if (others.length === 0) return null;
  const own = heldShare(one);
  const shares = others.map(heldShare);
  if (Math.max(own, ...shares) - Math.min(own, ...shares) >= ALIKE) {
    if (own > Math.max(...shares)) return 'more held, less moved';
    if (own < Math.min(...shares)) return 'more movement, less held';
  }
  const isMore = others.every((o) => one.holds > o.holds && meanHold(one) < meanHold(o));
  const isFewer = others.every((o) => one.holds < o.holds && meanHold(one) > meanHold(o));
  return isMore ? 'more and shorter holds' : isFewer ? 'fewer and longer holds' : null;
};

/** The wanted area that it gives more to than each of the others does. */
const forWhat = (one: Character, others: readonly Character[]): string | null => {
  const beyond = one.shares.map(({ area, share }, k) => ({
    area,
    by: share - Math.max(0, ...others.map((o) => o.shares[k]?.share ?? 0)),
  }));
  const [most] = beyond.sort((a, b) => b.by - a.by);
  return others.length > 0 && most && most.by >= ALIKE ? `more for the ${most.area}` : null;
};

/** What one suggestion is like beside the others, in a sentence: “More movement, less held, with “Lean” and “Turn”.” */
export const characterWords = (one: Character, all: readonly Character[]): string => {
  const others = all.filter((c) => c !== one);
  const theirs = new Set(others.flatMap((c) => c.moves));
  const alone = one.moves.filter((name) => others.length > 0 && !theirs.has(name)).slice(0, NAMED);
  // What all of them begin with tells nothing apart.
  const isFirst = others.length === 0 || others.some((c) => c.first !== one.first);
  const parts = [
    one.first && isFirst && `${one.first} first`,
    how(one, others),
    forWhat(one, others),
    one.endsStanding && 'standing at the end',
    alone.length > 0 && `with ${alone.map((name) => `“${name}”`).join(' and ')}`,
  ].filter((part) => typeof part === 'string');
  const text = parts.join(', ');
  return text === '' ? '' : `${text[0]?.toUpperCase()}${text.slice(1)}.`;
};
