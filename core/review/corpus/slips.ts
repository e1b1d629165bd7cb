import { Person, Thing } from '../../model';
import type { Audience } from '..';
import type { Slip, With } from './slip';
import { CARE_SLIPS } from './slips-care';
import { DOSE_SLIPS } from './slips-doses';
import { EVERYDAY_SLIPS } from './slips-everyday';
import { ORDER_SLIPS } from './slips-order';
import { ROOM_SLIPS } from './slips-room';
import { SAID_SLIPS } from './slips-said';
import { SIDE_SLIPS } from './slips-sides';
import { WORD_SLIPS } from './slips-words';

/** The people and the room of a slip: one person for each limit, every thing at hand. */
export const audienceOf = ({ limits = [], room = [] }: With): Audience => ({
  people: limits.map((limit, i) =>
    Person.parse({ id: `p${i}`, groupId: 'g', name: `P${i}`, consent: true, limits: [{ limit }] }),
  ),
  room: { limits: [...room], things: Thing.options },
});

/** Breaks with one slip each, and what a careful colleague would remark on. Written from the trade: common practice, no source. */
export const SLIPS: readonly Slip[] = [
  ...DOSE_SLIPS,
  ...ORDER_SLIPS,
  ...CARE_SLIPS,
  ...ROOM_SLIPS,
  ...SIDE_SLIPS,
  ...WORD_SLIPS,
  ...SAID_SLIPS,
  ...EVERYDAY_SLIPS,
];
