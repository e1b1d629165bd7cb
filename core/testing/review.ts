import { applyFix } from '../edit';
import { stepOf } from '../library';
import { library, moveLookup } from '../library/all';
import {
  type Break,
  defaultApproach,
  type Group,
  type Item,
  type Limit,
  type Move,
  Person,
  roomLimits,
} from '../model';
import { type Audience, type Finding, type FindingCode, reviewed } from '../review';
import { timed } from '../timing';
import { brk, hold, lookupIn, move, reps, step } from './build';

const settle = move('settle', { kind: 'settle', areas: ['breath'] });
const breathe = move('breathe', { kind: 'breathe', areas: ['breath'] });
const warm = move('warm', { kind: 'mobilise', areas: ['neck'] });
const release = move('release', { kind: 'release', areas: ['shoulder'] });
const close = move('close', { kind: 'close', areas: ['breath'] });
const find = moveLookup();
const frame = [settle, breathe, warm, release, close];

/** What is found in a break, in order of weight. */
export const findings = (b: Break, moves: readonly Move[], audience: Audience | null = null): Finding[] => {
  const known = lookupIn([...moves, ...library]);
  const result = reviewed(b, { library, lookup: (id) => known(id) ?? find(id) }, undefined, audience);
  if (!result.ok) throw new Error('broken test');
  return result.findings;
};
export const codes = (found: readonly Finding[]): FindingCode[] => found.map((f) => f.code);

/** A break with everything that belongs round the steps of a test, in a slot it just fits. */
export const framed = (items: readonly Item[], moves: readonly Move[], more: Partial<Break> = {}): Break => {
  const all = [
    step('settle', { dose: hold(10) }),
    step('breathe', { dose: { measure: 'breaths', amount: 1 } }),
    step('warm', { dose: reps(3, 4) }),
    ...items,
    step('release', { dose: hold(5) }),
    step('close'),
  ];
  const plain = brk(all, more);
  const result = timed(plain, lookupIn([...frame, ...moves, ...library]));
  if (!result.ok) throw new Error('broken test');
  return { ...plain, slotSec: Math.ceil(result.timeline.totals.totalMs / 1000), ...more };
};
/** What is found in such a break. */
export const found = (
  items: readonly Item[],
  moves: readonly Move[] = [],
  more: Partial<Break> = {},
  audience: Audience | null = null,
): Finding[] => findings(framed(items, moves, more), [...frame, ...moves], audience);

/** What is left after the fix of the first finding with a code has been applied. */
export const mended = (
  b: Break,
  moves: readonly Move[],
  code: FindingCode,
  audience: Audience | null = null,
) => {
  const all = [...frame, ...moves];
  const finding = findings(b, all, audience).find((f) => f.code === code);
  if (!finding?.fix) throw new Error(`nothing to mend: ${code}`);
  const known = lookupIn(all);
  const draft: Break = JSON.parse(JSON.stringify(b));
  let n = 0;
  applyFix(draft, finding.fix, {
    lookup: (id) => known(id) ?? moveLookup()(id),
    approach: defaultApproach,
    newId: () => `new${n++}`,
  });
  return { brk: draft, codes: codes(findings(draft, all, audience)), fix: finding.fix };
};

/** A step of a library move, its id the move's. */
export const libStep = (moveId: string, more: Partial<ReturnType<typeof stepOf>> = {}) => {
  const m = moveLookup()(moveId);
  if (!m) throw new Error(`no such move: ${moveId}`);
  return { ...stepOf(m, moveId), ...more };
};

/** People with limits, in a room as it is described. */
export const audienceOf = (
  limits: readonly (readonly Limit[])[],
  group: Partial<Pick<Group, 'seats' | 'room' | 'things'>> = {},
): Audience => {
  const seats = group.seats ?? { castors: false, arms: false, highBack: false };
  return {
    people: limits.map((list, i) =>
      Person.parse({
        id: `p${i}`,
        groupId: 'g',
        name: ['Ada', 'Bo', 'Cy'][i] ?? `P${i}`,
        consent: true,
        limits: list.map((limit) => ({ limit })),
      }),
    ),
    room: {
      limits: roomLimits({ seats, room: group.room ?? 'enough' }),
      things: group.things ?? ['desk', 'chair', 'strap', 'wall'],
    },
  };
};
