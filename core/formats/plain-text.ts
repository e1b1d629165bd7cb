import {
  compileTimeline,
  type PlacedStep,
  placedSteps,
  type ResolvedBreak,
  stepDose,
  type Timeline,
  textOf,
} from '../timing';

/** A step with its dose, or a spoken note by its words. */
const stepText = (at: PlacedStep, note: string): string => {
  const dose = stepDose(at);
  return dose ? `${at.move.name}: ${dose}` : `“${note}”`;
};

/** What is said where nothing else is done, step by step. */
const notesOf = ({ parts }: Timeline): Map<string, string> =>
  new Map(parts.flatMap((p) => (p.kind === 'note' ? [[p.stepId, textOf(p)] as const] : [])));

/** One line for each step; links of a series are marked. */
const linesOf = (resolved: ResolvedBreak, textFor: (at: PlacedStep, note: string) => string): string[] => {
  const steps = placedSteps(resolved);
  const notes = notesOf(compileTimeline(resolved));
  const text = (at: PlacedStep): string => textFor(at, notes.get(at.step.id) ?? '');
  return steps.map((at, i) => {
    if (at.chainId === null) return text(at);
    return `${steps[i - 1]?.chainId === at.chainId ? '  then: ' : 'In one series: '}${text(at)}`;
  });
};

/** The steps of a break as plain lines, one step a line; links of a series are marked. */
export const breakLines = (resolved: ResolvedBreak): string[] => linesOf(resolved, stepText);

/** What everybody keeps in mind, on everything that is handed out. */
export const STANDING_CAUTION =
  'To the point of mild tension, never pain. Stop at anything sharp, numb or tingling, or when dizzy. With an injury, after surgery or with a known condition ask a doctor or physiotherapist first.';

/** How each step is set up, and where it is felt, in the words of its first side. */
const saidOf = ({ parts }: Timeline): Map<string, string> => {
  const said = new Map<string, { say?: string; feel?: string }>();
  for (const { stepId, lines } of parts)
    for (const { role, text } of lines)
      if (role === 'say' || role === 'feel') said.set(stepId, { [role]: text, ...said.get(stepId) });
  return new Map([...said].map(([id, { say, feel }]) => [id, [say, feel].filter(Boolean).join(' ')]));
};

/** A step with its rung, where it is not the usual one, and its dose. */
const entryHead = (at: PlacedStep, note: string): string => {
  const dose = stepDose(at);
  if (!dose) return stepText(at, note);
  return `${[at.move.name, at.step.rung && `“${at.step.rung}”`].filter(Boolean).join(', ')}: ${dose}`;
};

/**
 * A break as an entry in a calendar tells it, so that it can be done from there: each step with its dose and how it goes, what
 * to keep in mind, and where it can be followed.
 */
export const entryLines = (resolved: ResolvedBreak, follow: string | null = null): string[] => {
  const said = saidOf(compileTimeline(resolved));
  const steps = placedSteps(resolved);
  const heads = linesOf(resolved, entryHead);
  return [
    ...steps.flatMap((at, i) => {
      const words = stepDose(at) ? said.get(at.step.id) : undefined;
      return [heads[i] ?? '', ...(words ? [`  ${words}`] : [])];
    }),
    STANDING_CAUTION,
    ...(follow ? [`Follow it: ${follow}`] : []),
  ];
};
