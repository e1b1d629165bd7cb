import { cuesOf } from '../cues';
import { type PlacedStep, placedSteps, type ResolvedBreak, stepDose } from '../timing';

const stepText = (at: PlacedStep): string => {
  const dose = stepDose(at);
  return dose ? `${at.move.name}: ${dose}` : `“${at.step.words ?? cuesOf(at.move, at.step.rung).say}”`;
};

/** The steps of a break as plain lines, one step a line; links of a series are marked. */
export const breakLines = (resolved: ResolvedBreak): string[] => {
  const steps = placedSteps(resolved);
  return steps.map((at, i) => {
    if (at.chainId === null) return stepText(at);
    return `${steps[i - 1]?.chainId === at.chainId ? '  then: ' : 'In one series: '}${stepText(at)}`;
  });
};
