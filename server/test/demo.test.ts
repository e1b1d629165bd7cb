import { givesOf, ledgerOf, missedAims, targetsOf } from '@kotabi/core/ledger';
import { shelf } from '@kotabi/core/library/all';
import { Break, defaultApproach, roomLimits, Session, Week } from '@kotabi/core/model';
import { reviewed } from '@kotabi/core/review';
import { dayInput, heldBreaks, obstacle } from '@kotabi/core/schedule';
import { timed } from '@kotabi/core/timing';
import { describe, expect, it } from 'vitest';
import { demoBreaks } from '../demo/breaks';
import { demoGroups, demoPeople } from '../demo/people';
import { demoSessions } from '../demo/sessions';
import { demoWeeks } from '../demo/weeks';

const today = new Date('2026-11-24T12:00:00Z');

const findingsOf = (brk: Break) => {
  const group = demoGroups.find((g) => g.id === brk.groupId);
  const people = demoPeople.filter((p) => p.groupId === brk.groupId);
  const audience = group ? { people, room: { limits: roomLimits(group), things: group.things } } : null;
  const result = reviewed(brk, shelf(), defaultApproach, audience);
  if (!result.ok) throw new Error(brk.id);
  return result.findings.map((f) => f.code);
};

describe('the demo scenario', () => {
  it('shows one break with nothing to find and one that still needs work', () => {
    const found = Object.fromEntries(demoBreaks.map((b) => [b.id, findingsOf(Break.parse(b))]));
    expect(found['late-morning']).toEqual([]);
    expect(found['afternoon-back']).toContain('oneSideOnly');
  });

  it('has sessions before today and a week around it, whole by the schema', () => {
    for (const session of demoSessions(today)) {
      expect(Session.parse(session)).toEqual(session);
      expect(new Date(session.endedAt).getTime()).toBeLessThan(today.getTime());
    }
    const [week] = demoWeeks(today);
    expect(Week.parse(week)).toEqual(week);
    expect(week?.startDate).toBe('2026-11-23');
  });

  it('leads on working days only, whatever day it is', () => {
    for (let day = 0; day < 7; day++) {
      const on = new Date(today.getTime() + day * 86_400_000);
      for (const { id, startedAt } of demoSessions(on))
        expect([id, new Date(startedAt).getUTCDay() % 6]).not.toEqual([id, 0]);
    }
  });

  it('plans no break into a meeting', () => {
    const [group] = demoGroups;
    const [week] = demoWeeks(today);
    for (const day of week?.days ?? [])
      for (const b of day.breaks)
        expect(
          obstacle(dayInput(group!, week!.rule, day), [], b.startMin, { lengthMin: 5 }),
          day.date,
        ).toBeNull();
  });

  it('reaches what the weeks of the timetable desk and the call desk aim at', () => {
    const givesIn = new Map(
      demoBreaks.map((b) => {
        const brk = Break.parse(b);
        const t = timed(brk, shelf().lookup, defaultApproach);
        if (!t.ok) throw new Error(brk.id);
        return [brk.id, givesOf(t.resolved, t.timeline)] as const;
      }),
    );
    for (const week of demoWeeks(today).slice(0, 3)) {
      const days = week.days.map((day) => ({
        date: day.date,
        gives: heldBreaks(day).flatMap((b) => givesIn.get(b.breakId ?? '') ?? []),
      }));
      expect(week.aims).toEqual(week.groupId === 'call-desk' ? ['neck'] : ['neck', 'shoulder']);
      expect(missedAims(ledgerOf(days, week.aims), targetsOf(givesIn.values(), week.aims))).toEqual([]);
      // Without the last breaks of the day it would not be reached.
      const mornings = days.map((d) => ({
        ...d,
        gives: d.gives.slice(0, week.groupId === 'call-desk' ? 1 : 2),
      }));
      expect(missedAims(ledgerOf(mornings, week.aims), targetsOf(givesIn.values(), week.aims))).not.toEqual(
        [],
      );
    }
  });
});
