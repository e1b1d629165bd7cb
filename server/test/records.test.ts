import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { mayTake } from '@kotabi/core/measure';
import type { Kept, LogRow, Session } from '@kotabi/core/model';
import type { Trends } from '@kotabi/core/trends';
import Ajv from 'ajv/dist/2020';
import { getDocumentProxy } from 'unpdf';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { sessions } from '../db/schema';
import { DELETED_DAYS, purgeDeleted } from '../db/tend';
import { loadDemo } from '../demo/load';
import { demoMeasures } from '../demo/measures';
import { demoPeople } from '../demo/people';
import { root } from '../paths';
import { startServer } from './harness';

// The demo office on a Friday: three months in which there is something to find.
const NOW = new Date('2026-11-20T08:00:00.000Z');
type Server = Awaited<ReturnType<typeof startServer>>;
let app: Server;
beforeAll(async () => {
  app = await startServer(NOW);
  await loadDemo(app.context(() => NOW));
});
afterAll(() => app.stop());

interface Log {
  total: number;
  rows: LogRow[];
}
interface Proposed {
  proposals: { key: string; text: string; effect: { what: string } }[];
  learned: { key: string; state: string }[];
  habits: { moves: { moveId: string }[]; firstSide: string | null };
}
const get = async <T>(path: string): Promise<T> => (await app.get<T>(path)).body;
const log = (query = ''): Promise<Log> => get<Log>(`/api/log?${query}`);
const proposed = (): Promise<Proposed> => get<Proposed>('/api/groups/timetable-desk/proposals');

describe('the log', () => {
  it('is given in brief, page by page, the latest first', async () => {
    const first = await log('limit=5');
    const second = await log('limit=5&offset=5');
    expect(first.rows).toHaveLength(5);
    expect(first.total).toBeGreaterThan(25);
    const starts = [...first.rows, ...second.rows].map((r) => r.startedAt);
    expect(starts).toEqual([...starts].sort().reverse());
    expect(JSON.stringify(first.rows)).not.toContain('"parts"');
  });

  it('is searched by break, move, note and name, and filtered by day, person and what happened', async () => {
    expect((await log('q=harbour nothing')).total).toBe(0);
    expect((await log('q=tighter')).rows.map((r) => r.id)).toEqual(['demo-session-1']);
    expect((await log('q=ilse')).total).toBeGreaterThan(5);
    const events = await log('ending=events');
    expect(events.total).toBe(4);
    expect(events.rows.every((r) => r.events.length > 0)).toBe(true);
    const days = await log('from=2026-10-01&until=2026-10-31&limit=500');
    expect(days.rows.every((r) => r.startedAt.startsWith('2026-10'))).toBe(true);
    const came = await log('personId=p-9&limit=500');
    expect(came.rows.every((r) => r.people.includes('p-9'))).toBe(true);
    expect((await app.fails('GET', '/api/log?limit=0')).status).toBe(422);
  });

  it('forgets no record that was put away, and brings it back', async () => {
    const before = (await log()).total;
    expect((await app.send('DELETE', '/api/sessions/demo-session-2')).status).toBe(204);
    expect((await log()).total).toBe(before - 1);
    expect((await app.fails('GET', '/api/sessions/demo-session-2')).status).toBe(404);
    expect((await app.send('POST', '/api/sessions/demo-session-2/restore')).status).toBe(204);
    expect((await log()).total).toBe(before);
  });

  it('takes a record away for good when it was deleted long ago', async () => {
    await app.send('DELETE', '/api/sessions/demo-session-4');
    const later = (days: number) => new Date(NOW.getTime() + days * 86_400_000);
    const there = async () => (await app.db.select().from(sessions)).some((s) => s.id === 'demo-session-4');
    await purgeDeleted(app.db, later(DELETED_DAYS - 1));
    expect(await there()).toBe(true);
    await purgeDeleted(app.db, later(DELETED_DAYS + 1));
    expect(await there()).toBe(false);
    expect((await app.fails('POST', '/api/sessions/demo-session-4/restore')).status).toBe(404);
  });

  it('writes down what is set right, whatever history comes with it', async () => {
    const kept = await get<Kept<Session>>('/api/sessions/demo-session-3');
    const value = {
      ...kept.value,
      tensionAfter: 2,
      corrections: [{ at: NOW.toISOString(), what: 'note', before: 'x', after: 'y' }],
    };
    const { body } = await app.send<Kept<Session>>('PUT', '/api/sessions/demo-session-3', {
      baseVersion: kept.version,
      value,
    });
    expect(body.value.corrections).toMatchObject([{ what: 'tension', before: '6 → 5', after: '6 → 2' }]);
    expect((await log('q=Phone rang')).rows[0]?.tensionAfter).toBe(2);
  });
});

describe('what is measured', () => {
  const measure = (more: object) => ({
    id: 'm1',
    groupId: 'timetable-desk',
    personId: 'p-1',
    takenAt: NOW.toISOString(),
    ...more,
  });
  const put = (value: object) => app.fails('PUT', '/api/measures/m1', { baseVersion: 0, value });

  it('is refused beyond what can be read, with field, bound and value', async () => {
    const { status, body } = await put(
      measure({ reach: [{ kind: 'wrist angle', side: 'left', before: [95], after: [] }] }),
    );
    expect([status, body.fields[0]]).toMatchObject([
      422,
      { path: 'value.reach.0.before.0', bound: 90, value: 95 },
    ]);
  });

  it('is kept of nobody who has not agreed, nor of somebody elsewhere', async () => {
    await app.put('/api/people/p-new', {
      id: 'p-new',
      groupId: 'timetable-desk',
      name: 'New',
      consent: false,
    });
    expect((await put(measure({ personId: 'p-new' }))).body.fields[0]?.message).toContain('has not agreed');
    expect((await put(measure({ personId: 'p-7' }))).status).toBe(422);
  });

  it('is sealed, told to whom it is about, and gone with them', async () => {
    const value = measure({
      tension: [{ area: 'neck', side: 'left', before: 9, after: 8 }],
      note: 'under the lamp',
    });
    expect((await app.put('/api/measures/m1', value)).status).toBe(201);
    const rows = JSON.stringify((await app.guard.execute('SELECT * FROM measures')).rows);
    expect(rows).not.toContain('under the lamp');
    const briefs = JSON.stringify((await app.guard.execute('SELECT brief FROM sessions')).rows);
    expect(briefs).not.toMatch(/tighter today|Late-morning/);
    const kept = await get<{ measures: { note: string }[] }>('/api/people/p-1/kept');
    expect(kept.measures.map((m) => m.note)).toContain('under the lamp');
  });

  it('in the demo is only what limits allow', () => {
    for (const m of demoMeasures(NOW, new Set()))
      for (const { kind } of m.reach) {
        const person = demoPeople.find((p) => p.id === m.personId);
        expect(mayTake(kind, person?.limits ?? []).may, `${person?.name}, ${kind}`).toBe(true);
      }
  });
});

describe('what the demo shows', () => {
  it('is found: each story has its trend', async () => {
    const span = 'from=2026-08-24&until=2026-11-20';
    const group = await get<Trends>(`/api/groups/timetable-desk/trends?${span}`);
    expect(group.tension[0]).toMatchObject({ of: null, verdict: 'less than people notice' });
    const hour = (h: number) => group.done.byHour.find((d) => d.key === h)!.share!;
    expect(hour(14).value).toBeLessThan(0.5);
    expect(hour(14).high).toBeLessThan(hour(11).low!);
    const tome = await get<Trends>(`/api/groups/timetable-desk/trends?personId=p-2&${span}`);
    expect(tome.tension[0]).toMatchObject({ of: { area: 'forearm', side: 'right' } });
    expect(tome.tension[0]?.aWeek?.high).toBeLessThan(0);
    const sverre = await get<Trends>(`/api/groups/timetable-desk/trends?personId=p-9&${span}`);
    const real = Object.fromEntries(
      sverre.reach.map((r) => [`${r.kind} ${r.side}`, r.change?.real && r.change.fartherBy > 0]),
    );
    expect(real).toEqual({
      'wrist angle right': true,
      'wrist angle left': false,
      'arm on the clock left': false,
    });
  });

  it('refuses days the wrong way round and people of another group', async () => {
    const wrong = await app.fails(
      'GET',
      '/api/groups/timetable-desk/trends?from=2026-11-02&until=2026-11-01',
    );
    expect([wrong.status, wrong.body.fields[0]?.path]).toEqual([422, 'until']);
    expect((await app.fails('GET', '/api/groups/timetable-desk/trends?personId=p-7')).status).toBe(422);
  });

  it('is taken away as a table and as an open file', async () => {
    const csv = await get<string>(
      '/api/groups/timetable-desk/records?as=csv&from=2026-10-01&until=2026-10-31',
    );
    const lines = csv.trim().split('\r\n');
    expect(lines[0]).toContain('left_done_s');
    expect(lines.length).toBeGreaterThan(5);
    expect(lines.slice(1).every((l) => l.startsWith('2026-10-'))).toBe(true);
    const file = await get<{ format: string; records: unknown[]; measures: unknown[] }>(
      '/api/groups/timetable-desk/records?as=json',
    );
    expect([file.format, file.records.length > 25, file.measures.length > 30]).toEqual([
      'kotabi-records',
      true,
      true,
    ]);
    // As it is published, asked of another library.
    const published = JSON.parse(readFileSync(join(root, 'docs/formats/records-file.schema.json'), 'utf8'));
    const validate = new Ajv({ strict: false, validateFormats: false }).compile(published);
    expect([validate(file), validate.errors]).toEqual([true, null]);
  });
});

describe('the month’s page', () => {
  it('is made for five people or more, of nobody in particular', async () => {
    const { body } = await app.get<{ report: { ok: boolean }; words: string[] }>(
      '/api/groups/timetable-desk/months/2026-10',
    );
    expect(body.report.ok).toBe(true);
    expect(body.words.join(' ')).toContain('Time at the desk beyond 60 min at a stretch');
    for (const { name } of demoPeople) expect(JSON.stringify(body)).not.toContain(name);
    const few = await get<{ report: { ok: boolean; fewest: number } }>('/api/groups/claims/months/2026-10');
    expect(few.report).toMatchObject({ ok: false, fewest: 5 });
    expect((await app.fails('GET', '/api/groups/claims/months/2026-13')).status).toBe(422);
  });

  it('keeps the words as they were written, and puts those on paper; not for too few', async () => {
    const path = '/api/groups/timetable-desk/months/2026-10';
    expect((await get<{ written: string | null }>(path)).written).toBe(null);
    expect((await app.send('PUT', path, { words: 'First words.\nTwo lines.' })).status).toBe(204);
    expect((await app.send('PUT', path, { words: 'Our own words.\nOn two lines.' })).status).toBe(204);
    expect((await get<{ written: string }>(path)).written).toBe('Our own words.\nOn two lines.');
    const paper = await fetch(`${app.url}${path}/paper?size=Letter`);
    expect(paper.headers.get('content-type')).toContain('application/pdf');
    const doc = await getDocumentProxy(new Uint8Array(await paper.arrayBuffer()), { verbosity: 0 });
    const page = await doc.getPage(1);
    const words = (await page.getTextContent()).items.map((i) => ('str' in i ? i.str : '')).join(' ');
    expect([doc.numPages, page.getViewport({ scale: 1 }).width]).toEqual([1, 612]);
    expect(words).toMatch(
      /Stretch breaks in October 2026.*Our own words\..*On two lines\..*Week by week.*from 5 October.*\d of \d done.*tension \d\.\d before.*no data of any person.*never pain/,
    );
    expect(words).not.toContain('First words');
    await doc.destroy();
    expect((await app.send('PUT', path, { words: null })).status).toBe(204);
    expect((await get<{ written: string | null }>(path)).written).toBe(null);
    const long = await app.fails('PUT', path, { words: 'x'.repeat(4001) });
    expect([long.status, long.body.fields[0]]).toMatchObject([422, { path: 'words', bound: 4000 }]);
    expect(await app.fails('GET', '/api/groups/claims/months/2026-10/paper')).toMatchObject({
      status: 409,
      body: { code: 'tooFewPeople' },
    });
  });
});

describe('a proposal', () => {
  it('is made from each story', async () => {
    const kinds = (await proposed()).proposals.map((p) => p.effect.what);
    expect(kinds).toEqual(
      expect.arrayContaining(['move', 'first side', 'hour', 'pace', 'area', 'more side']),
    );
  });

  it('once taken is seen in suggestions, in new weeks and in the break, and can be taken back', async () => {
    const answer = (key: string, take: boolean) =>
      app.send('POST', '/api/groups/timetable-desk/proposals', { key, take });
    const before = await proposed();
    const keyOf = (what: string) => before.proposals.find((p) => p.effect.what === what)?.key ?? '';
    for (const what of ['move', 'first side', 'hour', 'pace'])
      expect((await answer(keyOf(what), true)).status, what).toBe(201);
    expect((await answer(keyOf('more side'), false)).status).toBe(201);
    const after = await proposed();
    expect(after.proposals.map((p) => p.effect.what)).not.toEqual(
      expect.arrayContaining(['move', 'first side', 'hour', 'more side']),
    );
    expect(after.habits).toMatchObject({ firstSide: 'right', moves: [{ moveId: 'fingers-down' }] });
    const { value: group } = await get<
      Kept<{ standing: { label: string; startMin: number; use: string }[] }>
    >('/api/groups/timetable-desk');
    expect(group.standing).toMatchObject([{ startMin: 840, use: 'focus' }]);
    const { value: brk } = await get<Kept<{ pace: { wordsPerMinute: number } }>>('/api/breaks/late-morning');
    expect(brk.pace.wordsPerMinute).toBeLessThan(140);
    const suggested = await app.send<{ suggestions: unknown[] }>('POST', '/api/suggest', {
      groupId: 'timetable-desk',
      slotSec: 180,
      targets: [{ area: 'forearm' }],
      count: 1,
    });
    expect([suggested.status, JSON.stringify(suggested.body).includes('"fingers-down"')]).toEqual([
      200,
      false,
    ]);
    const back = await app.send('DELETE', `/api/groups/timetable-desk/learned/${keyOf('hour')}`);
    expect(back.status).toBe(204);
    const again = await proposed();
    expect(again.proposals.map((p) => p.effect.what)).toContain('hour');
    const { value: later } = await get<Kept<{ standing: unknown[] }>>('/api/groups/timetable-desk');
    expect(later.standing).toEqual([]);
  });

  it('that is not there is not taken', async () => {
    const { status } = await app.fails('POST', '/api/groups/timetable-desk/proposals', {
      key: 'no',
      take: true,
    });
    expect(status).toBe(404);
    expect((await app.fails('DELETE', '/api/groups/timetable-desk/learned/no')).status).toBe(404);
  });
});

describe('a person who is deleted', () => {
  it('is in no measure and in no put-away record any more', async () => {
    const [came] = (await log('personId=p-1')).rows;
    await app.send('DELETE', `/api/sessions/${came?.id}`);
    await app.send('DELETE', '/api/people/p-1');
    const left = (await app.guard.execute("SELECT id FROM measures WHERE person_id = 'p-1'")).rows;
    expect(left).toEqual([]);
    expect((await app.fails('POST', `/api/sessions/${came?.id}/restore`)).status).toBe(404);
    expect((await log('personId=p-1')).total).toBe(0);
  });
});
