import { describe, expect, it } from 'vitest';
import { stepOf } from '../../../library';
import { library, moveLookup } from '../../../library/all';
import { Break, defaultApproach, Limit, Person, Thing } from '../../../model';
import { answerFor, mustAsk } from '../../../needs';
import { reviewed } from '../../reviewed';

const lookup = moveLookup();
const person = (name: string, limit: Limit): Person =>
  Person.parse({ id: name, groupId: 'g', name, consent: true, limits: [{ limit }] });
const findings = (moveId: string, people: Person[]) => {
  const move = lookup(moveId) ?? expect.fail(moveId);
  const whole = Break.parse({ id: 'b', name: 'b', slotSec: 600, items: [stepOf(move, 's')] });
  const audience = { people, room: { limits: [], things: Thing.options } };
  const result = reviewed(whole, { library, lookup }, defaultApproach, audience);
  return result.ok ? result.findings : expect.fail('not resolved');
};

describe('what somebody of the group cannot do', () => {
  it('is said for every move and every limit, and for nobody who can do it', () => {
    for (const move of library)
      for (const limit of Limit.options) {
        const one = person('Maj', limit);
        const { rung, position } = stepOf(move, 's');
        const { verdict } = answerFor(
          { move, rung, position },
          one,
          { limits: [], things: Thing.options },
          lookup,
        );
        const out = (verdict === 'another move' || verdict === 'leave out') && !mustAsk(one.limits);
        const codes = findings(move.id, [one]).map((f) => f.code);
        const said = codes.includes('excluded') || codes.includes('headLow');
        if (out) expect(said, `${move.id} ${limit}`).toBe(true);
        if (verdict === 'fine') expect(codes, `${move.id} ${limit}`).not.toContain('excluded');
      }
  });

  it('names who and why, with a fix that all of them can do', () => {
    const [finding] = findings('chest-at-wall', [
      person('Maj', 'cannot stand'),
      person('Ole', 'cannot stand'),
    ]).filter((f) => f.code === 'excluded');
    expect(finding).toMatchObject({ who: ['Maj', 'Ole'], why: 'stays seated', weight: 'look' });
    expect(finding?.fix).toMatchObject({ do: 'swap' });
  });
});
