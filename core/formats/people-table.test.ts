import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Area, Limit, Person } from '../model';
import {
  guessColumns,
  peopleTemplate,
  peopleToCsv,
  readTable,
  rowsToPeople,
  type Table,
  unreadHealth,
  withCell,
} from '.';

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
      'name,tight,limits,note,consent\nMaj,neck,,,\n,forearm,,,\nJoon,ear,,,\nPia,hand,gizzard,,maybe\nOle,,neck,,no\n',
    );
    expect(rows.map((r) => r.ok)).toEqual([true, false, false, false, false]);
    const problems = rows.map((r) => (r.ok ? [] : r.problems.map((p) => `${p.column}: ${p.message}`)));
    expect(problems[1]).toEqual(['name: must have at least 1 character']);
    expect(problems[2]?.[0]).toMatch(/^tight: “ear” is not an area; areas are neck, /);
    expect(problems[3]?.join(' | ')).toMatch(/limits: “gizzard” is not a limit.*consent: must be yes or no/);
    expect(problems[4]).toEqual(['consent: limits and notes are kept only when the person has agreed to it']);
    expect(rows.map((r) => r.line)).toEqual([2, 3, 4, 5, 6]);
  });

  it('understands the words of every day, on their sides', () => {
    const [row] = read(
      'name,tight,limits,consent\nMaj,wrist (left); lower back,sore knee right; pregnant; wrist,yes\n',
    );
    expect(row).toMatchObject({
      ok: true,
      person: {
        tight: [
          { area: 'forearm', side: 'left' },
          { area: 'low back', side: 'both' },
        ],
        limits: [{ limit: 'knee', side: 'right' }, { limit: 'pregnancy' }, { limit: 'wrist or hand' }],
      },
    });
  });

  it.each([
    ['bad back', ['low back']],
    ['a stiff neck and sore wrists', ['neck', 'wrist or hand']],
    ['knee, hip', ['knee', 'hip']],
    ['high blood pressure + dizzy spells', ['blood or eye pressure', 'dizziness']],
    ['frozen shoulder (left)', ['shoulder']],
    ['Asthmatic & hearing aid', ['asthma or breath', 'limited hearing']],
    ['wheelchair user\nlow back trouble', ['cannot stand', 'low back']],
    ['balance problems', ['balance']],
    ['surgery (shoulder); n/a', ['recent surgery']],
    ['none', []],
    ['-', []],
  ])('reads “%s” as a colleague writes it', (cell, limits) => {
    const [row] = read(`name,limits,consent\nMaj,"${cell}",yes\n`);
    expect(row?.ok && row.person.limits.map(({ limit }) => limit)).toEqual(limits);
  });

  it('concludes nothing: an illness that is no limit is named, and asked about', () => {
    for (const cell of ['migraine', 'cancer', 'neck cancer', 'stroke', 'left handed']) {
      const [row] = read(`name,limits,consent\nMaj,${cell},yes\n`);
      expect(row?.ok, cell).toBe(false);
    }
  });

  it('takes what a first line says of its separator', () => {
    expect(table('sep=|\r\nname|note\r\nMaj|a; b, c\r\n')).toEqual({
      head: ['name', 'note'],
      rows: [['Maj', 'a; b, c']],
    });
  });

  it('names columns that look like limits and are not read, by their name or by what stands in them', () => {
    const t = table(
      'name,Medical remarks,room,things,desk\nMaj,none,harbour,low back,12\nOle,,harbour,,13\n',
    );
    expect(unreadHealth(t, guessColumns(t.head))).toEqual([1, 3]);
    expect(unreadHealth(t, { name: 0, note: 1, limits: 3 })).toEqual([]);
  });

  it('is mended cell by cell', () => {
    const t = table('name,limits,consent\nMaj,kneee,yes\nOle\n');
    const mended = withCell(withCell(t, 2, 1, 'knee'), 3, 2, 'no');
    expect(rowsToPeople(mended, guessColumns(t.head), 'g', newId).map((r) => r.ok)).toEqual([true, true]);
    const [broken] = rowsToPeople(t, guessColumns(t.head), 'g', newId);
    expect(broken).toMatchObject({ ok: false, name: 'Maj' });
  });

  it('is given as one to fill in, which can be read', () => {
    expect(read(peopleTemplate()).every((r) => r.ok)).toBe(true);
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
