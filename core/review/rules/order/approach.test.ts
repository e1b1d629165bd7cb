import { describe, expect, it } from 'vitest';
import { brk } from '../../../testing/build';
import { findings, found, framed, libStep, mended } from '../../../testing/review';

const questions = (...args: Parameters<typeof found>) =>
  found(...args).flatMap((f) => (f.code === 'againstApproach' ? [f.question] : []));
const warm = [libStep('wrist-circles'), libStep('shoulder-rolls')];
const neck = [libStep('ear-to-shoulder'), libStep('nose-to-armpit'), libStep('chin-up-and-over')];

describe('approach', () => {
  it('wants the holds in the order of the body', () => {
    expect(questions([...warm, libStep('fingers-up'), libStep('ear-to-shoulder')])).toEqual(['order']);
    expect(questions([...warm, libStep('ear-to-shoulder'), libStep('fingers-up')])).toEqual([]);
    const hands = { approach: { order: 'hands first' as const } };
    expect(questions([...warm, libStep('fingers-up'), libStep('ear-to-shoulder')], [], hands)).toEqual([]);
  });

  it('begins the order again with the standing moves', () => {
    const standing = libStep('ear-to-shoulder', { id: 'up', position: 'standing' });
    const ends = { approach: { ending: 'last moves standing' as const } };
    expect(questions([...warm, libStep('fingers-up'), standing], [], ends)).toEqual([]);
  });

  it('leads two-sided holds in a row as a series, for those who do, and makes them one', () => {
    const chain = { approach: { sides: 'chain' as const } };
    expect(questions(neck, [], chain)).toEqual(['sides']);
    expect(questions(neck)).toEqual([]);
    const after = mended(framed(neck, [], chain), [], 'againstApproach');
    expect(after.brk.items[3]).toMatchObject({ type: 'chain', links: [{}, {}, {}] });
    expect(after.codes).not.toContain('againstApproach');
  });

  it('says when the end is not where one ends', () => {
    const upright = brk([libStep('shoulder-rolls'), libStep('chest-at-wall')]);
    expect(findings(upright, [])).toContainEqual(
      expect.objectContaining({ code: 'againstApproach', question: 'ending', stepIds: ['chest-at-wall'] }),
    );
    // Whoever sits down again ends seated.
    expect(questions([libStep('chest-at-wall')])).not.toContain('ending');
    expect(questions(warm, [], { approach: { ending: 'last moves standing' } })).toContain('ending');
  });
});
