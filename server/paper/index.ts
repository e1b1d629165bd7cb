import { shelf } from '@kotabi/core/library/all';
import type { Approach, Break, Move } from '@kotabi/core/model';
import { resolveBreak } from '@kotabi/core/timing';
import { cueCards } from './cards';
import type { PaperKind, Size } from './kinds';
import { handOut } from './page';
import { poster } from './poster';
import { strip } from './strip';

/** What is asked for on paper. */
export interface PaperJob {
  kind: PaperKind;
  size: Size;
  brk: Break;
  /** The instructor's own moves. */
  moves: readonly Move[];
  approach: Approach;
  follow: string | null;
}

const DRAW = { page: handOut, cards: cueCards, strip, poster } as const;

/** A break on paper, as the bytes of a PDF. Null for one that cannot be timed. */
export const drawPaper = async ({
  kind,
  size,
  brk,
  moves,
  approach,
  follow,
}: PaperJob): Promise<Uint8Array | null> => {
  const resolved = resolveBreak(brk, shelf(moves).lookup, approach);
  return resolved.ok ? DRAW[kind]({ resolved: resolved.value, size, follow }) : null;
};
