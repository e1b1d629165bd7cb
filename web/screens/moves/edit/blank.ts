import { type FieldProblem, Move, Rung } from '@kotabi/core/model';
import { nanoid } from 'nanoid';

/** A new move as it begins: a hold of each side, to be changed. */
export const blankMove = (): Move =>
  Move.parse({
    id: nanoid(),
    name: 'New move',
    purpose: 'What it is for, in a sentence.',
    kind: 'stretch',
    region: 'shoulder',
    areas: ['shoulder'],
    muscles: [],
    position: 'back',
    ways: { pattern: 'each', pair: 'side', felt: 'same', moves: 'the {side} arm moves' },
    dose: { least: 10, usual: { measure: 'seconds', amount: 20 }, most: 30 },
    cues: {
      say: 'How to come into it with the {side} arm.',
      again: 'Now the {side} arm.',
      feel: 'You feel it on the {side}.',
      check: 'What to check.',
      back: 'Come back.',
    },
    figure: { poses: [{}, {}] },
  });

/** A new rung as it begins. */
export const blankRung = (place: number): Rung =>
  Rung.parse({ name: `rung ${place}`, how: 'How it is done.', share: 1 });

/** Words that only stand there to be replaced: what nobody could lead with. */
export const placeholderProblems = (move: Move): FieldProblem[] => {
  const blank = blankMove();
  const message = 'still says what it said to begin with; write your own';
  const texts: [path: string, text: string, first: string][] = [
    ['name', move.name, blank.name],
    ['purpose', move.purpose, blank.purpose],
    ['cues.say', move.cues.say, blank.cues.say],
    ['cues.check', move.cues.check, blank.cues.check],
    ...move.rungs.map((r, i): [string, string, string] => [`rungs.${i}.how`, r.how, blankRung(1).how]),
  ];
  return texts
    .filter(([, text, first]) => text.trim() === first)
    .map(([path, value]) => ({ path, message, value }));
};
