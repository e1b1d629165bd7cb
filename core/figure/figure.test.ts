import { describe, expect, it } from 'vitest';
import { Pose } from '../model';
import { library } from '../moves';
import { drawFigure, FIGURE_SIZE, mirrorPose } from '.';

/** Every coordinate pair of a path that is a point; arc radii and flags left out. */
const points = (d: string): [number, number][] =>
  [...d.matchAll(/(?:[MLQ]|A[\d.]+ [\d.]+ -?[\d.]+ 0 1)?\s*(-?[\d.]+) (-?[\d.]+)/g)].map((m) => [
    Number(m[1]),
    Number(m[2]),
  ]);
const bounds = (d: string) => {
  const xs = points(d).map(([x]) => x);
  return [Math.min(...xs), Math.max(...xs)] as const;
};
const poses = library.map((m) => [m.id, m.pose ?? Pose.parse({})] as const);

describe('the figure', () => {
  it.each(poses)('%s: every piece is a whole path on the page', (_, pose) => {
    for (const { d } of drawFigure(pose)) {
      expect(d).toMatch(/^M.*Z$/);
      expect(d).not.toMatch(/NaN|undefined|Infinity/);
      for (const [x, y] of points(d)) {
        expect(x).toBeGreaterThan(0);
        expect(x).toBeLessThan(FIGURE_SIZE.width);
        expect(y).toBeGreaterThan(0);
        expect(y).toBeLessThan(FIGURE_SIZE.height);
      }
    }
  });

  it.each(poses)('%s: the other way is its exact mirror image', (_, pose) => {
    expect(mirrorPose(mirrorPose(pose))).toEqual(pose);
    const extent = (p: typeof pose, tone: string) =>
      drawFigure(p)
        .filter((s) => s.tone === tone)
        .map((s) => bounds(s.d));
    for (const tone of ['upper arm', 'hair']) {
      const mirrored = extent(mirrorPose(pose), tone).map(([a, b]) => [320 - b, 320 - a]);
      for (const [a, b] of extent(pose, tone))
        expect(mirrored.some(([x, y]) => Math.abs(x - a) < 0.3 && Math.abs(y - b) < 0.3)).toBe(true);
    }
  });

  it('tilts the head to the side that is named, on that side of the page, and is felt on the other', () => {
    const shapes = drawFigure(Pose.parse({ headTilt: 34, felt: ['neck right'] }));
    const [left] = bounds(shapes.filter((s) => s.tone === 'hair').at(-1)?.d ?? '');
    expect(left).toBeLessThan(125);
    const felt = shapes.find((s) => s.tone === 'felt');
    expect(felt?.side).toBe('right');
    expect(bounds(felt?.d ?? '')[0]).toBeGreaterThan(150);
  });

  it('puts hands behind the head behind it, and crossing arms in front', () => {
    const order = (pose: Pose) => drawFigure(pose).map((s) => s.tone);
    const behind = order(
      Pose.parse({
        left: { raise: 118, bend: 142, upper: 0.75 },
        right: { raise: 118, bend: 142, upper: 0.75 },
      }),
    );
    expect(behind.lastIndexOf('upper arm')).toBeLessThan(behind.indexOf('hair'));
    const across = order(Pose.parse({ left: { raise: -68, bend: -14 } }));
    expect(across.indexOf('upper arm')).toBeGreaterThan(across.indexOf('trunk'));
  });
});
