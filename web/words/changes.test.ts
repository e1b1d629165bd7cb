import { BREAK_FIELDS, CHAIN_FIELDS, compareBreaks, STEP_FIELDS, type StepField } from '@kotabi/core/compare';
import { moveLookup } from '@kotabi/core/library/all';
import { Break, Step } from '@kotabi/core/model';
import { describe, expect, it } from 'vitest';
import { changeText } from './changes';

const lookup = moveLookup();
const plain = Step.parse({
  type: 'step',
  id: 's',
  moveId: 'fingers-up',
  dose: { measure: 'seconds', amount: 20 },
});
const brk = (step: Step) => Break.parse({ id: 'b', name: 'Wrists', slotSec: 300, items: [step] });

/** Another value for each field of a step, and what is said of it. */
const other: { [F in StepField]: [value: Step[F], said: string] } = {
  moveId: ['fingers-down', 'Fingers up, drawn back became Fingers down, drawn back'],
  dose: [{ measure: 'seconds', amount: 15 }, '20 s → 15 s'],
  sets: [2, 'one set → 2 sets'],
  sides: ['left', 'both sides → left only'],
  firstSide: ['right', 'as the break → right first'],
  uneven: [{ side: 'left', amount: 30, reason: 'tighter' }, 'even → uneven on purpose'],
  directions: ['first', 'both ways → the first way only'],
  wholeBreaths: [true, 'breaths as the break → whole breaths'],
  position: ['edge', 'in its own position → front edge of the seat'],
  rung: ['soft', 'the usual rung → rung “soft”'],
  breath: [{ breathsPerMinute: 4 }, 'the breath of the break → a breath of its own'],
  oneByOne: [true, 'as the move goes → one side first, then the other'],
  turned: [true, 'not turned over → turned over'],
  second: [{ amount: 5, reason: 'stiffer' }, 'the same both ways → another amount the second way'],
  meant: ['only the left today', 'owes the other way → one way on purpose: only the left today'],
  meanwhile: [
    { moveId: 'toes-up', times: 4, side: 'other' },
    'nothing meanwhile → meanwhile 4 times: toes up, toes spread',
  ],
  words: ['Reach out.', 'the words of the move → your own words'],
  locked: [true, 'dose free → dose locked'],
  keep: [true, 'may be left out → always kept'],
  priority: [1, 'usual priority → goes first'],
};

describe('changes of a break in words', () => {
  it.each(STEP_FIELDS)('%s of a step is compared, and has words for both values', (field) => {
    const [value, said] = other[field];
    const changes = compareBreaks(brk(plain), brk({ ...plain, [field]: value }));
    expect(changes.map((c) => c.code === 'step' && c.field)).toEqual([field]);
    expect(changes[0] && changeText(changes[0], lookup)).toContain(said);
  });

  it('leaves no field of a series or a break out', () => {
    expect(CHAIN_FIELDS).toEqual(['nesting', 'sides', 'firstSide', 'rounds']);
    const words = BREAK_FIELDS.map((field) =>
      changeText({ code: 'break', field, before: undefined, after: undefined }, lookup),
    );
    for (const [i, text] of words.entries()) expect(text, BREAK_FIELDS[i]).toMatch(/^[A-Z]/);
  });
});
