import { beforeAll, describe, expect, it } from 'vitest';
import type { Interval } from '../model';
import { highsSolver, type Solve } from '../solver';
import { seeded } from '../testing/random';
import { loadSolver } from '../testing/solver-planner';
import { type LedRequest, type LedResult, ledSessions, ledWorth } from '.';

let solve: Solve;
beforeAll(async () => {
  solve = highsSolver(await loadSolver());
});

const DATES = ['2026-11-23', '2026-11-24', '2026-11-25'];
const hours = new Map(DATES.map((d) => [d, { startMin: 540, endMin: 720 }]));
const person = (id: string, groupId: string, busy: [string, number, number][]) => ({
  id,
  groupId,
  hours,
  busy: new Map(
    DATES.map((d): [string, Interval[]] => [
      d,
      busy.flatMap(([date, startMin, endMin]) => (date === d ? [{ startMin, endMin }] : [])),
    ]),
  ),
});
const request = (more: Partial<LedRequest>): LedRequest => ({
  dates: DATES,
  groups: [{ id: 'g', site: 'quay', sessions: 1 }],
  people: [],
  lengthMin: 10,
  gridMin: 30,
  travelMin: 30,
  earliestMin: 540,
  latestMin: 720,
  instructorBusy: new Map(),
  ...more,
});
const [mon, tue, wed] = DATES as [string, string, string];

describe('led sessions', () => {
  it('are where most people can come, and say who cannot', () => {
    const people = [
      person('a', 'g', [[mon, 540, 720]]),
      person('b', 'g', [[tue, 540, 640]]),
      person('c', 'g', [
        [mon, 540, 720],
        [tue, 540, 720],
        [wed, 540, 720],
      ]),
    ];
    const result = ledSessions(request({ people }), solve);
    // Tuesday after 10:40 or Wednesday: two of three; never all.
    expect(result.sessions).toHaveLength(1);
    expect(result.sessions[0]).toMatchObject({ can: ['a', 'b'], cannot: ['c'] });
  });

  it('do not always leave out the same one', () => {
    const people = [
      person('a', 'g', [[wed, 540, 720]]),
      person('b', 'g', [[wed, 540, 720]]),
      person('c', 'g', [
        [mon, 540, 720],
        [tue, 540, 720],
      ]),
    ];
    const result = ledSessions(request({ people, groups: [{ id: 'g', site: 'quay', sessions: 2 }] }), solve);
    expect(result.sessions.map((s) => s.date)).toContain(wed);
    expect([...result.times.values()]).toEqual([1, 1, 1]);
  });

  it('never twice a day for a group; what finds no time is said', () => {
    const people = [person('a', 'g', [])];
    const result = ledSessions(request({ people, groups: [{ id: 'g', site: 'quay', sessions: 5 }] }), solve);
    expect(new Set(result.sessions.map((s) => s.date)).size).toBe(3);
    expect(result.missing).toEqual(new Map([['g', 2]]));
  });

  it('leave the instructor time to travel, and respect the calendar of the instructor', () => {
    const people = [person('a', 'g', []), person('b', 'h', [])];
    const groups = [
      { id: 'g', site: 'quay', sessions: 1 },
      { id: 'h', site: 'hill', sessions: 1 },
    ];
    const busy = new Map(DATES.map((d): [string, Interval[]] => [d, [{ startMin: 600, endMin: 720 }]]));
    const instructorBusy = new Map(busy).set(mon, []);
    const one = request({ people, groups, dates: [mon], travelMin: 60, instructorBusy });
    const [a, b] = ledSessions(one, solve)
      .sessions.map((s) => s.startMin)
      .sort((x, y) => x - y);
    expect(b! - a!).toBeGreaterThanOrEqual(70);
    // With less than an hour in all there is no way to be at both places.
    const tight = ledSessions({ ...one, instructorBusy: busy }, solve);
    expect(tight.sessions).toHaveLength(1);
    expect(tight.missing.size).toBe(1);
    // At the same site the way takes no time.
    const near = groups.map((g) => ({ ...g, site: 'quay' }));
    expect(ledSessions({ ...one, groups: near, instructorBusy: busy }, solve).sessions).toHaveLength(2);
  });

  it('are the same each time', () => {
    const people = ['a', 'b', 'c', 'd'].map((id, i) => person(id, 'g', [[DATES[i % 3]!, 540, 660]]));
    const wanted = request({ people, groups: [{ id: 'g', site: 'quay', sessions: 2 }] });
    expect(ledSessions(wanted, solve)).toEqual(ledSessions(wanted, solve));
  });

  it('are worth as much as the best of all choices, on 20 seeded weeks', () => {
    for (let seed = 1; seed <= 20; seed++) {
      const r = seeded(seed);
      const groups = [
        { id: 'g', site: 'quay', sessions: r.int(1, 2) },
        { id: 'h', site: r.pick(['quay', 'hill']), sessions: 1 },
      ];
      const people = Array.from({ length: 5 }, (_, i) =>
        person(
          `p${i}`,
          i < 3 ? 'g' : 'h',
          DATES.flatMap((d): [string, number, number][] =>
            r.int(0, 2) ? [[d, 540 + 30 * r.int(0, 3), 600 + 30 * r.int(0, 4)]] : [],
          ).filter(([, a, b]) => a < b),
        ),
      );
      const wanted = request({ people, groups, gridMin: 60 });
      const result = ledSessions(wanted, solve);
      expect(ledWorth(result), `seed ${seed}`).toBeCloseTo(tryAll(wanted), 6);
    }
  });
});

/** Tries every set of sessions; written from the rules, without the program's own parts. */
const tryAll = (q: LedRequest): number => {
  const starts = q.dates.flatMap((date) =>
    [540, 600, 660].flatMap((startMin) =>
      q.groups.map((g) => ({
        date,
        startMin,
        g,
        can: q.people
          .filter((p) => p.groupId === g.id)
          .filter((p) =>
            p.busy.get(date)!.every((b) => b.endMin <= startMin || b.startMin >= startMin + q.lengthMin),
          )
          .map((p) => p.id),
      })),
    ),
  );
  let best = 0;
  const go = (from: number, chosen: typeof starts): void => {
    const sessions = chosen.map((s) => ({
      groupId: s.g.id,
      date: s.date,
      startMin: s.startMin,
      can: s.can,
      cannot: [],
    }));
    const times: LedResult['times'] = new Map(
      q.people.map((p) => [p.id, chosen.filter((s) => s.can.includes(p.id)).length]),
    );
    best = Math.max(best, ledWorth({ sessions, times }));
    for (let i = from; i < starts.length; i++) {
      const s = starts[i]!;
      if (s.can.length === 0) continue;
      if (chosen.filter((c) => c.g === s.g).length >= s.g.sessions) continue;
      const clash = chosen.some((c) => {
        if (c.date !== s.date) return false;
        if (c.g === s.g) return true;
        const way = c.g.site === s.g.site ? 0 : q.travelMin;
        return Math.abs(c.startMin - s.startMin) < q.lengthMin + way;
      });
      if (!clash) go(i + 1, [...chosen, s]);
    }
  };
  go(0, []);
  return best;
};
