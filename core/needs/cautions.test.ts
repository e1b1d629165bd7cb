import { describe, expect, it } from 'vitest';
import { cuesOf } from '../cues';
import { library, moveLookup } from '../library/all';
import { type Ask, type Move, type Position, usualVariant, variantOf } from '../model';
import { cautionsOf } from '.';

// Every move on every rung in every position: what its words have people do decides what must be minded, and what
// would be nonsense to say.
interface Variant {
  move: Move;
  rung: string;
  position: Position;
}
const variants: Variant[] = library.flatMap((move) =>
  [move.position, ...move.alsoIn].flatMap((position) =>
    move.rungs.map(({ name: rung }) => ({ move, rung, position })),
  ),
);
const spared = (move: Move, rung: string, ask: Ask): boolean =>
  move.rungs.find((r) => r.name === rung)?.spares.includes(ask) === true;
const wordsOf = ({ move, rung }: Variant): string =>
  Object.values(cuesOf(usualVariant(move, rung)))
    .join(' ')
    .replace(/\b(no|not|never|without)\b[^.;]*/gi, '');
const said = ({ move, rung, position }: Variant): string =>
  cautionsOf(variantOf(move, rung, position)).join(' ');
const where = ({ move, rung, position }: Variant): string => `${move.id}, ${rung}, ${position}`;

/** What the words or the place have people do, and what has to be said with it. */
const NEEDED: [what: string, when: (v: Variant) => boolean, caution: RegExp][] = [
  ['moves the neck', ({ move }) => move.region === 'neck', /Dizzy, double vision/],
  ['looks up', (v) => /lift the gaze|chin up and over|gaze go up/i.test(wordsOf(v)), /neck stays long/],
  [
    'lays a hand on the head',
    (v) => /lay (your|the) [^.,;]*hands? (over|on) the ([a-z ]*)head/i.test(wordsOf(v)),
    /do not pull/,
  ],
  [
    'lets the head hang',
    (v) => /head and arms hang|let the head hang/i.test(wordsOf(v)) && v.move.region !== 'neck',
    /come up slowly/,
  ],
  ['closes the eyes', (v) => /close (the|your) eyes/i.test(wordsOf(v)), /Nobody has to close the eyes/],
  ['stands', ({ position }) => position === 'standing', /hand on the desk or the chair/],
  ['sits on the edge', ({ position }) => position === 'edge', /chair that rolls/],
  ['sits sideways', (v) => /sideways on the seat/i.test(wordsOf(v)), /chair that rolls/],
  [
    'leans on the chair',
    ({ move, rung }) =>
      move.asks.includes('chair carries') &&
      !move.rungs.find((r) => r.name === rung)?.spares.includes('chair carries'),
    /chair that rolls/,
  ],
  ['lies down', ({ position }) => position === 'floor', /Roll to the side/],
  [
    'crosses a leg',
    (v) => /cross your \{side\} leg|ankle on the \{other\} (knee|shin)/i.test(wordsOf(v)),
    /bent knee/,
  ],
  [
    'works',
    ({ move, rung }) =>
      move.kind === 'activate' && move.asks.includes('effort') && !spared(move, rung, 'effort'),
    /Breathe on while you work/,
  ],
  ['breathes out long', (v) => /twice as long|long breath out/i.test(wordsOf(v)), /Never force the breath/],
  [
    'puts weight on the hands',
    ({ move }) => move.asks.includes('weight on the hands') && move.kind === 'activate',
    /wrist/,
  ],
];

/** What makes no sense to say, and where it would be said. */
const NONSENSE: [what: string, when: (v: Variant) => boolean, caution: RegExp][] = [
  ['a flexed foot without a crossed leg', (v) => v.position === 'standing', /foot of the crossed leg/],
  ['closed eyes that nobody closes', (v) => v.move.id === 'shoulder-rolls', /close the eyes/],
  [
    'the chair for who sits back and moves the head',
    (v) => v.move.region === 'neck' && v.position === 'back',
    /chair that rolls/,
  ],
  ['getting up from the floor for who sits', (v) => v.position !== 'floor', /Roll to the side/],
  [
    'a tight skirt for who keeps the knees together',
    (v) => v.move.region === 'wrist' && v.position !== 'floor seat',
    /skirt/,
  ],
  ['the neck for ankles', (v) => v.move.areas[0] === 'foot', /Dizzy, double vision/],
];

describe('cautions', () => {
  it.each(NEEDED)('are said to whoever %s', (_, when, caution) => {
    const met = variants.filter(when);
    expect(met.length).toBeGreaterThan(0);
    for (const v of met) expect(`${where(v)}: ${said(v)}`).toMatch(caution);
  });

  it.each(NONSENSE)('do not speak of %s', (_, when, caution) => {
    const met = variants.filter(when);
    expect(met.length).toBeGreaterThan(0);
    for (const v of met) expect(`${where(v)}: ${said(v)}`).not.toMatch(caution);
  });

  it('never invite a tingle, promise anything, or say one thing twice', () => {
    for (const v of variants) {
      const all = cautionsOf(variantOf(v.move, v.rung, v.position));
      expect(new Set(all).size, where(v)).toBe(all.length);
      expect(wordsOf(v), where(v)).not.toMatch(/feel [^.]*(tingl|numb|burn)/i);
    }
  });

  it('follow the rung: what an easier one does not ask is not said of it', () => {
    const move = moveLookup()('ear-to-shoulder') ?? expect.fail();
    expect(cautionsOf(usualVariant(move, 'hand’s weight')).join(' ')).toMatch(/do not pull/);
    expect(cautionsOf(usualVariant(move, 'gravity')).join(' ')).not.toMatch(/do not pull/);
  });
});
