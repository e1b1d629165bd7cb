import { stepOf } from '@kotabi/core/library';
import { library } from '@kotabi/core/library/all';
import { Break, defaultApproach, type Move, Week } from '@kotabi/core/model';
import { addDays } from '@kotabi/core/schedule';
import { en } from '@kotabi/core/words';
import { getDocumentProxy } from 'unpdf';
import { describe, expect, it } from 'vitest';
import { drawPaper } from '../paper';
import { paperEn } from '../paper/en';
import { PAPERS, SIZES, type Size } from '../paper/kinds';
import { breaksOf, weekOnPaper } from '../paper/week';
import { languages } from '../paper/words';

interface Page {
  width: number;
  height: number;
  /** Each piece of text with its place and width, from the upper left corner. */
  texts: { text: string; x: number; y: number; width: number; high: number }[];
}

/** Reads a PDF back with another library than the one that wrote it. */
const readBack = async (bytes: Uint8Array): Promise<{ pages: Page[]; tagged: boolean; lang: string }> => {
  const doc = await getDocumentProxy(bytes, { useSystemFonts: false, verbosity: 0 });
  const { info } = await doc.getMetadata();
  const mark = await doc.getMarkInfo();
  const pages: Page[] = [];
  for (let n = 1; n <= doc.numPages; n++) {
    const page = await doc.getPage(n);
    const { width, height } = page.getViewport({ scale: 1 });
    const { items } = await page.getTextContent();
    pages.push({
      width,
      height,
      texts: items.flatMap((i) =>
        'str' in i && i.str.trim() !== ''
          ? [{ text: i.str, x: i.transform[4], y: height - i.transform[5], width: i.width, high: i.height }]
          : [],
      ),
    });
  }
  await doc.destroy();
  return {
    pages,
    tagged: mark?.Marked ?? false,
    lang: String((info as { Language?: string }).Language ?? ''),
  };
};

const draw = (kind: (typeof PAPERS)[number], size: Size, moveIds: readonly string[]) =>
  drawn(
    kind,
    size,
    Break.parse({
      id: 'b',
      name: 'A break with a rather long name that has to stand on paper too',
      slotSec: 600,
      items: moveIds.map((id, i) => stepOf(library.find((m) => m.id === id)!, `s${i}`)),
    }),
  );

const drawn = async (kind: (typeof PAPERS)[number], size: Size, brk: Break) => {
  const bytes = await drawPaper({
    kind,
    size,
    brk,
    moves: [],
    approach: defaultApproach,
    follow: 'https://breaks.example/me/x',
  });
  if (!bytes) throw new Error('not drawn');
  return readBack(bytes);
};

/** Nothing stands beyond the edge of the paper, and nothing is cut off with dots. */
const expectWhole = ({ pages }: { pages: Page[] }, what: string): void => {
  for (const page of pages)
    for (const t of page.texts) {
      expect(t.x, `${what}: ${t.text}`).toBeGreaterThanOrEqual(0);
      expect(t.x + t.width, `${what}: ${t.text}`).toBeLessThanOrEqual(page.width + 0.5);
      expect(t.y, `${what}: ${t.text}`).toBeLessThanOrEqual(page.height);
      expect(t.y - t.high, `${what}: ${t.text}`).toBeGreaterThanOrEqual(-0.5);
      expect(t.text, what).not.toMatch(/…$/);
    }
};
const wordsOf = ({ pages }: { pages: Page[] }): string =>
  pages.flatMap((p) => p.texts.map((t) => t.text)).join(' ');
const plain = (text: string): string => text.replace(/[\s-]+/g, '');

describe('a break on paper', () => {
  const ids = library.map((m) => m.id);
  const shelves = Array.from({ length: Math.ceil(ids.length / 12) }, (_, i) =>
    ids.slice(i * 12, i * 12 + 12),
  );

  it('has room for every move there is, on every kind of paper', async () => {
    for (const [n, shelf] of shelves.entries()) {
      const kind = PAPERS[n % PAPERS.length]!;
      const size = SIZES[n % SIZES.length]!;
      const read = await draw(kind, size, shelf);
      expectWhole(read, `${kind} ${n}`);
      for (const id of shelf) {
        const { name } = library.find((m) => m.id === id)!;
        if (kind !== 'poster') expect(plain(wordsOf(read)), `${kind}: ${name}`).toContain(plain(name));
      }
    }
  });

  it('is one page up to about a dozen steps, and as many as it takes for forty', async () => {
    for (const count of [1, 12, 40]) {
      const read = await draw('page', 'A4', ids.slice(0, count));
      expectWhole(read, `${count} steps`);
      expect(read.pages.length, `${count} steps`).toBe(Math.max(1, Math.ceil(count / 12)));
      for (const page of read.pages)
        expect(plain(page.texts.map((t) => t.text).join(''))).toContain('mildtension,neverpain');
    }
  });

  it('has no word of its own but those of its table, and those of moves in that language', async () => {
    // Every letter of the table becomes a q there, every letter of a move a z.
    const table = Object.entries({ ...en, ...paperEn }).map(([key, text]) => [
      key,
      text.replace(/(\{\{\w+\}\})|[a-z]/gi, (_, place?: string) => place ?? 'q'),
    ]);
    languages.addResourceBundle('qz', 'translation', Object.fromEntries(table));
    const zs = <T extends object>(words: T): T =>
      Object.fromEntries(
        Object.entries(words).map(([k, v]) => [
          k,
          typeof v === 'string'
            ? v.replace(/(\{\w+\})|[a-z]/gi, (_: string, token?: string) => token ?? 'z')
            : v,
        ]),
      ) as T;
    const ids = [
      'sit-tall',
      'shoulder-rolls',
      'ear-to-shoulder',
      'look-over-shoulder',
      'fingers-up',
      'chest-at-wall',
    ];
    const own = ids.map((id): Move => {
      const move = library.find((m) => m.id === id)!;
      const { ways } = move;
      const words = {
        name: 'zzz',
        cues: zs(move.cues),
        ...(ways.directions && { directions: ['zz', 'zzzz'] as [string, string] }),
        rungs: Object.fromEntries(
          move.rungs.map(({ name, say, feel, check }) => [
            name,
            zs({ ...(say && { say }), ...(feel && { feel }), ...(check && { check }) }),
          ]),
        ),
      };
      return { ...move, id: `own-${id}`, inLanguages: { qz: words } };
    });
    const brk = Break.parse({
      id: 'b',
      name: 'zz zzz',
      slotSec: 600,
      items: own.map((m, i) => ({ ...stepOf(m, `s${i}`), rung: undefined })),
    });
    for (const kind of PAPERS) {
      const bytes = await drawPaper({
        kind,
        size: 'A4',
        brk,
        moves: own,
        approach: defaultApproach,
        follow: 'https://breaks.example/me/x',
        language: 'qz',
      });
      const read = await readBack(bytes!);
      const other = read.pages.flatMap((p) => p.texts.map((t) => t.text)).filter((t) => /[a-pr-y]/i.test(t));
      expect([kind, other]).toEqual([kind, []]);
      expect(wordsOf(read)).toMatch(/q/);
    }
  });

  it('is tagged for readers, in its language, on the paper that was asked for', async () => {
    for (const size of SIZES) {
      const read = await draw('page', size, ['ear-to-shoulder']);
      expect([read.tagged, Math.round(read.pages[0]!.width)]).toEqual([true, size === 'A4' ? 595 : 612]);
    }
    const poster = await draw('poster', 'A4', ['ear-to-shoulder', 'arm-across']);
    expect(poster.pages[0]!.width).toBeGreaterThan(poster.pages[0]!.height);
  });

  it('is a strip for the edge of the screen, cut from as many as it takes', async () => {
    for (const [count, pages] of [
      [1, 1],
      [24, 1],
      [25, 2],
    ] as const) {
      const read = await draw('strip', 'A4', ids.slice(0, count));
      expectWhole(read, `${count} steps`);
      expect(read.pages.length, `${count} steps`).toBe(pages);
      expect(read.pages[0]!.width).toBeGreaterThan(read.pages[0]!.height);
      expect(wordsOf(read).match(/never pain/g)?.length).toBe(Math.ceil(count / 8));
    }
    expect(wordsOf(await draw('strip', 'Letter', ['ear-to-shoulder']))).toMatch(/LEFT.*RIGHT/);
  });

  it('is a booklet for a week: all times on the first page, each break once behind it', async () => {
    for (const perDay of [1, 7, 14]) {
      const names = Array.from({ length: perDay }, (_, i) => `Break ${i} of the day with a long name on it`);
      const breaks = names.map((name, i) =>
        Break.parse({ id: `b${i}`, name, slotSec: 300, items: [stepOf(library[i + 5]!, 's')] }),
      );
      const week = Week.parse({
        id: 'w',
        groupId: 'g',
        personId: null,
        startDate: '2026-11-23',
        rule: {},
        days: [0, 1, 2, 3, 4].map((d) => ({
          date: addDays('2026-11-23', d),
          breaks: breaks.map((b, i) => ({
            id: `p${d}-${i}`,
            startMin: 540 + 30 * i,
            kindId: 'short',
            breakId: b.id,
          })),
        })),
      });
      expect(breaksOf(week)).toEqual(breaks.map((b) => b.id));
      const bytes = await drawPaper({
        kind: 'booklet',
        size: 'A4',
        moves: [],
        approach: defaultApproach,
        follow: 'https://breaks.example/me/x',
        week: weekOnPaper(week, 'Timetable desk', (id) => breaks.find((b) => b.id === id)?.name),
        breaks,
      });
      const read = await readBack(bytes!);
      expectWhole(read, `${perDay} a day`);
      expect(read.pages).toHaveLength(1 + perDay);
      const first = plain(read.pages[0]!.texts.map((t) => t.text).join(''));
      expect(first).toContain('Weekof23November2026');
      expect(first).toContain('Friday27November');
      expect(first.match(/09:00/g)).toHaveLength(5);
      expect(first).toContain(plain(`${names.at(-1)}`));
      for (const [i, page] of read.pages.slice(1).entries())
        expect(plain(page.texts.map((t) => t.text).join(''))).toContain(plain(names[i]!));
    }
  });

  it('says left and right by word on a cue card', async () => {
    const read = await draw('cards', 'A4', ['ear-to-shoulder', 'shoulder-rolls']);
    expect(wordsOf(read)).toMatch(/LEFT/);
    expect(wordsOf(read)).toMatch(/RIGHT/);
    expect(read.pages).toHaveLength(1);
  });

  it('says own words, notes and what is done meanwhile as they are led, with nothing left in braces', async () => {
    const move = (id: string) => library.find((m) => m.id === id) ?? expect.fail(id);
    const brk = Break.parse({
      id: 'b',
      name: 'Own words',
      slotSec: 600,
      items: [
        {
          ...stepOf(move('fingers-up'), 'a', defaultApproach),
          words: 'Draw the {side} hand back, {elbow}.',
          meanwhile: { moveId: 'knee-straighten', times: 10 },
        },
        {
          type: 'step',
          id: 'n',
          moveId: 'pause-note',
          dose: { measure: 'seconds', amount: 5 },
          words: 'Sit {tall}, hands {lap}.',
        },
      ],
    });
    for (const kind of PAPERS) {
      const read = await drawn(kind, 'A4', brk);
      expectWhole(read, kind);
      expect(wordsOf(read), kind).not.toMatch(/[{}]/);
      if (kind === 'page')
        expect(plain(wordsOf(read))).toContain(plain('meanwhile 10 times: straighten the knee'));
    }
  });
});
