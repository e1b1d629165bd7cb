import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { kinds } from '../db/kinds';
import { type ShapedKind, shapeOf, UPGRADES, upToDate } from '../db/shapes';
import { startServer } from './harness';

// One file for each shape that things were ever kept in by a program that was given out.
const folder = join(import.meta.dirname, 'rows');
const files = readdirSync(folder).map((name) => ({
  name,
  shape: Number(/^shape-(\d+)/.exec(name)?.[1]),
  rows: JSON.parse(readFileSync(join(folder, name), 'utf8')) as Partial<
    Record<ShapedKind, Record<string, unknown>[]>
  >,
}));
const all = files.flatMap(({ name, shape, rows }) =>
  (Object.keys(rows) as ShapedKind[]).flatMap((kind) =>
    (rows[kind] ?? []).map((data) => [name, kind, shape, data] as const),
  ),
);
const kindOf = (name: ShapedKind) => Object.values(kinds).find((k) => k.name === name);

describe('rows of every shape that was ever kept', () => {
  it('are here for every kind, and for every shape before the one of today', () => {
    expect(new Set(all.map(([, kind]) => kind))).toEqual(new Set(Object.keys(UPGRADES)));
    for (const kind of Object.keys(UPGRADES) as ShapedKind[])
      for (let shape = 0; shape <= shapeOf(kind); shape++)
        expect(
          all.some(([, k, s]) => k === kind && s === shape),
          `${kind} of shape ${shape}`,
        ).toBe(true);
  });

  it.each(all)('%s: a %s is brought up to date and passes its schema', (_, name, shape, data) => {
    const kind = kindOf(name);
    const value = kind?.schema.parse(upToDate(name, shape, data)) as Record<string, unknown>;
    // Nothing that was written down is lost.
    for (const key of ['id', 'name', 'note', 'hopes', 'breakName', 'purpose'])
      if (key in data) expect(value[key]).toEqual(data[key]);
    for (const key of ['items', 'parts', 'days', 'tight'])
      if (Array.isArray(data[key])) expect(value[key]).toHaveLength((data[key] as unknown[]).length);
  });

  it('keep words with a slip in braces, as brackets, and follow a rung to its new name', () => {
    const move = upToDate('move', 2, {
      ways: { pattern: 'together' },
      cues: { say: 'To the {side}, {sidde}, by the {outlet}.' },
    }) as { cues: { say: string } };
    expect(move.cues.say).toBe('To the (side), (sidde), by the {outlet}.');
    const brk = upToDate('break', 2, {
      items: [
        { moveId: 'heel-raises', rung: 'seated', words: 'Up {now}.' },
        { links: [{ moveId: 'x', words: 'The {side} {arm}.' }] },
      ],
    });
    expect(brk).toEqual({
      items: [
        { moveId: 'heel-raises', rung: 'only the heels', words: 'Up (now).' },
        { links: [{ moveId: 'x', words: 'The {side} (arm).' }] },
      ],
    });
  });

  it('from a newer program are refused in a sentence', () => {
    expect(() => upToDate('person', shapeOf('person') + 1, {})).toThrow('was kept by a newer Kotabi');
  });
});

describe('rows that lie in a database', () => {
  let app: Awaited<ReturnType<typeof startServer>>;
  beforeAll(async () => {
    app = await startServer();
  });
  afterAll(() => app.stop());

  it('are read in whatever shape they are, and kept in the one of today when they change', async () => {
    const old = files.find((f) => f.name === 'shape-0-first.json')?.rows;
    const [group] = old?.group ?? [];
    const [person] = old?.person ?? [];
    if (!group || !person) throw new Error('broken test');
    const at = '2026-01-05T08:00:00.000Z';
    await app.db.run(
      sql`insert into groups (id, version, updated_at, data) values (${group.id}, 1, ${at}, ${JSON.stringify(group)})`,
    );
    await app.db.run(
      sql`insert into people (id, version, updated_at, data, group_id) values (${person.id}, 1, ${at}, ${JSON.stringify({ ...person, groupId: group.id })}, ${group.id})`,
    );
    const { body } = await app.get<{ version: number; value: { limits: unknown[]; groupId: string } }[]>(
      `/api/groups/${group.id}/people`,
    );
    expect(body[0]?.value.limits).toEqual([]);
    await app.put(`/api/people/${person.id}`, { ...body[0]?.value, consent: true, note: 'later' }, 1);
    const rows = await app.db.all<{ shape: number }>(sql`select shape from people`);
    expect(rows.map((r) => r.shape)).toEqual([shapeOf('person')]);
  });
});
