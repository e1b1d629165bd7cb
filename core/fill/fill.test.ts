import { beforeAll, describe, expect, it } from 'vitest';
import type { BySide, Gives } from '../ledger';
import type { Area, Muscle } from '../model';
import { highsSolver, type Solve } from '../solver';
import { seeded } from '../testing/random';
import { loadSolver } from '../testing/solver-planner';
import { type FillBreak, type FillRequest, fillWeek, type Place } from '.';

let solve: Solve;
beforeAll(async () => {
  solve = highsSolver(await loadSolver());
});

const gives = (held: Partial<Record<Muscle, [number, number]>>, more: Partial<Gives> = {}): Gives => {
  const map = new Map<Muscle, BySide>(
    Object.entries(held).map(([m, [left, right]]) => [m as Muscle, { left, right }]),
  );
  return {
    held: map,
    heldAreas: new Map<Area, BySide>([...map].map(([, v]) => ['neck', v])),
    movedAreas: new Map(),
    main: new Map([...map.keys()].map((m): [Muscle, Area] => [m, 'neck'])),
    totalSec: 240,
    strong: false,
    ...more,
  };
};
const brk = (id: string, g: Gives, more: Partial<FillBreak> = {}): FillBreak => ({
  id,
  gives: g,
  onCall: false,
  stopped: false,
  ...more,
});
const place = (date: string, n: number, more: Partial<Place> = {}): Place => ({
  date,
  plannedId: `${date}.${n}`,
  lengthMin: 5,
  quiet: false,
  breakId: null,
  ...more,
});
const DAYS = ['2026-11-23', '2026-11-24', '2026-11-25', '2026-11-26', '2026-11-27'];
const request = (more: Partial<FillRequest>): FillRequest => ({
  places: DAYS.flatMap((d) => [place(d, 1), place(d, 2)]),
  breaks: [],
  targets: [],
  rota: new Map(),
  ...more,
});
const both = (muscle: Muscle) => [
  { muscle, side: 'left' as const },
  { muscle, side: 'right' as const },
];
const neck = brk('neck', gives({ scalenes: [60, 60] }));
const hand = brk('hand', gives({ 'forearm flexors': [60, 60] }));
const chest = brk('chest', gives({ pectorals: [60, 60] }));

describe('which break when', () => {
  it('fills every place and meets what can be met, never the same break twice on a day', () => {
    const breaks = [neck, hand, chest];
    const targets = [...both('scalenes'), ...both('forearm flexors'), ...both('pectorals')];
    const result = fillWeek(request({ breaks, targets }), solve);
    expect(result.unmet).toEqual([]);
    expect(result.empty).toEqual([]);
    for (const date of DAYS) {
      const [a, b] = [result.chosen.get(`${date}.1`), result.chosen.get(`${date}.2`)];
      expect(a).toBeTruthy();
      expect(b).toBeTruthy();
      expect(a).not.toBe(b);
    }
  });

  it('leaves a place empty rather than use a break twice, and says why', () => {
    const result = fillWeek(request({ breaks: [neck] }), solve);
    expect([...result.chosen.values()].filter((id) => id === 'neck')).toHaveLength(5);
    expect(result.empty.every((e) => e.why === 'no other left')).toBe(true);
    const short = request({ breaks: [neck], places: [place(DAYS[0]!, 1, { lengthMin: 1 })] });
    expect(fillWeek(short, solve).empty).toEqual([{ plannedId: `${DAYS[0]}.1`, why: 'none short enough' }]);
  });

  it('puts only what suits a call on calls', () => {
    const quiet = brk('quiet', gives({ scalenes: [20, 20] }), { onCall: true });
    const places = [place(DAYS[0]!, 1, { quiet: true }), place(DAYS[0]!, 2)];
    const result = fillWeek(request({ places, breaks: [neck, quiet], targets: both('scalenes') }), solve);
    expect(result.chosen.get(places[0]!.plannedId)).toBe('quiet');
    expect(result.chosen.get(places[1]!.plannedId)).toBe('neck');
    const none = fillWeek(request({ places: [places[0]!], breaks: [neck] }), solve);
    expect(none.empty[0]?.why).toBe('none for calls');
  });

  it('has no strong work on two days running', () => {
    const strong = brk('strong', gives({ rhomboids: [60, 60] }, { strong: true }));
    const breaks = [strong, neck, hand];
    const result = fillWeek(request({ breaks, targets: both('rhomboids') }), solve);
    const days = DAYS.map((d) => [`${d}.1`, `${d}.2`].some((id) => result.chosen.get(id) === 'strong'));
    expect(days.filter(Boolean).length).toBeGreaterThanOrEqual(2);
    expect(days.some((on, i) => on && days[i + 1])).toBe(false);
  });

  it('keeps what was chosen by hand, and leaves out what someone must not do', () => {
    const places = [place(DAYS[0]!, 1, { breakId: 'hand' }), place(DAYS[0]!, 2), place(DAYS[1]!, 1)];
    const stopped = { ...neck, stopped: true };
    const result = fillWeek(request({ places, breaks: [stopped, hand], targets: both('scalenes') }), solve);
    expect([...result.chosen.values()]).toEqual(['hand', null, 'hand']);
    expect(result.unmet.map((u) => u.why)).toEqual(['limits', 'limits']);
  });

  it('says what cannot be met and why', () => {
    const little = brk('little', gives({ pectorals: [20, 20] }));
    const why = (more: Partial<FillRequest>) => fillWeek(request(more), solve).unmet.map((u) => u.why);
    expect(why({ breaks: [neck], targets: both('pectorals') })).toEqual([
      'no break holds it',
      'no break holds it',
    ]);
    expect(why({ breaks: [little, neck], targets: both('pectorals') })).toEqual([
      'too little a day',
      'too little a day',
    ]);
    const places = [place(DAYS[0]!, 1), place(DAYS[1]!, 1)];
    const short = fillWeek(
      request({ places, breaks: [neck, hand], targets: [...both('scalenes'), ...both('forearm flexors')] }),
      solve,
    );
    expect(short.unmet.map((u) => u.why)).toContain('no room');
  });

  it('prefers breaks for the area of the day', () => {
    const toHands: Gives = gives({}, { heldAreas: new Map([['hand', { left: 30, right: 30 }]]) });
    const breaks = [brk('a', gives({})), brk('b', toHands)];
    const places = DAYS.map((d) => place(d, 1));
    const result = fillWeek(request({ places, breaks, rota: new Map(DAYS.map((d) => [d, 'hand'])) }), solve);
    // Nearly always the one for the area; the other one once, for a change.
    expect([...result.chosen.values()].filter((id) => id === 'b').length).toBeGreaterThanOrEqual(4);
  });

  it('meets as many aims as trying everything, on 25 small weeks', () => {
    const muscles: Muscle[] = ['scalenes', 'pectorals', 'forearm flexors'];
    for (let seed = 1; seed <= 25; seed++) {
      const r = seeded(seed);
      const breaks = Array.from({ length: 4 }, (_, i) =>
        brk(
          `b${i}`,
          gives(Object.fromEntries(muscles.map((m) => [m, [r.pick([0, 0, 30, 60]), r.pick([0, 30, 60])]])), {
            strong: r.int(0, 3) === 0,
          }),
        ),
      );
      const places = DAYS.slice(0, 3).flatMap((d) => [place(d, 1), place(d, 2)].slice(0, r.int(1, 2)));
      const targets = muscles.flatMap(both);
      const judge = (chosen: (string | null)[]): number | null => {
        const on = (date: string) =>
          places.flatMap((p, i) => (p.date === date ? (breaks.find((b) => b.id === chosen[i]) ?? []) : []));
        const days = DAYS.slice(0, 3).map(on);
        if (days.some((d) => new Set(d).size < d.length)) return null;
        if (days.some((d, i) => d.some((b) => b.gives.strong) && days[i + 1]?.some((b) => b.gives.strong)))
          return null;
        const filled = chosen.filter(Boolean).length;
        const covered = targets.reduce((sum, t) => {
          const reached = days.filter(
            (d) => d.reduce((s, b) => s + (b.gives.held.get(t.muscle)?.[t.side] ?? 0), 0) >= 60,
          ).length;
          return sum + Math.min(2, reached);
        }, 0);
        return filled * 1000 + covered;
      };
      let best = 0;
      const options = [null, ...breaks.map((b) => b.id)];
      const tryAll = (chosen: (string | null)[]): void => {
        if (chosen.length === places.length) {
          best = Math.max(best, judge(chosen) ?? 0);
          return;
        }
        for (const o of options) tryAll([...chosen, o]);
      };
      tryAll([]);
      const result = fillWeek(request({ places, breaks, targets }), solve);
      const ours = judge(places.map((p) => result.chosen.get(p.plannedId) ?? null));
      expect(ours, `seed ${seed}`).toBe(best);
    }
  });
});
