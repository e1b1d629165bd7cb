import { advance, COUNT_IN_MS, type LeadView, readyToLead, start, viewOf } from '@kotabi/core/lead';
import { stepOf } from '@kotabi/core/library';
import { moveLookup } from '@kotabi/core/library/all';
import { Break, type Move, type Step } from '@kotabi/core/model';
import { type Part, type Timeline, timed } from '@kotabi/core/timing';
import { describe, expect, it } from 'vitest';
import { countUnit, nextLine, shownCount } from './stage-words';

const lookup = moveLookup();
const lineOf = (...steps: [string, Partial<Step>?][]): Timeline => {
  const items = steps.map(([id, more], i) => ({ ...stepOf(lookup(id) as Move, `${id}${i}`), ...more }));
  const made = timed(Break.parse({ id: 'b', name: 'B', slotSec: 600, items }), lookup);
  if (!made.ok) throw new Error('broken test');
  return made.timeline;
};
/** What is shown a moment into each part. */
const views = (timeline: Timeline): (LeadView & { part: Part })[] => {
  const begun = start(readyToLead(timeline), 0);
  return timeline.parts.map((p) => {
    const view = viewOf(timeline, advance(timeline, begun, COUNT_IN_MS + p.startMs + 1));
    if (!view.part) throw new Error('nothing is led');
    return { ...view, part: view.part };
  });
};

describe('what the room is told', () => {
  it('says how to get into place before anything else, from the place of the step', () => {
    const shown = views(lineOf(['side-reach'], ['sit-tall', { position: 'standing' }]));
    const into = shown.filter((v) => v.part.kind === 'position').map((v) => v.line?.text);
    expect(into).toEqual(['Come to the front edge', 'Stand up slowly, eyes clear']);
  });

  it('warns before the end, in repetitions and in breaths', () => {
    const hold = lineOf(['ear-to-shoulder']).parts.find((p) => p.kind === 'work') as Part;
    const at = (remainingMs: number) =>
      countUnit({
        part: hold,
        remainingMs,
        count: { value: Math.ceil(remainingMs / 1000), unit: 'seconds' },
      });
    expect([at(25_000), at(20_000), at(12_000), at(10_000), at(900)]).toEqual([
      'seconds',
      'seconds · one more breath after this',
      'seconds · one more breath after this',
      'seconds · last breath',
      'second · last breath',
    ]);
    const reps = (value: number) => countUnit({ part: hold, remainingMs: 1, count: { value, unit: 'reps' } });
    expect([reps(2), reps(1)]).toEqual(['to go', 'last one']);
    const rest = lineOf(['ear-to-shoulder', { sets: 2 }]).parts.find((p) => p.kind === 'rest') as Part;
    expect(countUnit({ part: rest, remainingMs: 5000, count: { value: 5, unit: 'seconds' } })).toBe(
      'seconds',
    );
    expect(countUnit({ part: null, remainingMs: 0, count: null })).toBe('');
  });

  it('counts repetitions up where the approach says so', () => {
    const rolls = lineOf(['shoulder-rolls']).parts.find((p) => p.kind === 'work') as Part;
    expect(shownCount({ value: 8, unit: 'reps' }, rolls, 'up')).toBe(1);
    expect(shownCount({ value: 8, unit: 'reps' }, rolls, 'down')).toBe(8);
  });

  it('says what comes next: the other set, side and direction, the next move, the end', () => {
    const nexts = (...steps: [string, Partial<Step>?][]): string[] =>
      views(lineOf(...steps)).map((v) => `${v.part.kind} ${nextLine(v.next)}`);
    expect(nexts(['ear-to-shoulder', { sets: 2 }], ['shoulder-rolls'])).toEqual([
      'say next: set 2 of 2',
      'work next: set 2 of 2',
      'rest next: set 2 of 2',
      'work next: the right side',
      'return next: the right side',
      'change next: set 2 of 2',
      'work next: set 2 of 2',
      'rest next: set 2 of 2',
      'work next: Shoulder rolls',
      'return next: Shoulder rolls',
      'say next: forward',
      'work next: forward',
      'change next: the end',
      'work next: the end',
      'return next: the end',
    ]);
    expect(
      nexts(['open-and-hug', { dose: { measure: 'reps', amount: 1, repSec: 4 } }], ['arm-across']),
    ).toEqual([
      'position next: Open wide and hug, left arm on top',
      'say next: Arm across the chest, left',
      'work next: Arm across the chest, left',
      'work next: Arm across the chest, left',
      'return next: Arm across the chest, left',
      'position next: Arm across the chest, left',
      'say next: the right side',
      'work next: the right side',
      'return next: the right side',
      'change next: the end',
      'work next: the end',
      'return next: the end',
    ]);
  });
});
