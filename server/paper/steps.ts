import { placeWord, thingWord } from '@kotabi/core/cues';
import type { Move, Position, Side } from '@kotabi/core/model';
import { compileTimeline, placedSteps, type ResolvedBreak, stepDose } from '@kotabi/core/timing';
import type { SayPaper } from './words';

/** A step as paper shows it. */
export interface PaperStep {
  name: string;
  dose: string;
  /** Where it is felt, or how it goes where nothing is said of that. */
  feel: string;
  say: string;
  check: string;
  move: Move;
  rung: string | undefined;
  position: Position;
  /** The ways that are done, in their order; one of null for both sides together. */
  sides: (Side | null)[];
}

/** What a break needs to be done with, and where, in a phrase. */
export const aboutText = (resolved: ResolvedBreak, say: SayPaper): string => {
  const { totals } = compileTimeline(resolved);
  const steps = placedSteps(resolved);
  const places = [...new Set(steps.map((s) => s.position))].map((p) => placeWord(p, say));
  const things = [...new Set(steps.flatMap((s) => s.move.things))].filter(
    (t) => t !== 'chair' && t !== 'desk',
  );
  return [
    say('aboutMinutes', { count: Math.max(1, Math.round(totals.totalMs / 60_000)) }),
    places.reduce((some, place) => say('placeThen', { some, place })),
    things.length > 0
      ? say('withThings', { things: things.map((t) => thingWord(t, say)).join(', ') })
      : say('nothingNeeded'),
  ].join(' · ');
};

/** The steps of a break in order, with the words of their first side. */
export const paperSteps = (resolved: ResolvedBreak, say: SayPaper): PaperStep[] => {
  const { parts } = compileTimeline(resolved);
  return placedSteps(resolved).map(({ step, move, position, ...at }) => {
    const mine = parts.filter((p) => p.stepId === step.id);
    const line = (role: string): string =>
      mine.flatMap((p) => p.lines).find((l) => l.role === role)?.text ??
      mine.flatMap((p) => p.dropped).find((l) => l.role === role)?.text ??
      '';
    const sides = [...new Set(mine.filter((p) => p.kind === 'work').map((p) => p.side))];
    return {
      name: move.onlyWords ? say('sayThis') : step.rung ? `${move.name}, “${step.rung}”` : move.name,
      dose: stepDose({ step, move, position, ...at }, say),
      feel: line('feel') || line('check'),
      say: line('say') || line('note'),
      check: line('check'),
      move,
      rung: step.rung,
      position,
      sides: sides.length > 0 ? sides : [null],
    };
  });
};
