import { describe, expect, it } from 'vitest';
import { cueContext, isOffered } from '../approach';
import { countWords, cuesOf, resolveCue } from '../cues';
import { stepOf } from '../library';
import { library, moveLookup, pauses } from '../library/all';
import {
  Approach,
  Area,
  defaultApproach,
  defaultPace,
  type Move,
  Muscle,
  otherSide,
  rungOf,
  type Side,
  usuallyInTurns,
  usualVariant,
} from '../model';
import { published } from '../reference';
import { brk, compile } from '../testing/build';
import { buildLibrary } from '.';

const sides = ['left', 'right'] as const;

/** Every approach that changes a word: each answer once, the rest as usual. */
const approaches: Approach[] = (Object.keys(Approach.shape) as (keyof Approach)[]).flatMap((key) =>
  Approach.shape[key].unwrap().options.map((answer) => ({ ...defaultApproach, [key]: answer }) as Approach),
);

/** All cues of a move in one pass, on one rung. */
const textsOf = (move: Move, rung: string | undefined): string[] =>
  Object.values(cuesOf(usualVariant(move, rung))).filter((c): c is string => c !== undefined && c !== '');

const ladder = (move: Move): (string | undefined)[] => [undefined, ...move.rungs.map((r) => r.name)];

describe('the library', () => {
  it('is kept as data exactly as its builders make it; `npm run library` writes it anew', () => {
    const { moves, pauses: between } = buildLibrary();
    expect(library).toEqual(moves);
    expect(pauses).toEqual(between);
  });

  it('holds about 125 moves over every region, each with its own id and name', () => {
    expect(library.length).toBeGreaterThanOrEqual(125);
    for (const key of ['id', 'name', 'purpose'] as const)
      expect(new Set(library.map((m) => m[key])).size, key).toBe(library.length);
    const count = (region: Move['region']) => library.filter((m) => m.region === region).length;
    expect(count('neck')).toBe(18);
    expect(count('shoulder')).toBeGreaterThanOrEqual(27);
    expect(count('spine')).toBeGreaterThanOrEqual(17);
    expect(count('wrist')).toBeGreaterThanOrEqual(15);
    expect(count('hip')).toBeGreaterThanOrEqual(14);
    expect(count('face')).toBeGreaterThanOrEqual(8);
    expect(count('floor')).toBe(4);
  });

  it('has every sort of two ways, and directions within sides', () => {
    const pairs = new Set(library.flatMap((m) => (m.ways.pattern === 'together' ? [] : [m.ways.pair])));
    expect(pairs).toEqual(
      new Set(['side', 'arm on top', 'hand on top', 'leg on top', 'thumb in front', 'diagonal']),
    );
    expect(library.some((m) => m.ways.pattern === 'each' && m.ways.directions)).toBe(true);
  });

  it('works on every muscle group of the trade', () => {
    const worked = new Set(library.flatMap((m) => m.muscles));
    for (const muscle of Muscle.options) expect(worked, muscle).toContain(muscle);
  });

  it('keeps standing, floor and head circles off unless asked for', () => {
    for (const m of library) if (m.position === 'floor') expect(m.onlyWhenAsked, m.id).toBe(true);
    const circle = library.find((m) => m.id === 'full-neck-circle') as Move;
    expect(isOffered(circle, defaultApproach)).toBe(false);
    expect(isOffered(circle, { ...defaultApproach, headCircles: 'full circle' })).toBe(true);
  });

  describe.each(library)('$name', (move) => {
    const { cues, ways } = move;
    const directions = ways.directions ?? [null];
    const passes: (Side | null)[] = ways.pattern === 'together' ? [null] : [...sides];

    it('is complete: names, muscles, rungs, words, cautions, what balances it, what to do instead', () => {
      expect(move.otherNames.length).toBeGreaterThan(0);
      expect(move.muscles.length).toBeGreaterThan(0);
      expect(move.holding.length).toBeGreaterThan(0);
      expect(move.rungs.length).toBeGreaterThanOrEqual(2);
      expect(rungOf(move)).toBeDefined();
      for (const name of ['go', 'breathe', 'last'] as const) expect(cues[name], name).toBeTruthy();
      for (const id of [...move.instead, ...move.balancedBy]) {
        expect(moveLookup()(id), id).toBeDefined();
        expect(id).not.toBe(id === move.id ? id : '');
      }
      expect(move.instead.length).toBeGreaterThan(0);
      expect(move.instead).not.toContain(move.id);
      expect(move.balancedBy.length).toBeGreaterThan(0);
      if (ways.pattern !== 'together') expect(ways.moves).toMatch(/\{(side|other)\}/);
    });

    it('leaves no token unresolved in any side, direction, rung and approach', () => {
      for (const approach of approaches)
        for (const side of passes)
          for (const direction of directions)
            for (const rung of ladder(move))
              for (const cue of textsOf(move, rung)) {
                const said = resolveCue(cue, cueContext(move, approach, { side, direction }));
                if (/[{}]/.test(said)) throw new Error(`${rung}: ${said}`);
              }
    });

    it('names its side by tokens only, and says the second side with a twin of its own', () => {
      for (const rung of ladder(move)) {
        for (const cue of textsOf(move, rung)) expect(cue).not.toMatch(/\b(left|right)\b/i);
        if (ways.pattern === 'together') {
          for (const cue of textsOf(move, rung)) expect(cue).not.toMatch(/\{(side|other)\}/i);
          continue;
        }
        for (const cue of [
          cuesOf(usualVariant(move, rung)).say,
          cuesOf(usualVariant(move, rung)).again ?? '',
        ])
          expect(resolveCue(cue, { side: 'left' }), `${rung}`).not.toBe(resolveCue(cue, { side: 'right' }));
      }
    });

    it('says one side at a time where that is how it is done', () => {
      if (!usuallyInTurns(move)) return expect(move.oneByOne).toBeUndefined();
      for (const { name } of move.rungs) {
        const turns = cuesOf(usualVariant(move, name));
        const whole = cuesOf(usualVariant(move, name), true);
        expect(whole.say).not.toBe(turns.say);
        expect(whole.say).not.toMatch(
          /\.\.|\b(then (change|the|tip)|change|other way|other pair|other side)\b/i,
        );
        expect(whole.say).not.toMatch(/\{coming\} (and come back|to the front)|set (it|both) down/i);
        expect(whole.again).not.toMatch(/^beginning/i);
        expect(whole.last).not.toMatch(/\beach\b/i);
      }
    });

    it('says of the last one that it is the last, and no other number', () => {
      for (const rung of ladder(move))
        for (const oneByOne of [false, true])
          expect(cuesOf(usualVariant(move, rung), oneByOne).last ?? '').not.toMatch(
            /\b(two|three|four|five|six|ten|twenty|\d+)\b/i,
          );
    });

    it('is felt where its ways say: the feel cue names the same side as the ledger', () => {
      for (const rung of ladder(move)) {
        const { feel } = cuesOf(usualVariant(move, rung));
        if (ways.pattern === 'together' || ways.felt === 'both') expect(feel).not.toMatch(/\{(side|other)\}/);
        else if (/\{(side|other)\}/.test(feel))
          expect(feel.includes('{other}')).toBe(ways.felt === 'opposite');
      }
      if (ways.pattern === 'together' || ways.felt === 'both') return;
      // Compiled, the ledger counts that side and no other.
      const { parts } = compile(brk([stepOf(move, 's')]), [move]);
      for (const part of parts.filter((p) => p.kind === 'work'))
        expect(part.felt).toBe(ways.felt === 'same' ? part.side : otherSide(part.side as Side));
    });

    it('says left where left is meant: led left, the set-up moves the left', () => {
      if (ways.pattern === 'together') return expect(passes).toEqual([null]);
      const step = stepOf(move, 's');
      const { rung: usual } = step;
      const { parts } = compile(brk([step], { firstSide: 'left' }), [move]);
      const first = parts.find((p) => p.kind === 'say');
      expect(first?.lines[0]?.text).toBe(
        resolveCue(
          cuesOf(usualVariant(move, usual)).say,
          cueContext(move, defaultApproach, { side: 'left', direction: directions[0] }),
        ),
      );
      const second = parts.find((p) => p.kind === 'change' && p.side === 'right');
      // Repetitions with crossed arms take turns: there is no second side to set up.
      if (ways.pattern === 'each' && !(step.dose.measure === 'reps' && ways.pair !== 'side'))
        expect(second?.lines[0]?.text).toBe(
          resolveCue(
            cuesOf(usualVariant(move)).again ?? '',
            cueContext(move, defaultApproach, { side: 'right', direction: directions[0] }),
          ),
        );
    });

    it('pairs breath words with what it does: tokens only where the breath is not free', () => {
      for (const rung of ladder(move)) {
        const words = textsOf(move, rung).join(' ');
        if (move.breath.going === 'free') expect(words).not.toMatch(/\{(going|coming)\}/i);
        if (move.breath.by) expect(words).toMatch(/\{(going|coming|outlet)\}/i);
      }
    });

    it('is short enough to listen to, and fits its usual dose without a finding of length', () => {
      // Common practice, no source: a set-up of more than 15 s loses the room (35 words at 140 a minute).
      for (const rung of ladder(move)) {
        expect(countWords(cuesOf(usualVariant(move, rung)).say)).toBeLessThanOrEqual(35);
        expect(countWords(cuesOf(usualVariant(move, rung)).again ?? '')).toBeLessThanOrEqual(14);
      }
      for (const { go, last, back, breathe, check } of ladder(move).map((rung) =>
        cuesOf(usualVariant(move, rung)),
      ))
        for (const cue of [go, last, back, breathe, check])
          expect(countWords(cue ?? '')).toBeLessThanOrEqual(16);
      const { parts } = compile(brk([stepOf(move, 's')]), [move]);
      const work = parts.filter((p) => p.kind === 'work').reduce((sum, p) => sum + p.lengthMs, 0);
      const spoken = (countWords(`${cues.feel} ${cues.check}`) / defaultPace.wordsPerMinute) * 60_000;
      expect(spoken).toBeLessThanOrEqual(work);
    });
  });

  it('can mobilise every area it stretches', () => {
    const warmed = new Set(library.filter((m) => m.kind === 'mobilise').flatMap((m) => m.areas));
    for (const move of library.filter((m) => m.kind === 'stretch'))
      expect(warmed.has(move.areas[0] as Area), `${move.id}: ${move.areas[0]}`).toBe(true);
    for (const area of warmed) expect(Area.options).toContain(area);
  });

  it('holds stretches inside the published 10 to 30 s, short holds apart', () => {
    // ACSM position stand, Garber et al., Med Sci Sports Exerc 2011;43(7):1334-59: 10-30 s (value from memory).
    for (const { dose, kind, id } of library)
      if (kind === 'stretch' && dose.usual.measure === 'seconds') {
        expect(dose.usual.amount, id).toBeGreaterThanOrEqual(published.staticHold.leastSec);
        expect(dose.usual.amount, id).toBeLessThanOrEqual(published.staticHold.mostSec);
      }
  });

  it('never promises healing', () => {
    for (const move of library) {
      const text = JSON.stringify([move.purpose, move.cues, move.rungs, move.cautions]).toLowerCase();
      expect(text, move.id).not.toMatch(/\b(cure|heal|detox|treat|therap|diagnos|toxin|organ)/);
    }
  });

  it('lets an own move stand before a library move of the same id', () => {
    const first = library[0] as Move;
    const own = { ...first, name: 'My own' };
    expect(moveLookup([own])(own.id)?.name).toBe('My own');
    expect(moveLookup()(own.id)?.name).toBe(first.name);
    expect(moveLookup()('nowhere')).toBeUndefined();
  });
});
