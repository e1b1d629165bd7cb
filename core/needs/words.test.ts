import { describe, expect, it } from 'vitest';
import { stepOf } from '../library';
import { library, moveLookup } from '../library/all';
import { Limit, Person } from '../model';
import { answerFor, answerText, needsTable, readOut, reasonText } from '.';

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

  it('say what is done otherwise in another place: the seat instead of standing, the feet nearer on the seat', () => {
    const at = (position: 'standing' | 'wide edge', p: Person): string =>
      answerText(answerFor({ move: move('side-reach'), position }, p, room, lookup), lookup);
    expect(at('standing', person('A', 'cannot stand'))).toBe('stays seated');
    expect(at('wide edge', person('A', 'hip'))).toBe('feet hip-width apart');
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

describe('what is read out', () => {
  it('offers a choice by what is done, without names or conditions, at most three sentences before the start', () => {
    const items = ['sit-tall', 'arms-up-breath', 'fold-between-knees', 'seated-turn', 'clasp-behind'].map(
      (id) => stepOf(move(id), id),
    );
    const people = [
      person('Ilse', 'shoulder'),
      person('Tomé', 'shoulder'),
      person('Anouk', 'pregnancy'),
      person('Pelle'),
    ];
    const { before, steps } = readOut(needsTable({ items }, people, room, lookup), lookup);
    expect(before.length).toBeLessThanOrEqual(3);
    expect(before).toContain(
      'Arms up with the breath. If you would rather not raise the arms overhead: keep to “to shoulder height”.',
    );
    expect(steps.map((l) => l.move)).toContain('Fold between the knees');
    expect(JSON.stringify({ before, steps })).not.toMatch(/Ilse|Tomé|Anouk|Pelle/);
  });

  it('names no condition, for any move and any limit', () => {
    const condition =
      /sore|dizz|blood|eye pressure|brittle|osteo|pregnan|baby|surg|operat|asthma|replacement|new hip|hypermob|loose joints|balance|blind|deaf|cannot|doctor|condition|illness/i;
    // Names of moves are what they are.
    const names = new Set(library.flatMap((m) => [m.name, ...m.rungs.map((r) => r.name)]));
    const plain = (text: string): string =>
      [...names].reduce((t, name) => t.replaceAll(`“${name}”`, ''), text);
    for (const m of library)
      for (const limit of Limit.options.filter((l) => l !== 'recent surgery')) {
        const rows = needsTable({ items: [stepOf(m, 's')] }, [person('A', limit)], room, lookup);
        for (const { lines } of readOut(rows, lookup).steps)
          for (const line of lines)
            expect([m.id, limit, plain(line)]).not.toEqual([m.id, limit, expect.stringMatching(condition)]);
      }
  });

  it('says at its step, or before the start, whatever somebody does otherwise', () => {
    const aside = ['one arm', 'limited sight', 'limited hearing'];
    for (const m of library)
      for (const limit of Limit.options) {
        const rows = needsTable({ items: [stepOf(m, 's')] }, [person('A', limit)], room, lookup);
        const otherwise = rows.some(({ worst }) => worst !== 'fine');
        const said = readOut(rows, lookup).steps.some(({ lines }) => lines.length > 0);
        if (otherwise) expect([m.id, limit, said]).toEqual([m.id, limit, true]);
        const care = rows.some(({ answers }) => answers.some(({ answer }) => answer.care.length > 0));
        if (!otherwise && care && !aside.includes(limit))
          expect([m.id, limit, said]).toEqual([m.id, limit, true]);
      }
  });

  it('speaks of the room where it is the room', () => {
    const items = [stepOf(move('chair-back-chest'), 's')];
    const high = { limits: ['high back' as const], things: room.things };
    const { steps } = readOut(needsTable({ items }, [person('A')], high, lookup), lookup);
    expect(steps[0]?.lines).toEqual(['In this room, and in these chairs: keep to “reach back”.']);
  });

  it('says one choice once, with all that may lead to it', () => {
    const items = library.map((m) => stepOf(m, m.id));
    const people = Limit.options.map((limit) => person(limit, limit));
    for (const { lines, stepId } of readOut(needsTable({ items }, people, room, lookup), lookup).steps) {
      const choices = lines.flatMap((line) => /^If you would rather not [^:]+: (.*)$/.exec(line)?.[1] ?? []);
      expect([stepId, new Set(choices).size]).toEqual([stepId, choices.length]);
    }
  });

  it('says once before the start what is the same at several moves, and still at each of them', () => {
    const ids = ['chin-nod', 'look-over-shoulder', 'shoulder-rolls', 'side-reach'];
    const of = (count: number) => {
      const items = ids.slice(0, count).map((id) => stepOf(move(id), id));
      return readOut(needsTable({ items }, [person('A', 'recent surgery')], room, lookup), lookup);
    };
    const rest = 'If you would rather not take part in this one: rest here and breathe along.';
    expect(of(2).before).toEqual([`“Chin nod to neutral” and “Look over the shoulder”. ${rest}`]);
    expect(of(4).before).toEqual([`“Chin nod to neutral”, “Look over the shoulder” and 2 more. ${rest}`]);
    expect(of(4).steps.map(({ lines }) => lines)).toEqual(ids.map(() => [rest]));
  });

  it('is a whole read-out, sentence by sentence', () => {
    const items = ['nose-to-armpit', 'fold-between-knees', 'arm-across', 'curl-hands-on-neck'].map((id) =>
      stepOf(move(id), id),
    );
    const people = [
      person('A', 'neck'),
      person('B', 'pregnancy'),
      person('C', 'osteoporosis'),
      person('D', 'shoulder'),
    ];
    const rolling = { limits: ['castors' as const], things: [] };
    expect(readOut(needsTable({ items }, people, rolling, lookup), lookup)).toEqual({
      before: [
        'Fold between the knees. If you would rather not fold forward: do “Round and lift the spine” instead.',
        'Fold between the knees. If you would rather not round the back: do “Round and lift the spine”, “small” instead.',
        'Curl down with the hands on the neck. If you would rather not have a hand on the head, or raise the arms overhead: do “Hands on the breastbone, open and close” instead.',
      ],
      steps: [
        {
          stepId: 'nose-to-armpit',
          move: 'Nose toward the armpit',
          lines: ['Turn only as far as is easy.', 'Chin down only a little.'],
        },
        {
          stepId: 'fold-between-knees',
          move: 'Fold between the knees',
          lines: [
            'If you would rather not fold forward: do “Round and lift the spine” instead.',
            'If you would rather not round the back: do “Round and lift the spine”, “small” instead.',
            'The chair rolls: lock or wedge it first.',
            'Wedge the chair against desk or wall.',
          ],
        },
        {
          stepId: 'arm-across',
          move: 'Arm across the chest',
          lines: ['If you would rather not take the arm across: keep to “low”.'],
        },
        {
          stepId: 'curl-hands-on-neck',
          move: 'Curl down with the hands on the neck',
          lines: [
            'If you would rather not have a hand on the head, or raise the arms overhead: do “Hands on the breastbone, open and close” instead.',
            'Wedge the chair against desk or wall.',
          ],
        },
      ],
    });
  });

  it('keeps to itself what would point at somebody', () => {
    const items = [stepOf(move('look-far'), 's'), stepOf(move('turn-arms-out'), 't')];
    const { steps } = readOut(needsTable({ items }, [person('A', 'limited sight')], room, lookup), lookup);
    // The choice at the first is said; where the other hand goes is for the instructor to say.
    expect(steps.map((s) => [s.stepId, s.lines])).toEqual([
      ['s', ['If you would rather not look far: do “Palms over closed eyes” instead.']],
    ]);
  });

  it('leaves out a step that is not known', () => {
    const items = [{ ...stepOf(move('sit-tall'), 's'), moveId: 'gone' }];
    expect(needsTable({ items }, [person('A', 'neck')], room, lookup)).toEqual([]);
  });

  it('asks after what moves meanwhile as well', () => {
    const items = [
      {
        ...stepOf(move('fingers-up'), 's'),
        meanwhile: { moveId: 'knee-straighten', times: 5, side: 'other' as const },
      },
    ];
    const [row] = needsTable({ items }, [person('A'), person('B', 'knee')], room, lookup);
    expect(row?.answers.map(({ answer }) => answer.alone ?? false)).toEqual([false, true]);
    expect(row?.worst).toBe('easier rung');
  });
});
