import { describe, expect, it } from 'vitest';
import { library, moveLookup } from '../library/all';
import { Limit, type PersonLimit, Thing } from '../model';
import { answerFor, answerText, isDoable } from '.';

const lookup = moveLookup();
const room = { limits: [], things: Thing.options };
const move = (id: string) => lookup(id) ?? expect.fail(id);
const answer = (id: string, second: string, ...limits: PersonLimit[]) =>
  answerFor({ move: move(id), meanwhile: move(second) }, { limits }, room, lookup);

describe('what moves meanwhile', () => {
  it('changes nothing for somebody who can do both', () => {
    expect(answer('fingers-up', 'knee-straighten')).toEqual({ verdict: 'fine', reasons: [], care: [] });
  });

  it('is left out where it asks too much, and the rest stays as it is', () => {
    const found = answer('fingers-up', 'knee-straighten', { limit: 'knee' });
    expect(found).toMatchObject({ verdict: 'easier rung', alone: true });
    expect(found.rung).toBeUndefined();
    expect(found.reasons.map((r) => r.why)).toEqual(['work lightly, less far']);
    expect(answerText(found, lookup)).toBe('without what is done meanwhile');
    expect(answer('fingers-up', 'knees-side-to-side', { limit: 'hip' }).alone).toBe(true);
    expect(answer('ear-to-shoulder', 'fist-and-open', { limit: 'recent surgery', at: 'hand' }).alone).toBe(
      true,
    );
  });

  it('brings its own words of care', () => {
    const found = answer('fingers-up', 'lift-feet', { limit: 'low back' });
    expect([found.verdict, found.care.map((r) => r.why)]).toEqual(['fine', ['brace gently, breathe on']]);
  });

  it('goes on beside an easier rung of the step itself', () => {
    const found = answer('fingers-up', 'toes-up', { limit: 'wrist or hand' });
    expect(found).toMatchObject({ verdict: 'easier rung', rung: 'elbow bent' });
    expect(found.alone).toBeUndefined();
  });

  it('is not asked after where another move is done instead', () => {
    const found = answer('ankle-on-knee', 'knee-straighten', { limit: 'knee' });
    expect(found).toMatchObject({ verdict: 'another move', instead: 'knees-side-to-side' });
    expect(found.alone).toBeUndefined();
  });
});

describe('whether a step can be done at all', () => {
  it('says the same as its answer, for every move and every limit', () => {
    for (const one of library)
      for (const limit of Limit.options) {
        const { verdict } = answerFor({ move: one }, { limits: [{ limit }] }, room, lookup);
        const can = verdict === 'fine' || verdict === 'easier rung';
        expect([one.id, limit, isDoable({ move: one }, { limits: [{ limit }] }, room)]).toEqual([
          one.id,
          limit,
          can,
        ]);
      }
  });

  it('minds the room as well', () => {
    const wall = move('chest-at-wall');
    expect(isDoable({ move: wall }, { limits: [] }, room)).toBe(true);
    expect(isDoable({ move: wall }, { limits: [] }, { limits: [], things: [] })).toBe(false);
  });
});
