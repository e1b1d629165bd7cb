import type { Holidays, Land } from '@kotabi/core/model';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startServer } from './harness';

let app: Awaited<ReturnType<typeof startServer>>;
beforeAll(async () => {
  app = await startServer();
});
afterAll(() => app.stop());

describe('public holidays', () => {
  it('are there by country', async () => {
    const { body } = await app.get<Land[]>('/api/holidays');
    expect(body.length).toBeGreaterThan(100);
    expect(body).toContainEqual({ code: 'PT', name: 'Portugal' });
  });

  // Easter Sunday: 5 April 2026 and 28 March 2027 (the computus; facts of the calendar).
  it('move with Easter and stand where they are fixed, over two years, each once', async () => {
    const { body } = await app.get<Holidays>('/api/holidays/PT?year=2026');
    const dates = body.days.map((d) => d.date);
    expect(dates).toEqual(
      expect.arrayContaining(['2026-04-03', '2026-04-05', '2026-12-25', '2027-03-26', '2027-12-25']),
    );
    expect(new Set(dates).size).toBe(dates.length);
    expect(dates).toEqual([...dates].sort());
  });

  it('differ by region', async () => {
    const of = async (region: string) =>
      (await app.get<Holidays>(`/api/holidays/DE?year=2026&region=${region}`)).body.days.map((d) => d.date);
    // Epiphany is one in Bavaria and none in Hamburg.
    expect(await of('BY')).toContain('2026-01-06');
    expect(await of('HH')).not.toContain('2026-01-06');
  });

  it.each([
    ['/api/holidays/XX?year=2026', 'country'],
    ['/api/holidays/DE?year=2026&region=QQ', 'region'],
    ['/api/holidays/DE?year=1850', 'year'],
    ['/api/holidays/DE', 'year'],
  ])('%s is refused by its field', async (path, field) => {
    const { status, body } = await app.fails('GET', path);
    expect([status, body.fields[0]?.path]).toEqual([422, field]);
  });
});
