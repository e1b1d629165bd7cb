import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Area, Limit, Person } from '../model';
import { guessColumns, peopleToCsv, readTable, rowsToPeople, type Table } from '.';

const table = (text: string): Table => {
  const read = readTable(text);
  if (!read.ok) throw new Error(read.message);
  return read.table;
};
let n = 0;
const newId = () => `id-${n++}`;
const read = (text: string) => {
  const t = table(text);
  return rowsToPeople(t, guessColumns(t.head), 'g', newId);
};

describe('a table of people', () => {
  it('is read with commas, semicolons or tabs, with and without quotes and a byte order mark', () => {
    for (const text of [
      'name,tight,limits,note,consent\r\nMaj,neck right,"shoulder left; knee","two, screens",yes\r\n',
      '\uFEFFName;Areas;Avoid;Notes;Agreed\nMaj;neck right;"shoulder left; knee";two, screens;yes\n',
      'Who\tFeels tight\tCareful with\tRemark\tConsent\nMaj\tright neck\tleft shoulder / knee\ttwo, screens\ty',
    ]) {
      const [row] = read(text);
      expect(row).toMatchObject({
        line: 2,
        ok: true,
        person: {
          name: 'Maj',
          tight: [{ area: 'neck', side: 'right' }],
          limits: [{ limit: 'shoulder', side: 'left' }, { limit: 'knee' }],
          note: 'two, screens',
          consent: true,
        },
      });
    }
  });

  it('names every wrong cell, row by row, with its value, and reads the others', () => {
    const rows = read(
      'name,tight,limits,note,consent\nMaj,neck,,,\n,forearm,,,\nJoon,elbow,,,\nPia,hand,knees,,maybe\nOle,,neck,,no\n',
    );
    expect(rows.map((r) => r.ok)).toEqual([true, false, false, false, false]);
    const problems = rows.map((r) => (r.ok ? [] : r.problems.map((p) => `${p.column}: ${p.message}`)));
    expect(problems[1]).toEqual(['name: must have at least 1 character']);
    expect(problems[2]?.[0]).toMatch(/^tight: “elbow” is not an area; areas are neck, /);
    expect(problems[3]?.join(' | ')).toMatch(/limits: “knees” is not a limit.*consent: must be yes or no/);
    expect(problems[4]).toEqual(['consent: limits and notes are kept only when the person has agreed to it']);
    expect(rows.map((r) => r.line)).toEqual([2, 3, 4, 5, 6]);
  });

  it('says what is wrong with a text that is no table', () => {
    expect(readTable('')).toEqual({ ok: false, message: 'There is no line with column names.' });
    expect(readTable('name,note\n')).toEqual({
      ok: false,
      message: 'There is no line below the column names.',
    });
    expect(readTable('name,note\n"Maj,hm\n')).toMatchObject({
      ok: false,
      message: expect.stringContaining('quotation mark'),
    });
  });

  it('leaves columns it does not know alone', () => {
    expect(guessColumns(['Desk', 'NAME', 'Shoe size'])).toEqual({ name: 1 });
  });

  it('is written as RFC 4180 asks: CRLF, quotes doubled, and no cell that a spreadsheet would run', () => {
    const text = peopleToCsv([
      Person.parse({ id: 'a', groupId: 'g', name: 'A "B", C', note: '=1+1', consent: true }),
    ]);
    expect(text).toBe('name,tight,limits,note,consent\r\n"A ""B"", C",,,"\'=1+1",yes\r\n');
    expect(read(text)[0]).toMatchObject({ ok: true, person: { name: 'A "B", C', note: '=1+1' } });
  });

  it('reads again whatever it writes', () => {
    const side = fc.constantFrom('left' as const, 'right' as const, 'both' as const);
    const words = fc
      .stringMatching(/^[A-Za-zÀ-ž0-9 ,"'=+@-]{1,40}$/)
      .filter((s) => s.trim() !== '' && !/^'/.test(s.trim()));
    const arb = fc
      .record({
        name: words,
        note: fc.option(words, { nil: '' }),
        tight: fc.array(
          fc.record({ area: fc.constantFrom(...Area.options.filter((a) => a !== 'breath')), side }),
          { maxLength: 4 },
        ),
        limits: fc.array(fc.record({ limit: fc.constantFrom(...Limit.options) }), { maxLength: 3 }),
      })
      .map((p) => Person.parse({ ...p, id: 'x', groupId: 'g', note: p.note.trim(), consent: true }));
    fc.assert(
      fc.property(fc.array(arb, { minLength: 1, maxLength: 6 }), (people) => {
        const rows = read(peopleToCsv(people));
        const back = rows.map((r) => (r.ok ? { ...r.person, id: 'x' } : r.problems));
        expect(back).toEqual(people);
      }),
    );
  });
});
