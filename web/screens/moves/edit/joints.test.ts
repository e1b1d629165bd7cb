import { normChecks, outsideNorms } from '@kotabi/core/figure';
import { JOINT_NAMES, jointInfo, Pose } from '@kotabi/core/model';
import { describe, expect, it } from 'vitest';
import { beyondWords, nameOf } from './joints';

describe('what is beyond the usual range', () => {
  it('is said in the words of the sliders, with its unit, for each joint', () => {
    const checks = normChecks(Pose.parse({ angles: { 'left.arm.raise': 90, 'right.arm.raise': 90 } }));
    expect(checks.length).toBeGreaterThan(30);
    for (const check of checks) {
      const words = beyondWords(check);
      for (const joint of check.joints) {
        expect(nameOf(joint), joint).not.toMatch(/\./);
        expect(words).toContain(`“${nameOf(joint)}”`);
        expect(words).toContain(jointInfo(joint).unit === 'deg' ? '°' : ' cm');
      }
      expect(words, check.motion).not.toMatch(/\.[a-z]|-\d|NaN|undefined/);
    }
    // Nothing can be posed of which it would not be said.
    const joints = new Set(checks.flatMap((c) => c.joints));
    expect(JOINT_NAMES.filter((name) => !joints.has(name))).toEqual([]);
  });

  it('is one sentence for an arm far across and for a back rounded in two parts', () => {
    const beyond = (angles: Pose['angles']) => outsideNorms(Pose.parse({ angles })).map(beyondWords);
    expect(beyond({ 'left.arm.raise': 90, 'left.arm.across': 140 })).toEqual([
      'left arm, “To the side / front / across”, 140° (usual: −90° to 135°)',
    ]);
    expect(beyond({ 'upper.flex': 45, 'low.flex': 40 })).toEqual([
      'trunk, “Low back round / arch” and “Upper back round / lift”, 85° (usual: −25° to 80°)',
    ]);
    expect(beyond({ 'neck.glide': 6 })).toEqual([
      'head, “Glide forward / back”, 6 cm (usual: −3 cm to 5 cm)',
    ]);
  });
});
