import { describe, expect, it } from 'vitest';
import { library, moveLookup } from '../../library/all';
import { defaultApproach } from '../../model';
import { reviewed } from '..';
import { type BreakMore, breakOf, type Line } from './build';
import type { With } from './slip';
import { audienceOf, SLIPS } from './slips';
import { SOUND } from './sound';

const shelf = { library, lookup: moveLookup() };

const codesOf = (name: string, lines: readonly Line[], more: BreakMore = {}, who: With | null = null) => {
  const made = reviewed(breakOf(name, lines, more), shelf, defaultApproach, who && audienceOf(who));
  return made.ok ? made.findings.map((f) => f.code) : expect.fail(name);
};

// Sound breaks and breaks with one slip each, written from the trade. The goal: at least 95 of 100 slips are found, and
// a sound break has at most 0.3 findings.
const SLIPS_FOUND = 0.95;
const NOISE = 0.3;
/** A slip often brings another with it: holds of odd length end on a breath in. */
const BESIDE = 0.4;

describe('what a review finds, and what it leaves alone', () => {
  const found = SLIPS.map(([name, lines, remark, more, who]) => {
    const codes = codesOf(name, lines, more, who ?? null);
    return { name, remark, codes, hit: remark.some((code) => codes.includes(code)) };
  });
  const noise = SOUND.map(([name, lines, more]) => ({ name, codes: codesOf(name, lines, more) }));
  const extra = found.flatMap(({ codes, remark }) => codes.filter((c) => !remark.includes(c)));
  const loud = noise.flatMap(({ codes }) => codes);

  it('is told in a table', () => {
    const rows = [
      `sound breaks                     ${SOUND.length}`,
      `  findings in them               ${loud.length}, ${(loud.length / SOUND.length).toFixed(2)} a break (goal at most ${NOISE})`,
      `breaks with one slip             ${SLIPS.length}`,
      `  slips found                    ${found.filter((f) => f.hit).length}, ${((100 * found.filter((f) => f.hit).length) / SLIPS.length).toFixed(0)} % (goal at least ${100 * SLIPS_FOUND} %)`,
      `  other findings beside them     ${extra.length}, ${(extra.length / SLIPS.length).toFixed(2)} a break`,
      ...found
        .filter((f) => !f.hit)
        .map((f) => `  not found: ${f.name} (found ${f.codes.join(', ') || 'nothing'})`),
      ...noise.filter((n) => n.codes.length > 0).map((n) => `  noise: ${n.name}: ${n.codes.join(', ')}`),
    ];
    process.stdout.write(`\nReview of ${SOUND.length + SLIPS.length} breaks\n${rows.join('\n')}\n`);
    expect(SOUND.length + SLIPS.length).toBeGreaterThanOrEqual(80);
  });

  it('finds the slips', () => {
    expect(found.filter((f) => f.hit).length / SLIPS.length).toBeGreaterThanOrEqual(SLIPS_FOUND);
  });

  it('is quiet about sound breaks, and about the rest of a break with a slip', () => {
    expect(loud.length / SOUND.length).toBeLessThanOrEqual(NOISE);
    expect(extra.length / SLIPS.length).toBeLessThanOrEqual(BESIDE);
  });
});
