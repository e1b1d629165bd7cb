import { DayInput } from '@kotabi/core/model';
import { planDay, readDay } from '@kotabi/core/schedule';
import { realStarts, SimSettings, simDay, simulate } from '@kotabi/core/simulate';
import { seeded } from '../core/testing/random';
import { medianMs, ratioLine } from './measure';

// 10,000 days of people, played from event to event, against a plain loop that walks through each day minute by minute.
const day = DayInput.parse({
  startMin: 540,
  endMin: 1050,
  offDesk: [{ startMin: 750, endMin: 795 }],
  blocked: [
    { startMin: 570, endMin: 630 },
    { startMin: 840, endMin: 930 },
  ],
});
const result = planDay(day);
if (!result.ok) throw new Error('the day cannot be planned');
const { breaks } = result.plan;
const sim = simDay(day, breaks);
const DAYS = 10_000;
const LONG_MIN = 150;
const settings = SimSettings.parse({ weeks: DAYS / 5, skip: 0.4 });
const week = Array.from({ length: 5 }, () => ({ day: sim, seconds: [], limitMin: LONG_MIN }));

let under = 0;
const plainly = (): void => {
  const r = seeded(1);
  const draw = (): number => r.int(0, 999_999) / 1_000_000;
  under = 0;
  for (let d = 0; d < DAYS; d++) {
    const overrun = sim.blocked.map(() => Math.round(-4 * Math.log(1 - draw())));
    const starts = realStarts(
      sim,
      (i) => overrun[i] as number,
      () => 0,
      20,
    );
    const held = breaks.flatMap((b, i) => {
      const startMin = starts[i] as number;
      return startMin >= 0 && draw() >= 0.4 ? [{ ...b, startMin }] : [];
    });
    if (readDay(day, held).longestRunMin <= LONG_MIN) under++;
  }
};
const fast = medianMs(() => simulate(week, settings), 10);
const plain = medianMs(plainly, 3);
const share = simulate(week, settings).underLimit;
console.log(
  `days without a run over ${LONG_MIN} min: ${(share * 100).toFixed(1)} % simulated, ${((under / DAYS) * 100).toFixed(1)} % by the plain loop`,
);
console.log(ratioLine('10,000 days from event to event', fast, 'minute by minute', plain));
