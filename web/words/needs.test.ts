import { stepOf } from '@kotabi/core/library';
import { moveLookup } from '@kotabi/core/library/all';
import { Person } from '@kotabi/core/model';
import { answerFor, needsTable } from '@kotabi/core/needs';
import { describe, expect, it } from 'vitest';
import { answerText, readOut, reasonText } from './needs';

const lookup = moveLookup();
const room = { limits: [], things: ['desk' as const, 'chair' as const] };
const move = (id: string) => {
  const found = lookup(id);
  if (!found) throw new Error(id);
  return found;
};
const person = (name: string, ...limits: Person['limits'][number]['limit'][]): Person =>
  Person.parse({
    id: `p${name.charCodeAt(0)}`,
    groupId: 'g',
    name,
    consent: true,
    limits: limits.map((limit) => ({ limit })),
  });

describe('answers in words', () => {
  const said = (id: string, p: Person): string =>
    answerText(answerFor({ move: move(id) }, p, room, lookup), lookup);
  it('name the rung, the move or that it is left out', () => {
    expect(said('sit-tall', person('A'))).toBe('fine');
    expect(said('nose-to-armpit', person('A', 'neck'))).toBe('fine, with care');
    expect(said('arms-up-breath', person('A', 'shoulder'))).toBe('rung “to shoulder height”');
    expect(said('ankle-on-knee', person('A', 'knee'))).toBe('instead: Knees side to side');
    expect(said('arm-across', person('A', 'recent surgery'))).toBe('leaves this out');
  });

  it('say each reason once', () => {
    const { reasons } = answerFor(
      { move: move('chest-at-wall') },
      person('A', 'balance', 'cannot stand', 'balance'),
      room,
      lookup,
    );
    const text = reasonText(reasons);
    expect(text.split('; ').length).toBe(new Set(text.split('; ')).size);
    expect(text).toContain('no wall at hand');
  });
});

describe('what is read out before the start', () => {
  it('has no names, one line for each need, and only the steps that need one', () => {
    const items = ['sit-tall', 'arms-up-breath', 'fold-between-knees'].map((id) => stepOf(move(id), id));
    const people = [
      person('Ilse', 'shoulder'),
      person('Tomé', 'shoulder'),
      person('Anouk', 'pregnancy'),
      person('Pelle'),
    ];
    const lines = readOut(needsTable({ items }, people, room, lookup), lookup);
    expect(lines.map((l) => l.move)).toEqual(['Arms up, one breath', 'Fold between the knees']);
    expect(lines[0]?.lines).toEqual(['With a sore shoulder: the easier rung, “to shoulder height”.']);
    expect(lines[1]?.lines[0]).toMatch(/^With a baby on the way: do “.*” instead\.$/);
    expect(JSON.stringify(lines)).not.toMatch(/Ilse|Tomé|Anouk|Pelle/);
  });

  it('speaks of the chairs where it is the chairs', () => {
    const items = [stepOf(move('chair-back-chest'), 's')];
    const high = { limits: ['high back' as const], things: room.things };
    const [line] = readOut(needsTable({ items }, [person('A')], high, lookup), lookup);
    expect(line?.lines).toEqual(['In these chairs: the easier rung, “reach back”.']);
  });
});
