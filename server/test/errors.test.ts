import { ApiError } from '@kotabi/core/model';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { edgeBreak, group, startServer } from './harness';

let app: Awaited<ReturnType<typeof startServer>>;
beforeAll(async () => {
  app = await startServer();
  await app.put('/api/groups/g1', group);
});
afterAll(() => app.stop());

const big = JSON.stringify({ baseVersion: 0, value: { ...group, hopes: 'x'.repeat(1_100_000) } });

describe('every failure has one shape and the right status', () => {
  const cases: [name: string, method: string, path: string, body: unknown, status: number, code: string][] = [
    ['an unknown path', 'GET', '/api/nothing', undefined, 404, 'noSuchAddress'],
    ['an unknown path outside the api', 'GET', '/nothing.js', undefined, 404, 'noSuchAddress'],
    ['a method that is not possible', 'POST', '/api/groups', {}, 405, 'notAllowed'],
    ['malformed JSON', 'PUT', '/api/groups/g1', '{"baseVersion": 1,', 400, 'malformed'],
    ['an oversized body', 'PUT', '/api/groups/g1', big, 413, 'tooLarge'],
    ['an oversized text', 'POST', '/api/time', big, 413, 'tooLarge'],
    ['an unknown group', 'GET', '/api/groups/none', undefined, 404, 'notFound'],
    ['an unknown break', 'GET', '/api/breaks/none', undefined, 404, 'notFound'],
    ['an unknown break file', 'GET', '/api/breaks/none/file', undefined, 404, 'notFound'],
    ['an unknown move', 'GET', '/api/moves/none', undefined, 404, 'notFound'],
    ['a file of an unknown move', 'GET', '/api/moves/none/file', undefined, 404, 'notFound'],
    ['what is kept about nobody', 'GET', '/api/people/none/kept', undefined, 404, 'notFound'],
    ['a table of an unknown group', 'GET', '/api/groups/none/people/table', undefined, 404, 'notFound'],
    ['people into an unknown group', 'POST', '/api/groups/none/people', { people: [] }, 404, 'notFound'],
    ['nobody to bring in', 'POST', '/api/groups/g1/people', { people: [] }, 422, 'invalid'],
    ['a file of moves that is none', 'POST', '/api/moves/open', { text: '{' }, 422, 'invalid'],
    ['an unknown session', 'GET', '/api/sessions/none', undefined, 404, 'notFound'],
    ['an unknown week', 'GET', '/api/groups/g1/weeks/2026-11-23', undefined, 404, 'notFound'],
    [
      'an unknown week calendar',
      'GET',
      '/api/groups/g1/weeks/2026-11-23/calendar',
      undefined,
      404,
      'notFound',
    ],
    ['versions of an unknown break', 'GET', '/api/breaks/none/versions', undefined, 404, 'notFound'],
    ['deleting what is not there', 'DELETE', '/api/breaks/none', undefined, 404, 'notFound'],
    ['bringing back what never was', 'POST', '/api/breaks/none/restore', undefined, 404, 'notFound'],
    [
      'changing what is not there',
      'PUT',
      '/api/groups/new',
      { baseVersion: 4, value: { ...group, id: 'new' } },
      404,
      'notFound',
    ],
    ['a date that is none', 'GET', '/api/groups/g1/weeks/2026-13-99', undefined, 422, 'invalid'],
    ['no body', 'PUT', '/api/groups/g1', undefined, 415, 'unsupported'],
    ['a broken percent sign', 'GET', '/api/groups/%E0%A4%A', undefined, 400, 'malformed'],
    [
      'an id that is not the one in the address',
      'PUT',
      '/api/groups/g9',
      { baseVersion: 0, value: group },
      422,
      'invalid',
    ],
  ];
  it.each(cases)('%s', async (_, method, path, body, status, code) => {
    const answer = await app.fails(method, path, body);
    expect(ApiError.parse(answer.body)).toEqual(answer.body);
    expect([answer.status, answer.body.code]).toEqual([status, code]);
    expect(answer.body.message).toMatch(/^[A-Z].*\.$/s);
  });

  it('a body that is not said to be JSON', async () => {
    const answer = await app.fails('PUT', '/api/groups/g1', 'name=x', {
      'Content-Type': 'application/x-www-form-urlencoded',
    });
    expect([answer.status, answer.body.code]).toEqual([415, 'unsupported']);
  });

  it('names each field with its bound and the value received', async () => {
    const bad = {
      ...group,
      name: '',
      days: [1, 9],
      hours: { startMin: 900, endMin: 600 },
      timeZone: 'Mars/North',
    };
    const { status, body } = await app.fails('PUT', '/api/groups/g1', { baseVersion: 1, value: bad });
    expect(status).toBe(422);
    const byPath = Object.fromEntries(body.fields.map((f) => [f.path, f]));
    expect(byPath['value.name']).toMatchObject({
      message: 'must have at least 1 character',
      bound: 1,
      value: '',
    });
    expect(byPath['value.days.1']).toMatchObject({ message: 'must be at most 7', bound: 7, value: 9 });
    expect(byPath['value.hours.endMin']).toMatchObject({
      message: 'must be later than the start',
      value: 600,
    });
    expect(byPath['value.timeZone']?.value).toBe('Mars/North');
    expect(body.message).toMatch(/and 3 more.*Nothing was changed/);
  });

  it('changes nothing on the way', async () => {
    const { body } = await app.get<{ version: number; value: { name: string } }>('/api/groups/g1');
    expect([body.version, body.value.name]).toEqual([1, group.name]);
    await app.fails('PUT', '/api/breaks/b1', { baseVersion: 0, value: { ...edgeBreak, slotSec: 0 } });
    expect((await app.get<unknown[]>('/api/breaks')).body).toEqual([]);
  });

  it('says which methods are possible', async () => {
    const answer = await app.fails('DELETE', '/api/breaks');
    expect(answer.headers.get('allow')).toBe('GET');
  });
});
