import { type Break, defaultPace } from '../../model';
import { STANDING_WORDS } from '../../review/rules/room/announced';
import { announcement } from '../../review/rules/room/things';
import { SLACK_MS, SLACK_SHARE } from '../../review/rules/slot/slot';
import type { Row } from '../../solver';
import { fetchMs, positionMs, sayMs } from '../../timing';
import type { Candidate } from '../candidate';
import type { SuggestRequest } from '../request';
import type { Places } from './places';
import { merged, type Sheet, type Terms } from './sheet';

/** So much of a slot is left: people come late, and a sentence takes longer than planned. Common practice, no source. */
export const LEFT_SHARE = 0.03;
/** A second of a slot left empty beyond what is usual. */
export const EMPTY_COST = 0.02;

/** The time one has in a slot, seconds. */
export const roomSec = (slotSec: number): number => slotSec * (1 - LEFT_SHARE);

const scaled = (terms: Terms, by: number): Terms => terms.map(([x, f]) => [x, f * by] as const);

/**
 * Everything takes its time, and a little is left over. The time of a thing that is fetched is charged for each move that
 * needs it, which is never too little. Talk takes at most as long as the work. Answers
 * the seconds that everything takes, and the row that keeps them within the room there is.
 */
export const time = (
  sheet: Sheet,
  { slotSec }: SuggestRequest,
  { edge, stand, things }: Places,
  lettingGo: Terms,
  { pace = defaultPace }: Pick<Break, 'pace'>,
): { seconds: Terms; room: Row } => {
  const fetched = (c: Candidate): number => fetchMs([], c.things) / 1000;
  const announced: Terms = [
    [stand, sayMs(STANDING_WORDS, pace) / 1000],
    ...[...things].map(([t, x]) => [x, sayMs(announcement(t), pace) / 1000] as const),
  ];
  const all: Terms = [
    ...sheet.all((c, dose) => dose.lengthMs / 1000 + fetched(c)),
    ...lettingGo,
    ...announced,
    [edge, positionMs('back', 'edge') / 1000],
    [stand, positionMs('back', 'standing') / 1000],
  ];
  sheet.most(roomSec(slotSec), all);
  const room = sheet.rows.at(-1) as Row;
  const empty = sheet.column({ name: 'empty', cost: -EMPTY_COST, lower: 0, upper: slotSec, whole: false });
  const slack = Math.max(SLACK_MS / 1000, slotSec * SLACK_SHARE) / 2;
  sheet.least(slotSec - slack, [...all, [empty, 1]]);
  sheet.least(0, [...sheet.all((_, dose) => (dose.workMs - dose.saidMs) / 1000), ...scaled(announced, -1)]);
  return { seconds: merged(all), room };
};
