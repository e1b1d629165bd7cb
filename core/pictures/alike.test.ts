import { describe, expect, it } from 'vitest';
import { library } from '../library/all';
import { type Move, variantOf } from '../model';
import { motionOf } from '../needs';
import { stillPicture } from './still';

/** Rungs that look the same, and the difference that no picture shows. */
const UNSEEN: Readonly<Record<string, string>> = {
  'slow-breaths': 'the pace of the breath',
  'check-out': 'a number that one thinks',
  'look-far': 'what one looks at',
  'chin-glide': 'how long one stays',
  'wrist-behind-side-bend': 'how firmly',
  'squeeze-forearm': 'how firmly',
  'skull-base-circles': 'how firmly',
  'draw-down-neck': 'how firmly',
  'grasp-shoulder-top': 'how firmly',
  'shoulder-small-circles': 'how firmly',
  'rake-back-to-front': 'how firmly',
  'collarbone-taps': 'strokes or taps',
  'brow-temples-jaw': 'strokes or circles of the fingertips',
  'scalp-circles': 'how firmly',
  'rub-up-neck': 'how firmly',
  'lie-along-roll': 'how thick the roll is',
};

const alike = <T>(things: readonly T[], look: (thing: T) => unknown): T[][] => {
  const by = new Map<string, T[]>();
  for (const thing of things) {
    const key = JSON.stringify(look(thing));
    by.set(key, [...(by.get(key) ?? []), thing]);
  }
  return [...by.values()].filter((same) => same.length > 1);
};
const drawn = (move: Move, rung?: string) => {
  const { shapes, arrows, ghost } = stillPicture(move, 'left', rung);
  return { shapes, arrows, ghost };
};

describe('what is done differently', () => {
  it('looks different from one move to another, on every rung', () => {
    const pictures = library.flatMap((move) =>
      (move.rungs.length > 0 ? move.rungs.map((r) => r.name) : [undefined]).map((rung) => ({ move, rung })),
    );
    const same = alike(pictures, ({ move, rung }) => drawn(move, rung)).map((those) => [
      ...new Set(those.map(({ move }) => move.id)),
    ]);
    expect(same.filter((ids) => ids.length > 1)).toEqual([]);
  });

  it('looks different from rung to rung, but for what no picture shows', () => {
    const same = library.filter(
      (move) => alike(move.rungs, (rung) => motionOf(variantOf(move, rung.name, move.position))).length > 0,
    );
    expect(same.map((move) => move.id).sort()).toEqual(Object.keys(UNSEEN).sort());
  });
});
