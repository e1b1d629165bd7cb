import { goesByBreath } from '../../model';
import { SHORT_SLOT_SEC } from '../../review/rules/order/frame';
import type { Candidate } from '../candidate';
import type { SuggestRequest } from '../request';
import { isOnlyBreath } from '../weighed';
import type { Sheet } from './sheet';

/** From such a slot on there is a breathing move of its own, not only a movement led by the breath. */
export const BREATHE_SLOT_SEC = 180;
/** From such a slot on something is let go in any case; in less only where something was held. Common practice, no source. */
export const RELEASE_SLOT_SEC = 90;
/** So many moves of the head before the holds, at most: more of them at once make giddy. Common practice, no source. */
export const HEAD_MOVES = 3;

const leadsBreath = ({ move, step }: Candidate): boolean =>
  move.kind === 'breathe' || step.dose.measure === 'breaths' || goesByBreath(step.dose);

/** So many breathing moves follow each other where the breath is all that is wanted. */
export const BREATHING_MOVES = 3;

/** Longer than a moment, and not beside a call: it has a beginning and an end. */
export const isFramed = ({ slotSec, onCall }: Pick<SuggestRequest, 'slotSec' | 'onCall'>): boolean =>
  slotSec > SHORT_SLOT_SEC && !onCall;

/** Settle, a breath and a close are always there; in little more than a minute a breath is enough. Something is worked on. */
export const frame = (sheet: Sheet, request: SuggestRequest): void => {
  const kind = (k: string) => sheet.those((c) => c.move.kind === k);
  const once = isFramed(request) ? 1 : 0;
  sheet.between(once, 1, kind('settle'));
  sheet.between(once, 1, kind('close'));
  const onlyBreath = isOnlyBreath(request);
  sheet.between(
    request.slotSec >= BREATHE_SLOT_SEC && once ? 1 : 0,
    onlyBreath ? BREATHING_MOVES : 1,
    kind('breathe'),
  );
  if (once) sheet.least(1, sheet.those(leadsBreath));
  sheet.between(request.slotSec >= RELEASE_SLOT_SEC ? once : 0, 2, kind('release'));
  // Massage is a change now and then, not what a break is made of.
  sheet.most(request.targets.some((t) => t.area === 'face') ? 2 : 1, kind('massage'));
  sheet.most(
    HEAD_MOVES,
    sheet.those((c) => c.move.kind === 'mobilise' && c.move.region === 'neck'),
  );
  const frames = ['settle', 'close', 'release', ...(onlyBreath ? [] : ['breathe'])];
  sheet.least(
    1,
    sheet.those((c) => !frames.includes(c.move.kind)),
  );
};
