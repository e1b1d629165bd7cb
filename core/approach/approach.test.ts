import { describe, expect, it } from 'vitest';
import { stepOf } from '../library';
import { library, moveLookup } from '../library/all';
import { Approach, approachOf, defaultApproach, type Move } from '../model';
import { published } from '../reference';
import { review } from '../review';
import { brk } from '../testing/build';
import { compileTimeline, resolveBreak } from '../timing';
import { approachQuestions, goingBreath, isOffered, proposedDose, proposedRung, regionOrder } from '.';

const lookup = moveLookup();
const move = (id: string): Move => lookup(id) as Move;
const other = (more: Partial<Approach>): Approach => ({ ...defaultApproach, ...more });

describe('the questions', () => {
  it('cover every answer of the approach, each with a reason, and end on the usual ones by default', () => {
    expect(approachQuestions.map((q) => q.key).sort()).toEqual(Object.keys(Approach.shape).sort());
    for (const { key, answers, why } of approachQuestions) {
      expect(why.length, key).toBe(answers.length);
      for (const reason of why) expect(reason.length).toBeGreaterThan(10);
      expect(answers).toContain(defaultApproach[key]);
    }
  });

  it('rests the usual hold on the published range', () => {
    // ACSM position stand, Garber et al. 2011: 10-30 s (from memory).
    const sec = Number.parseInt(defaultApproach.holdLength, 10);
    expect(sec).toBeGreaterThanOrEqual(published.staticHold.leastSec);
    expect(sec).toBeLessThanOrEqual(published.staticHold.mostSec);
  });
});

describe('words', () => {
  it('turn the breath round where the approach does, and only there', () => {
    expect(goingBreath(move('round-and-lift'), defaultApproach)).toBe('out');
    expect(goingBreath(move('round-and-lift'), other({ rounding: 'inhale rounds' }))).toBe('in');
    expect(goingBreath(move('seated-turn'), other({ turning: 'inhale into the turn' }))).toBe('in');
    expect(goingBreath(move('arms-up-breath'), other({ reaching: 'exhale up' }))).toBe('out');
    expect(goingBreath(move('arms-up-breath'), other({ rounding: 'inhale rounds' }))).toBe('in');
    expect(goingBreath(move('nose-circles'), defaultApproach)).toBeNull();
  });

  it('reach the script: what is said follows the break’s own answers over the instructor’s', () => {
    const said = (own: Approach, override?: Partial<Approach>): string => {
      const resolved = resolveBreak(
        brk([stepOf(move('slow-breaths'), 's')], { approach: override }),
        lookup,
        own,
      );
      if (!resolved.ok) throw new Error('broken test');
      return compileTimeline(resolved.value).parts.find((p) => p.kind === 'say')?.lines[0]?.text ?? '';
    };
    expect(said(defaultApproach)).toContain('out through the mouth');
    expect(said(other({ breathRoute: 'nose in, nose out' }))).toContain('out through the nose');
    expect(
      said(other({ breathRoute: 'nose in, nose out' }), { breathRoute: 'nose in, pursed lips out' }),
    ).toContain('pursed lips');
    expect(approachOf(defaultApproach, undefined)).toEqual(defaultApproach);
  });
});

describe('proposals', () => {
  it('measure holds as the approach does, inside the band of the move', () => {
    const ear = move('ear-to-shoulder');
    expect(proposedDose(ear, defaultApproach)).toEqual({ measure: 'seconds', amount: 20 });
    expect(proposedDose(ear, other({ holdLength: '10 s' }))).toEqual({ measure: 'seconds', amount: 10 });
    expect(proposedDose(ear, other({ holdLength: '45 s' }))).toEqual({ measure: 'seconds', amount: 45 });
    expect(proposedDose(ear, other({ holdIn: 'breaths' }))).toEqual({ measure: 'breaths', amount: 2 });
    expect(proposedDose(move('shoulder-rolls'), other({ holdIn: 'breaths' }))).toEqual(
      move('shoulder-rolls').dose.usual,
    );
    expect(stepOf(ear, 's', other({ passes: 'twice' })).sets).toBe(2);
    expect(stepOf(move('wrist-circles'), 's', other({ passes: 'twice' })).sets).toBe(1);
  });

  it('step down the ladder from what the approach does not want', () => {
    expect(proposedRung(move('nod-and-lift'), defaultApproach)).toBe('lift the gaze');
    expect(proposedRung(move('nod-and-lift'), other({ lookingUp: 'never past neutral' }))).toBe('down only');
    expect(proposedRung(move('hands-behind-head-chin-down'), other({ handOnHead: 'gravity only' }))).toBe(
      'chin down only',
    );
    expect(stepOf(move('nod-and-lift'), 's', defaultApproach).rung).toBeUndefined();
    expect(stepOf(move('nod-and-lift'), 's', other({ lookingUp: 'never past neutral' })).rung).toBe(
      'down only',
    );
  });

  it('offer nothing that is put away or only for the asking, and order the shelves', () => {
    expect(isOffered({ ...move('sit-tall'), archived: true }, defaultApproach)).toBe(false);
    expect(isOffered(move('palms-under-soles'), defaultApproach)).toBe(false);
    for (const order of Approach.shape.order.unwrap().options)
      expect(new Set(regionOrder(other({ order })))).toEqual(new Set(library.map((m) => m.region)));
    expect(regionOrder(other({ order: 'hands first' }))[1]).toBe('wrist');
  });
});

describe('flags', () => {
  const flags = (id: string, rung: string | undefined, own: Approach): string[] => {
    const resolved = resolveBreak(brk([{ ...stepOf(move(id), 's'), ...(rung && { rung }) }]), lookup, own);
    if (!resolved.ok) throw new Error('broken test');
    const found = review({
      resolved: resolved.value,
      timeline: compileTimeline(resolved.value),
      lookup,
      library,
      audience: null,
    });
    return found.flatMap((f) => (f.code === 'againstApproach' ? [f.question] : []));
  };
  it.each([
    ['lookingUp', 'nod-and-lift', 'lift the gaze', other({ lookingUp: 'never past neutral' })],
    ['handOnHead', 'ear-to-shoulder', 'hand’s weight', other({ handOnHead: 'gravity only' })],
    ['turnPower', 'seated-turn', 'chair back', defaultApproach],
    ['folding', 'fold-between-knees', 'hanging', defaultApproach],
    ['holdIn', 'ear-to-shoulder', undefined, other({ holdIn: 'breaths' })],
    ['ending', 'chest-at-wall', undefined, defaultApproach],
  ] as const)('%s: %s (%s) goes against it', (question, id, rung, own) => {
    expect(flags(id, rung, own)).toContain(question);
  });

  it('say when the order across the body, or a series, is not as usual', () => {
    const many = (ids: string[], own: Approach): string[] => {
      const resolved = resolveBreak(brk(ids.map((id) => stepOf(move(id), id))), lookup, own);
      if (!resolved.ok) throw new Error('broken test');
      const found = review({
        resolved: resolved.value,
        timeline: compileTimeline(resolved.value),
        lookup,
        library,
        audience: null,
      });
      return found.flatMap((f) => (f.code === 'againstApproach' ? [f.question] : []));
    };
    expect(many(['fingers-up', 'ear-to-shoulder'], defaultApproach)).toEqual(['order']);
    expect(many(['fingers-up', 'ear-to-shoulder'], other({ order: 'hands first' }))).toEqual([]);
    const three = ['ear-to-shoulder', 'nose-to-armpit', 'arm-across'];
    expect(many(three, other({ sides: 'chain' }))).toEqual(['sides']);
    expect(many(three, defaultApproach)).toEqual([]);
  });

  it('are silent where nothing goes against it', () => {
    expect(flags('ear-to-shoulder', undefined, defaultApproach)).toEqual([]);
    expect(flags('nod-and-lift', undefined, defaultApproach)).toEqual([]);
  });

  it('drop the warm-up where it is not wanted, and take a walk for one', () => {
    const codes = (ids: string[], own: Approach): string[] => {
      const resolved = resolveBreak(brk(ids.map((id) => stepOf(move(id), id))), lookup, own);
      if (!resolved.ok) throw new Error('broken test');
      return review({
        resolved: resolved.value,
        timeline: compileTimeline(resolved.value),
        lookup,
        library,
        audience: null,
      }).map((f) => f.code);
    };
    expect(codes(['ear-to-shoulder'], defaultApproach)).toContain('notMobilised');
    expect(codes(['ear-to-shoulder'], other({ warmUp: 'none' }))).not.toContain('notMobilised');
    expect(codes(['walk-about', 'ear-to-shoulder'], other({ warmUp: 'walk first' }))).not.toContain(
      'notMobilised',
    );
    expect(codes(['ear-to-shoulder'], other({ warmUp: 'walk first' }))).toContain('notMobilised');
  });
});
