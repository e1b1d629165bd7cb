import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { createLogger } from '../log';
import { group, startServer } from './harness';

const lines: Record<string, unknown>[] = [];
let app: Awaited<ReturnType<typeof startServer>>;
beforeAll(async () => {
  const log = createLogger('info', { write: (line: string) => void lines.push(JSON.parse(line)) });
  app = await startServer(undefined, {}, log);
});
afterAll(() => app.stop());

describe('the log', () => {
  it('has one line for each request, with its id, route, status and duration', async () => {
    lines.length = 0;
    await app.put('/api/groups/g1', group);
    await app.get('/api/groups/g1');
    await app.get('/api/groups/none');
    expect(lines.map((l) => [l.method, l.route, l.status])).toEqual([
      ['PUT', '/api/groups/:id', 201],
      ['GET', '/api/groups/:id', 200],
      ['GET', '/api/groups/:id', 404],
    ]);
    for (const line of lines) {
      expect(line.id).toMatch(/^[0-9a-f]{8}$/);
      expect(line.ms).toBeTypeOf('number');
      expect(Object.keys(line).sort()).toEqual([
        'id',
        'level',
        'method',
        'ms',
        'msg',
        'route',
        'status',
        'time',
      ]);
    }
  });

  it('names nobody: no names, notes, limits, queries or tokens', async () => {
    lines.length = 0;
    const secret = {
      id: 'p1',
      groupId: 'g1',
      name: 'Zacharias',
      note: 'slipped disc',
      consent: true,
      limits: [{ limit: 'dizziness' }],
    };
    await app.put('/api/people/p1', secret);
    await app.put('/api/people/p1', { ...secret, name: '' }, 1);
    await app.get('/api/groups/g1/people?name=Zacharias');
    await app.get('/calendar/very-secret-token.ics');
    await app.get('/api/people/p1/kept');
    await app.send('POST', '/api/time', '{"name": "Zacharias" broken');
    const text = JSON.stringify(lines);
    expect(lines.length).toBe(6);
    expect(text).not.toMatch(/Zacharias|disc|dizziness|secret|p1/);
  });
});
