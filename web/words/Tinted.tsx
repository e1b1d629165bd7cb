const isSide = (piece: string): piece is 'left' | 'right' => /^(left|right)$/i.test(piece);

/** Text in which left and right carry their colour; the word itself says it too. */
export const Tinted = ({ text }: { text: string }) =>
  text.split(/\b(left|right)\b/i).map((piece, place) =>
    isSide(piece) ? (
      // biome-ignore lint/suspicious/noArrayIndexKey: pieces of one text never change their order
      <b key={place} className={piece.toLowerCase()}>
        {piece}
      </b>
    ) : (
      piece
    ),
  );
