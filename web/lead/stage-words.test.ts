import { advance, COUNT_IN_MS, type LeadView, readyToLead, start, viewOf } from '@kotabi/core/lead';
import { stepOf } from '@kotabi/core/library';
import { moveLookup } from '@kotabi/core/library/all';
import { Break, type Move, type Step } from '@kotabi/core/model';
import { type Part, partTitle, type Timeline, timed } from '@kotabi/core/timing';
import { describe, expect, it } from 'vitest';
import { countUnit, detailOf, shownCount, sideWord, thenLine } from './stage-words';

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

  it('says that each repetition is held, and for how long', () => {
    const dose = { measure: 'reps', amount: 4, repSec: 3, holdSec: 3 } as const;
    const [plain, held] = [lineOf(['blade-squeeze']), lineOf(['blade-squeeze', { dose }])].map((line) =>
      detailOf(line.parts.find((p) => p.kind === 'work') ?? null),
    );
    expect([plain, held]).toEqual(['', 'each held 3 s']);
  });

  it('warns before the end, in repetitions and in breaths', () => {
    const hold = lineOf(['ear-to-shoulder']).parts.find((p) => p.kind === 'work') as Part;
    const at = (seconds: number, breathsLeft: 1 | 2 | null) =>
      countUnit({ part: hold, breathsLeft, count: { value: seconds, unit: 'seconds' } });
    expect([at(25, null), at(20, 2), at(10, 1), at(1, 1)]).toEqual([
      'seconds',
      'seconds · one more breath after this',
      'seconds · last breath',
      'second · last breath',
    ]);
    const reps = (value: number) =>
      countUnit({ part: hold, breathsLeft: null, count: { value, unit: 'reps' } });
    expect([reps(2), reps(1)]).toEqual(['to go', 'last one']);
    expect(countUnit({ part: null, breathsLeft: null, count: null })).toBe('');
  });

  it('counts repetitions up, down, or only the last three, as the approach says', () => {
    const rolls = lineOf(['shoulder-rolls']).parts.find((p) => p.kind === 'work') as Part;
    const n = rolls.kind === 'work' ? (rolls.reps ?? 0) : 0;
    const shown = (counting: 'up' | 'down' | 'only the last three') =>
      Array.from({ length: n }, (_, i) => {
        const count = { value: n - i, unit: 'reps' as const };
        return [
          shownCount(count, rolls, counting),
          countUnit({ part: rolls, breathsLeft: null, count }, counting),
        ];
      });
    expect(shown('up').map(([c]) => c)).toEqual(Array.from({ length: n }, (_, i) => i + 1));
    expect(shown('down').map(([c]) => c)).toEqual(Array.from({ length: n }, (_, i) => n - i));
    const last = shown('only the last three');
    expect(last.slice(-4)).toEqual([
      [null, '4 more'],
      [3, 'to go'],
      [2, 'to go'],
      [1, 'last one'],
    ]);
    expect(shown('up')[0]).toEqual([1, `of ${n}`]);
  });

  it('names the side large, and kinds of move not at all', () => {
    const words = views(lineOf(['ear-to-shoulder'], ['open-and-hug'], ['quiet-rest'])).map((v) =>
      sideWord(v.part),
    );
    expect([...new Set(words)]).toEqual(['Left', 'Right', '', 'Left arm on top', 'Right arm on top']);
    for (const v of views(lineOf(['quiet-rest'], ['arms-up-breath'], ['sit-tall'])))
      expect(partTitle(v.part)).not.toMatch(/close|settle|breathe/);
  });

  it('says briefly what comes then', () => {
    const then = views(lineOf(['ear-to-shoulder', { sets: 2 }], ['shoulder-rolls'])).map((v) =>
      thenLine(v.next),
    );
    expect([...new Set(then)]).toEqual([
      'then set 2 of 2',
      'then the right',
      'then: Shoulder rolls',
      'then forward',
      'then the end',
    ]);
  });

  it('says what comes then: the other set, side and direction, the next move, the end', () => {
    const nexts = (...steps: [string, Partial<Step>?][]): string[] =>
      views(lineOf(...steps)).map((v) => `${v.part.kind} ${thenLine(v.next)}`);
    expect(nexts(['ear-to-shoulder', { sets: 2 }], ['shoulder-rolls'])).toEqual([
      'say then set 2 of 2',
      'work then set 2 of 2',
      'rest then set 2 of 2',
      'work then the right',
      'return then the right',
      'change then set 2 of 2',
      'work then set 2 of 2',
      'rest then set 2 of 2',
      'work then: Shoulder rolls',
      'return then: Shoulder rolls',
      'say then forward',
      'work then forward',
      'change then the end',
      'work then the end',
      'return then the end',
    ]);
    expect(
      nexts(['open-and-hug', { dose: { measure: 'reps', amount: 1, repSec: 4 } }], ['arm-across']),
    ).toEqual([
      'position then: Open wide and hug, left arm on top',
      'say then: Arm across the chest, left',
      'work then: Arm across the chest, left',
      'work then: Arm across the chest, left',
      'return then: Arm across the chest, left',
      'position then: Arm across the chest, left',
      'say then the right',
      'work then the right',
      'return then the right',
      'change then the end',
      'work then the end',
      'return then the end',
    ]);
  });
});
