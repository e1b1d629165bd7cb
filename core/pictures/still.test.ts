import { describe, expect, it } from 'vitest';
import { reversed, stillOf } from '../figure';
import { library } from '../library/all';
import type { Move } from '../model';
import { feltOf } from './felt';
import { shownMotion, stillPicture } from './still';

const move = (id: string): Move => library.find((m) => m.id === id) as Move;

describe('the still picture', () => {
  it('tints what is felt by the one statement of the ways', () => {
    expect(feltOf(move('ear-to-shoulder'), 'left').side).toBe('right');
    expect(feltOf(move('ear-to-shoulder'), 'right').side).toBe('left');
    expect(feltOf(move('arm-across'), 'left').side).toBe('left');
    expect(feltOf(move('seated-turn'), 'left').side).toBe('both');
    for (const m of library) {
      const felt = stillPicture(m, 'right').shapes.filter((s) => s.tone === 'felt');
      expect(felt.length, m.id).toBeGreaterThan(0);
      const { side } = feltOf(m, 'right');
      for (const mark of felt) expect(mark.side, m.id).toBe(side);
    }
  });

  it('tints the limb of the way that moves, on its own side only', () => {
    const left = stillPicture(move('side-reach'), 'left').moving;
    expect(left?.side).toBe('left');
    expect([...(left?.names ?? [])]).toContain('left upper arm');
    for (const name of left?.names ?? []) expect(name.startsWith('left')).toBe(true);
    expect([...(stillPicture(move('side-reach'), 'right').moving?.names ?? [])]).toContain('right upper arm');
    expect(stillPicture(move('shoulder-rolls'), 'left').moving).toBeNull();
  });

  it('is drawn once and kept, by way, rung and view', () => {
    const m = move('ear-to-shoulder');
    expect(stillPicture(m, 'left')).toBe(stillPicture(m, 'left'));
    expect(stillPicture(m, 'left')).not.toBe(stillPicture(m, 'right'));
    expect(stillPicture(m, 'left', 'hand’s weight')).not.toBe(stillPicture(m, 'left'));
    expect(shownMotion(m, undefined, 'back').view).toBe('back');
  });

  /** How far round the points of an arrow go, with its sign: clockwise on the page or the other way. */
  const turn = (points: readonly { x: number; y: number }[]): number =>
    points.reduce((sum, p, i) => {
      const next = points[(i + 1) % points.length] ?? p;
      return sum + p.x * next.y - next.x * p.y;
    }, 0);

  it('has its arrows the other way for the second of two directions, for every move that has two', () => {
    let seen = 0;
    for (const m of library.filter((one) => one.ways.directions))
      for (const rung of m.rungs.length > 0 ? m.rungs.map((r) => r.name) : [undefined]) {
        const name = `${m.id} ${rung ?? ''}`;
        const arrows = (second: boolean) =>
          stillPicture(m, 'left', rung, undefined, undefined, second).arrows.filter((a) => a.kind === 'move');
        const [first, second] = [arrows(false), arrows(true)];
        // A short way has no arrow; the same poses backwards have the same way.
        const own = shownMotion(m, rung).second !== undefined;
        if (first.length === 0 || (own && second.length === 0)) continue;
        expect(second.length, name).toBeGreaterThan(0);
        const round = shownMotion(m, rung).path === 'round';
        const along = (points: readonly { x: number; y: number }[]) => {
          const [from, to] = [points[0], points.at(-1)];
          return [(to?.x ?? 0) - (from?.x ?? 0), (to?.y ?? 0) - (from?.y ?? 0)] as const;
        };
        const [a, b] = [first[0]?.points ?? [], second[0]?.points ?? []];
        // An eight goes round both ways: only that it is another arrow can be said.
        if (m.id.includes('figure-eight')) expect(a, name).not.toEqual(b);
        else if (shownMotion(m, rung).second)
          expect(Math.sign(along(a)[1]), name).toBe(-Math.sign(along(b)[1]));
        else if (round) expect(Math.sign(turn(a)), name).toBe(-Math.sign(turn(b)));
        else {
          const [[ax, ay], [bx, by]] = [along(a), along(b)];
          expect(ax * bx + ay * by, name).toBeLessThan(0);
        }
        seen++;
      }
    expect(seen).toBeGreaterThan(10);
  });

  it('bends the wrists as the direction says, on every rung and in every place', () => {
    const m = move('arms-wide-fingers');
    for (const rung of m.rungs)
      for (const position of [m.position, ...m.alsoIn]) {
        const motion = shownMotion(m, rung.name, undefined, position);
        const bends = [motion, reversed(motion)].map((one) => stillOf(one).angles['left.wrist.bend'] ?? 0);
        expect(bends[0], `${rung.name} ${position}, ${m.ways.directions?.[0]}`).toBeLessThan(-20);
        expect(bends[1], `${rung.name} ${position}, ${m.ways.directions?.[1]}`).toBeGreaterThan(20);
      }
  });

  it('sits at rest for a move without a figure', () => {
    const { figure: _, ...bare } = move('ear-to-shoulder');
    const motion = shownMotion({ ...bare, rungs: [] });
    expect(motion.poses).toHaveLength(1);
    expect(motion.poses[0]?.angles).toEqual({});
  });
});
