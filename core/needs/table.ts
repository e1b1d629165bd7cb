import type { Break, MoveLookup, Person, Step } from '../model';
import { stepsOf } from '../model';
import { type Answer, answerFor, type Room, VERDICTS } from './answer';

/** One row of the table: a step, and what each person needs in it. */
export interface NeedsRow {
  step: Step;
  answers: { person: Person; answer: Answer }[];
  /** The most careful answer of all. */
  worst: Answer['verdict'];
}

/** Who needs what in a break: by step, and within it by person, in the order of both. */
export const needsTable = (
  brk: Pick<Break, 'items'>,
  people: readonly Person[],
  room: Room,
  lookup: MoveLookup,
): NeedsRow[] =>
  stepsOf(brk).flatMap((step): NeedsRow[] => {
    const move = lookup(step.moveId);
    if (!move) return [];
    const answers = people.map((person) => ({
      person,
      answer: answerFor(
        {
          move,
          rung: step.rung,
          position: step.position,
          dose: step.dose,
          ...(step.meanwhile && { meanwhile: lookup(step.meanwhile.moveId) }),
        },
        person,
        room,
        lookup,
      ),
    }));
    const worst = answers.reduce<Answer['verdict']>(
      (w, { answer }) => (VERDICTS.indexOf(answer.verdict) > VERDICTS.indexOf(w) ? answer.verdict : w),
      'fine',
    );
    return [{ step, answers, worst }];
  });
