import { describe, expect, it } from 'vitest';
import { brk, step } from '../../../testing/build';
import { codes, findings, framed, libStep, mended } from '../../../testing/review';

const strap = libStep('strap-behind-back');
const late = (items: Parameters<typeof brk>[0]) =>
  codes(findings(brk(items), [])).filter((c) => c === 'thingLate');

describe('things', () => {
  it('needed halfway have to be announced', () => {
    expect(late([libStep('sit-tall'), strap])).toEqual(['thingLate']);
    expect(late([strap])).toEqual([]);
    const note = step('pause-note', { words: 'Later we need a strap. Put it within reach.' });
    expect(late([note, libStep('sit-tall'), strap])).toEqual([]);
  });

  it('desk and chair are there anyway', () => {
    expect(late([libStep('sit-tall'), libStep('seated-turn')])).toEqual([]);
  });

  it('are announced at the very start', () => {
    const after = mended(framed([strap], []), [], 'thingLate');
    expect(after.brk.items[0]).toMatchObject({
      moveId: 'pause-note',
      words: expect.stringContaining('strap'),
    });
    expect(after.codes).not.toContain('thingLate');
  });
});
