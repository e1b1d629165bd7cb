import { DayInput } from '@kotabi/core/model';
import { planDay } from '@kotabi/core/schedule';
import { seeded } from '../core/testing/random';
import { medianMs, ratioLine } from './measure';

// 200 people for a week, each with meetings of their own, against one person's week; and how planning grows with the
// length of the day and the fineness of the grid.
const dayOf = (seed: number, more: object = {}): DayInput => {
  const r = seeded(seed);
  const blocked = Array.from({ length: r.int(0, 4) }, () => {
    const from = 540 + 15 * r.int(0, 30);
    return { startMin: from, endMin: from + r.pick([30, 60, 90]) };
  });
  return DayInput.parse({
    startMin: 540,
    endMin: 1050,
    offDesk: [{ startMin: 750, endMin: 795 }],
    blocked,
    minGapMin: 20,
    maxCount: 8,
    ...more,
  });
};
const planAll = (days: readonly DayInput[]): void => {
  for (const day of days) if (!planDay(day).ok) throw new Error('a day cannot be planned');
};

const people = Array.from({ length: 200 }, (_, p) =>
  Array.from({ length: 5 }, (_, d) => dayOf(1000 + p * 5 + d)),
);
const start = performance.now();
for (const week of people) planAll(week);
const all = performance.now() - start;
const one = medianMs(() => planAll(people[0] as DayInput[]), 15);
console.log(ratioLine('one person’s week', one, '200 people’s weeks', all));

const plain = (length: number, gridMin: number): DayInput =>
  DayInput.parse({ startMin: 0, endMin: length, gridMin, minGapMin: 20 });
const short = medianMs(() => planAll([plain(480, 5)]), 25);
const long = medianMs(() => planAll([plain(1440, 5)]), 15);
console.log(ratioLine('8 h on a 5-minute grid', short, '24 h on a 5-minute grid', long));
const fine = medianMs(() => planAll([plain(480, 1)]), 15);
console.log(ratioLine('8 h on a 5-minute grid', short, '8 h on a 1-minute grid', fine));
