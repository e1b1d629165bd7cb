import { describe, expect, it } from 'vitest';
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

  it('sits at rest for a move without a figure', () => {
    const { figure: _, ...bare } = move('ear-to-shoulder');
    const motion = shownMotion({ ...bare, rungs: [] });
    expect(motion.poses).toHaveLength(1);
    expect(motion.poses[0]?.angles).toEqual({});
  });
});
