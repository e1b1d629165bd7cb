import { type Break, type LiveChoice, roomLimits } from '@kotabi/core/model';
import { needsTable, readOut } from '@kotabi/core/needs';
import type { LeadData } from './load';

/** More is not taken in while one is getting into place. Common practice, no source. */
const MOST_LINES = 2;

/** Someone's own version of a step, for the eyes of whoever leads. */
export interface OwnVersion {
  stepId: string;
  personId: string;
  name: string;
  moveId: string;
  rung?: string;
  position?: NonNullable<LiveChoice['easier']>['position'];
  /** Left out: the person rests and breathes along. */
  rests: boolean;
}

/** What a break asks of the people it is led for: choices for everyone, and each one's own version. */
export interface Choices {
  /** Before the start, in sentences that name nobody. */
  before: readonly string[];
  /** At the steps: what is said, and the easier version as it is drawn. */
  steps: readonly LiveChoice[];
  own: readonly OwnVersion[];
}
const NO_CHOICES: Choices = { before: [], steps: [], own: [] };

/** Works out who needs what: which choice to offer to everyone, and, only for whoever leads, whose version it is. */
export const choicesOf = ({ brk, group, people, shelf }: LeadData & { brk: Break }): Choices => {
  if (!group) return NO_CHOICES;
  const room = { limits: roomLimits(group), things: group.things };
  const table = needsTable(brk, people, room, shelf.lookup);
  const said = readOut(table, shelf.lookup);
  const steps = said.steps.map(({ stepId, lines }): LiveChoice => {
    const row = table.find((r) => r.step.id === stepId);
    const answers = row?.answers.map((a) => a.answer) ?? [];
    const easier =
      answers.find((a) => a.verdict === 'easier rung') ?? answers.find((a) => a.verdict === 'another move');
    return {
      stepId,
      lines: lines.slice(0, MOST_LINES),
      easier:
        row && easier
          ? {
              moveId: easier.instead ?? row.step.moveId,
              ...(easier.rung !== undefined && { rung: easier.rung }),
              ...(easier.position !== undefined && { position: easier.position }),
            }
          : null,
    };
  });
  const own = table.flatMap(({ step, answers }) =>
    answers
      .filter(({ answer }) => answer.verdict !== 'fine')
      .map(
        ({ person, answer }): OwnVersion => ({
          stepId: step.id,
          personId: person.id,
          name: person.name,
          moveId: answer.instead ?? step.moveId,
          ...(answer.rung !== undefined && { rung: answer.rung }),
          ...(answer.position !== undefined && { position: answer.position }),
          rests: answer.verdict === 'leave out',
        }),
      ),
  );
  return { before: said.before, steps, own };
};
