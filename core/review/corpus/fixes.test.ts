import { describe, expect, it } from 'vitest';
import { applyFix, type Fix } from '../../edit';
import { library, moveLookup } from '../../library/all';
import { Area, type Break, defaultApproach } from '../../model';
import { type Audience, type Finding, reviewed } from '..';
import { breakOf } from './build';
import { audienceOf, SLIPS } from './slips';

const lookup = moveLookup();

let made = 0;
const pressed = (brk: Break, fix: Fix): Break => {
  const draft: Break = structuredClone(brk);
  applyFix(draft, fix, { lookup, approach: defaultApproach, newId: () => `put${++made}` });
  return draft;
};
const judged = (brk: Break, audience: Audience | null) => {
  const r = reviewed(brk, { library, lookup }, defaultApproach, audience);
  if (!r.ok) throw new Error(`${brk.name} cannot be timed`);
  return { findings: r.findings, workMs: r.timeline.parts.reduce((sum, p) => sum + p.lengthMs, 0) };
};
// These breaks fill their slot to the second, so whatever adds a step runs over; that is told, and fitting is a press.
const graver = (after: readonly Finding[], before: readonly Finding[]) =>
  after
    .filter((f) => f.weight !== 'look' && f.code !== 'overSlot' && !before.some((g) => g.code === f.code))
    .map((f) => f.code);
const fixOf = ({ fix }: Finding): Fix | undefined => (fix?.do === 'fit' ? undefined : fix);
const same = (a: Fix, b: Fix): boolean => JSON.stringify(a) === JSON.stringify(b);

describe('what one press mends', () => {
  it.each(SLIPS.map(([name, ...rest]) => [name, rest] as const))(
    '%s: brings in nothing graver, and two presses never add more than each alone',
    (name, [lines, , more, who]) => {
      const audience = who ? audienceOf(who) : null;
      const brk = breakOf(name, lines, more);
      const before = judged(brk, audience);
      for (const one of before.findings.map(fixOf)) {
        if (!one) continue;
        const once = pressed(brk, one);
        const after = judged(once, audience);
        expect([one.do, graver(after.findings, before.findings)]).toEqual([one.do, []]);
        for (const two of after.findings.map(fixOf)) {
          if (!two || !before.findings.some((f) => f.fix && same(f.fix, two))) continue;
          const both = judged(pressed(once, two), audience);
          const alone = judged(pressed(brk, two), audience);
          expect([one.do, two.do, graver(both.findings, before.findings)]).toEqual([one.do, two.do, []]);
          // A dose put right first may be what the second one copies: never more than what each does by itself.
          const most = Math.max(0, after.workMs - before.workMs) + Math.max(0, alone.workMs - before.workMs);
          expect(both.workMs - before.workMs).toBeLessThanOrEqual(most);
        }
      }
    },
  );

  const frame = ['sit-tall', 'slow-breaths', 'shake-shoulders', 'arms-up-breath'];
  const there = new Set(frame.flatMap((id) => lookup(id)?.areas ?? []));
  it.each(Area.options.filter((area) => !there.has(area)))(
    'a %s that was asked for and is not there: is then, and not cold',
    (area) => {
      const brk = breakOf('a break', frame, { targets: [area], slotSec: 600 });
      const before = judged(brk, null);
      const fix = before.findings.find((f) => f.code === 'targetMissed')?.fix;
      if (!fix) throw new Error(`nothing is offered for the ${area}`);
      const after = judged(pressed(brk, fix), null);
      expect(after.findings.map((f) => f.code)).not.toContain('targetMissed');
      expect(graver(after.findings, before.findings)).toEqual([]);
    },
  );
});
