import { describe, expect, it } from 'vitest';
import { readyToLead } from '../lead';
import { stepOf } from '../library';
import { shelf } from '../library/all';
import { Break, type Item, type Move, type Step } from '../model';
import { doneParts, planAgainstDone } from '../record';
import { scriptOf } from '../testing/script';
import { placedSteps, stepDose, timed, workingOf, workingText } from '../timing';
import { breakLines, breakToVtt } from '.';

const all = shelf();
const step = (moveId: string, id: string, more: Partial<Step> = {}): Step => ({
  ...stepOf(all.lookup(moveId) as Move, id),
  ...more,
});

/** A break with everything in it that an output could tell wrongly. */
const items: Item[] = [
  step('pause-note', 'note', { words: 'Good morning. Put --> a strap within reach.\nNo hurry.' }),
  step('sit-tall', 'sit', { dose: { measure: 'seconds', amount: 10 }, position: 'edge' }),
  step('sigh-out', 'sigh'),
  step('shoulder-rolls', 'rolls', { directions: 'first' }),
  step('open-and-hug', 'hug', { dose: { measure: 'reps', amount: 2, repSec: 4 } }),
  {
    type: 'chain',
    id: 'series',
    nesting: 'side by side',
    sides: 'both',
    links: [step('ear-to-shoulder', 'ear'), step('nose-to-armpit', 'nose', { sides: 'right' })],
  },
  step('arm-across', 'across', {
    uneven: { side: 'right', amount: 30, reason: 'the right is tighter' },
    sets: 2,
  }),
  step('arms-up-breath', 'up', { position: 'standing' }),
];
const brk = Break.parse({ id: 'whole', name: 'A whole break', slotSec: 600, items });

describe('one whole break in every output', () => {
  it('reads the same everywhere; the file has been read by a person', async () => {
    const made = timed(brk, all.lookup);
    if (!made.ok) throw new Error(JSON.stringify(made.failures));
    const { resolved, timeline } = made;
    const sec = (ms: number): string => (ms / 1000).toFixed(1).padStart(6);
    const log = planAgainstDone(doneParts(resolved, timeline, readyToLead(timeline))).map(
      (s) =>
        `${s.moveName}: whole ${sec(s.whole.plannedMs)}, left ${sec(s.left?.plannedMs ?? 0)}, right ${sec(s.right?.plannedMs ?? 0)}, together ${sec(s.together?.plannedMs ?? 0)}`,
    );
    const text = [
      '# On the sheet, before leading, in calendars and on paper',
      ...placedSteps(resolved).map((at) => `${at.move.name}: ${stepDose(at) || '(words)'}`),
      '',
      '# In a calendar',
      ...breakLines(resolved),
      '',
      '# The working',
      workingText(workingOf(timeline.parts)),
      '',
      '# The script: start, length, part; when each line is spoken',
      ...scriptOf(timeline),
      '',
      '# In the log, as planned',
      ...log,
      '',
      '# As captions',
      breakToVtt(brk.name, timeline),
    ].join('\n');
    await expect(text).toMatchFileSnapshot('golden/whole-break.txt');
  });
});
