import { MOST_PARTS_AT_ONCE, type Session, type SessionPiece } from '../model';

/** Some parts of a record as pieces, none larger than what a browser sends while its page is closed. One at least. */
export const piecesOf = (session: Session, from = 0, until = session.parts.length): SessionPiece[] => {
  const pieces: SessionPiece[] = [];
  for (let at = from; at < until; at += MOST_PARTS_AT_ONCE)
    pieces.push({
      ...session,
      from: at,
      parts: session.parts.slice(at, Math.min(until, at + MOST_PARTS_AT_ONCE)),
    });
  return pieces.length > 0 ? pieces : [{ ...session, from, parts: [] }];
};

/**
 * A record with a piece put in: what it says of the whole counts, its parts stand in their place, all others stay. Null where
 * parts before it are missing, so that the piece has no place yet.
 */
export const withPiece = (
  before: Session | null,
  { from, parts, ...whole }: SessionPiece,
): Session | null => {
  const had = before?.parts ?? [];
  if (from > had.length) return null;
  return { ...whole, parts: [...had.slice(0, from), ...parts, ...had.slice(from + parts.length)] };
};
