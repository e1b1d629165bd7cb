import { inLanguage } from '@kotabi/core/cues';
import { shelf } from '@kotabi/core/library/all';
import type { Approach, Break, Move, MoveLookup } from '@kotabi/core/model';
import { type ResolvedBreak, resolveBreak } from '@kotabi/core/timing';
import { booklet, type WeekOnPaper } from './booklet';
import { cueCards } from './cards';
import type { PaperKind, Size } from './kinds';
import { type MonthOnPaper, monthPage } from './month';
import { handOut } from './page';
import { poster } from './poster';
import { strip } from './strip';
import { sayIn } from './words';

interface Setting {
  size: Size;
  /** The instructor's own moves. */
  moves: readonly Move[];
  approach: Approach;
  follow: string | null;
  /** The language of its words, as IETF BCP 47 names it; English when left out. */
  language?: string;
}

/** What is asked for on paper: a break, or a week with each of its breaks. */
type ShownJob = Setting &
  ({ kind: PaperKind; brk: Break } | { kind: 'booklet'; week: WeekOnPaper; breaks: readonly Break[] });
/** Or the month’s page, which is words alone. */
export type PaperJob = ShownJob | ({ kind: 'month' } & MonthOnPaper);

const DRAW = { page: handOut, cards: cueCards, strip, poster } as const;

/** A break or a week on paper, as the bytes of a PDF. Null for a break that cannot be timed; a week leaves it out. */
export const drawPaper = async (asked: PaperJob): Promise<Uint8Array | null> =>
  asked.kind === 'month' ? monthPage(asked) : drawShown(asked);

const drawShown = async ({
  size,
  moves,
  approach,
  follow,
  language = 'en',
  ...job
}: ShownJob): Promise<Uint8Array | null> => {
  const { lookup: find } = shelf(moves);
  const say = sayIn(language);
  const lookup: MoveLookup = (id) => {
    const move = find(id);
    return move && inLanguage(move, language);
  };
  const inWords = (resolved: ResolvedBreak): ResolvedBreak => ({ ...resolved, say });
  if (job.kind === 'booklet') {
    const breaks = job.breaks.flatMap((brk) => {
      const resolved = resolveBreak(brk, lookup, approach);
      return resolved.ok ? [inWords(resolved.value)] : [];
    });
    return booklet({ week: job.week, breaks, size, follow, say, language });
  }
  const resolved = resolveBreak(job.brk, lookup, approach);
  return resolved.ok
    ? DRAW[job.kind]({ resolved: inWords(resolved.value), size, follow, say, language })
    : null;
};
