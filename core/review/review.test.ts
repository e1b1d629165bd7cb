import { describe, expect, it } from 'vitest';
import { shelf } from '../library/all';
import { defaultApproach } from '../model';
import { brk, each, move, step } from '../testing/build';
import { findings, found } from '../testing/review';
import { findingKey, judged, reviewed } from '.';

const a = move('a', { ways: each() });

describe('review', () => {
  it('finds nothing in a break with nothing wrong', () => {
    expect(found([step('a')], [a])).toEqual([]);
  });

  it('tells what weighs most first', () => {
    const weights = findings(brk([step('a', { sides: 'left' })]), [a]).map((f) => f.weight);
    expect(weights).toEqual([...weights].sort());
    expect(new Set(weights)).toEqual(new Set(['caution', 'look']));
  });

  it('sets a finding aside with its reason, and knows it again after an edit', () => {
    const [finding] = found([step('a', { sides: 'left' })], [a]);
    if (!finding) throw new Error('broken test');
    const aside = [{ key: findingKey(finding), reason: 'only the left is tight' }];
    const longer = step('a', { sides: 'left', dose: { measure: 'seconds', amount: 30 } });
    const after = judged(found([longer], [a]), aside);
    expect(after.open).toEqual([]);
    expect(after.aside).toMatchObject([
      { finding: { code: 'oneSideOnly' }, reason: 'only the left is tight' },
    ]);
    expect(found([longer], [a], { aside })).toEqual([]);
    const elsewhere = step('a', { id: 'b', sides: 'left' });
    expect(judged(found([elsewhere], [a]), aside).open).toHaveLength(1);
  });

  it('says why a break cannot be judged', () => {
    expect(reviewed(brk([step('gone')]), shelf(), defaultApproach)).toMatchObject({ ok: false });
  });
});
