import { cuesOf, PLACE_WORDS } from '../cues';
import type { Answer } from '../needs';
import { type PlacedStep, placedSteps, type ResolvedBreak, stepDose } from '../timing';

const stepText = (at: PlacedStep): string => {
  const dose = stepDose(at);
  return dose
    ? `${at.move.name}: ${dose}`
    : `“${at.step.words ?? cuesOf(at.move, at.step.rung, at.position).say}”`;
};

/** One line for each step; links of a series are marked. */
const linesOf = (resolved: ResolvedBreak, text: (at: PlacedStep) => string): string[] => {
  const steps = placedSteps(resolved);
  return steps.map((at, i) => {
    if (at.chainId === null) return text(at);
    return `${steps[i - 1]?.chainId === at.chainId ? '  then: ' : 'In one series: '}${text(at)}`;
  });
};

/** The steps of a break as plain lines, one step a line; links of a series are marked. */
export const breakLines = (resolved: ResolvedBreak): string[] => linesOf(resolved, stepText);

/** What somebody has been told to do in a step, as a line: their own version, with the reason left out. */
const ownText = (at: PlacedStep, answer: Answer, nameOf: (moveId: string) => string): string => {
  const dose = stepDose(at);
  const how = [answer.rung && `“${answer.rung}”`, answer.position && PLACE_WORDS[answer.position]].filter(
    Boolean,
  );
  const name = answer.instead === undefined ? at.move.name : nameOf(answer.instead);
  switch (answer.verdict) {
    case 'fine':
      return stepText(at);
    case 'leave out':
      return `${at.move.name}: rest here and breathe along`;
    default:
      return `${[name, ...how].join(', ')}: ${dose}`;
  }
};

/**
 * The steps of a break as somebody does them: where a step is not for them, their own version stands in its place.
 * `answerTo` says what each step asks of that person, `nameOf` the name of a move.
 */
export const ownLines = (
  resolved: ResolvedBreak,
  answerTo: (at: PlacedStep) => Answer,
  nameOf: (moveId: string) => string,
): string[] => linesOf(resolved, (at) => ownText(at, answerTo(at), nameOf));
