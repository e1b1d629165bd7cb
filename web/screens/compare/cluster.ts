import type { RuleOutcome } from '@kotabi/core/simulate';

/** A rule's outcome with the letter it has in picture and table. */
export type Lettered = RuleOutcome & { letter: string };

/** A point of the picture: one rule, or several that would lie on top of each other. */
export interface Point {
  minutesADay: number;
  longRun: number;
  letters: string;
  names: string[];
}

/** Points nearer than this, in minutes and in shares of days, are drawn as one. */
const NEAR_MIN = 1.6;
const NEAR_SHARE = 0.055;

/** Draws rules together whose points could not be told apart; each lies where its first one does. */
export const clustered = (outcomes: readonly Lettered[]): Point[] => {
  const points: Point[] = [];
  for (const o of outcomes) {
    const near = points.find(
      (p) =>
        Math.abs(p.minutesADay - o.minutesADay) < NEAR_MIN && Math.abs(p.longRun - o.longRun) < NEAR_SHARE,
    );
    if (near) {
      near.letters += ` ${o.letter}`;
      near.names.push(o.name);
    } else
      points.push({ minutesADay: o.minutesADay, longRun: o.longRun, letters: o.letter, names: [o.name] });
  }
  return points;
};
