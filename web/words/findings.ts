import { cite, published } from '@kotabi/core/reference';
import type { Finding, FindingCode } from '@kotabi/core/review';
import { length, seconds } from './time';

/** What a finding says: what, and why it matters. Where is the step it points at. */
export interface FindingWords {
  title: string;
  why: string;
}

type Say = { [C in FindingCode]: (f: Extract<Finding, { code: C }>) => FindingWords };

const common = 'Common practice.';

const say: Say = {
  overSlot: ({ overMs, slotMs }) => ({
    title: `${length(overMs)} over the slot of ${length(slotMs)}`,
    why: `Run over, the last side is the one that gets cut short. ${common}`,
  }),
  underSlot: ({ leftMs, slotMs }) => ({
    title: `${length(leftMs)} of the ${length(slotMs)} are unused`,
    why: `Room for another move, or a longer hold. ${common}`,
  }),
  oneSideOnly: ({ move, missing }) => ({
    title: `${move}: the ${missing} side is left out`,
    why: `What one side gets, the other is owed. ${common}`,
  }),
  unequalSides: ({ move, short, byMs }) => ({
    title: `${move}: ${short} gets ${seconds(byMs)} less`,
    why: `Uneven on purpose is fine: write the reason down and this goes away. ${common}`,
  }),
  oneDirectionOnly: ({ move, missing }) => ({
    title: `${move}: never goes ${missing}`,
    why: `Ten one way need ten the other way. ${common}`,
  }),
  notMobilised: ({ move, area, holdMs }) => ({
    title: `${move}: held ${seconds(holdMs)} before the ${area} has moved`,
    why: `Muscles stretch best when warm (${cite(published.staticHold)}). Put a mobilising move for the ${area} before it, or hold 10 s at most.`,
  }),
  noSettle: () => ({
    title: 'Nothing to settle with',
    why: `People arrive in a slump; a settling move gives everyone the same start. ${common}`,
  }),
  noClose: () => ({
    title: 'No close',
    why: `Without one nobody notices what changed. ${common}`,
  }),
  cueTooLong: ({ move, cueMs, roomMs, during }) => ({
    title: `${move}: ${seconds(cueMs)} of words ${during === 'work' ? `for ${seconds(roomMs)} of work` : 'before anything moves'}`,
    why:
      during === 'work'
        ? `What to feel and check does not fit into the time at this pace. ${common}`
        : `Set-ups over ${seconds(roomMs)} lose the room. ${common}`,
  }),
};

/** The words of a finding. */
export const findingWords = (finding: Finding): FindingWords =>
  (say[finding.code] as (f: Finding) => FindingWords)(finding);
