import { isOffered, proposedDose, proposedRung, proposedSets } from '../approach';
import type { Shelf } from '../library';
import type { Approach, Break, Move } from '../model';
import { type Finding, review } from '../review';
import { compileTimeline, type Part, resolveBreak } from '../timing';

/** What a changed approach alters in one break that is kept already. */
export interface BreakChange {
  breakId: string;
  name: string;
  /** Sentences that would be said differently: before and after. */
  words: { before: string; after: string }[];
  /** Findings that would come and go. */
  added: Finding[];
  gone: Finding[];
  /** Change of the whole length, ms. */
  lengthMs: number;
}

/** What a changed approach alters in what is proposed for one move. */
export interface ProposalChange {
  moveId: string;
  name: string;
  what: ('offered' | 'dose' | 'sets' | 'rung')[];
}

const keyOf = (f: Finding): string => JSON.stringify(f);

/** Everything that is to be said in a part, whether there is time for it or not; numbers aside. */
const wordsOf = (part: Part | undefined): string =>
  [...(part?.lines ?? []), ...(part?.dropped ?? [])]
    .filter((l) => l.role !== 'count')
    .map((l) => l.text)
    .join(' ');

const breakChange = (
  brk: Break,
  { library, lookup }: Pick<Shelf, 'library' | 'lookup'>,
  before: Approach,
  after: Approach,
): BreakChange[] => {
  const [a, b] = [resolveBreak(brk, lookup, before), resolveBreak(brk, lookup, after)];
  if (!a.ok || !b.ok) return [];
  const [lineA, lineB] = [compileTimeline(a.value), compileTimeline(b.value)];
  const words = lineA.parts.flatMap((part, i) => {
    const [before, after] = [wordsOf(part), wordsOf(lineB.parts[i])];
    return before !== after ? [{ before, after }] : [];
  });
  const [foundA, foundB] = [
    review({ resolved: a.value, timeline: lineA, lookup, library, audience: null }),
    review({ resolved: b.value, timeline: lineB, lookup, library, audience: null }),
  ];
  const [keysA, keysB] = [new Set(foundA.map(keyOf)), new Set(foundB.map(keyOf))];
  const change: BreakChange = {
    breakId: brk.id,
    name: brk.name,
    words,
    added: foundB.filter((f) => !keysA.has(keyOf(f))),
    gone: foundA.filter((f) => !keysB.has(keyOf(f))),
    lengthMs: lineB.totals.totalMs - lineA.totals.totalMs,
  };
  const same = words.length + change.added.length + change.gone.length === 0 && change.lengthMs === 0;
  return same ? [] : [change];
};

const proposalChange = (move: Move, before: Approach, after: Approach): ProposalChange[] => {
  const differs = (of: (a: Approach) => unknown): boolean =>
    JSON.stringify(of(before)) !== JSON.stringify(of(after));
  const what: ProposalChange['what'] = [];
  if (differs((a) => isOffered(move, a))) what.push('offered');
  if (differs((a) => proposedDose(move, a))) what.push('dose');
  if (differs((a) => proposedSets(move, a))) what.push('sets');
  if (differs((a) => proposedRung(move, a))) what.push('rung');
  return what.length > 0 ? [{ moveId: move.id, name: move.name, what }] : [];
};

/** Everything another approach would alter, before it is kept: in the breaks that are there, and in proposals. */
export const approachChanges = (
  before: Approach,
  after: Approach,
  breaks: readonly Break[],
  { library, lookup }: Pick<Shelf, 'library' | 'lookup'>,
): { breaks: BreakChange[]; proposals: ProposalChange[] } => {
  return {
    breaks: breaks.flatMap((brk) => breakChange(brk, { library, lookup }, before, after)),
    proposals: library.flatMap((move) => proposalChange(move, before, after)),
  };
};
