import { afterEach, describe, expect, it, vi } from 'vitest';
import { ApiFailure, messageOf, request, Unreachable } from './client';

const json = (status: number, body: unknown) =>
  new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } });
const answers = (...list: (Response | Error | Promise<Response>)[]) => {
  const fetched = vi.fn(async (_path: string, _init?: RequestInit): Promise<Response> => {
    const next = list.shift();
    if (next instanceof Error || next === undefined) throw next;
    return next;
  });
  vi.stubGlobal('fetch', fetched);
  return fetched;
};
afterEach(() => vi.unstubAllGlobals());

describe('asking the server', () => {
  it('sends JSON and gives JSON', async () => {
    const fetched = answers(json(200, { version: 2 }));
    expect(await request('PUT', '/api/x', { baseVersion: 1 })).toEqual({ version: 2 });
    expect(fetched).toHaveBeenCalledWith('/api/x', {
      method: 'PUT',
      keepalive: false,
      body: '{"baseVersion":1}',
      headers: { 'Content-Type': 'application/json' },
    });
    answers(new Response(null, { status: 204 }));
    expect(await request('DELETE', '/api/x')).toBeUndefined();
  });

  it('tells a refusal with its reasons from a server that is gone', async () => {
    const error = {
      code: 'invalid',
      message: 'Too long. Nothing was changed.',
      fields: [{ path: 'name', message: 'x' }],
    };
    answers(json(422, error));
    const refusal = await request('PUT', '/api/x', {}).catch((e: unknown) => e);
    expect(refusal).toBeInstanceOf(ApiFailure);
    expect(refusal).toMatchObject({ status: 422, error });
    expect(messageOf(refusal)).toBe('Too long. Nothing was changed.');
    answers(new TypeError('failed to fetch'));
    await expect(request('GET', '/api/x')).rejects.toBeInstanceOf(Unreachable);
    answers(new Response('<html>bad gateway', { status: 502 }));
    await expect(request('GET', '/api/x')).rejects.toBeInstanceOf(Unreachable);
    answers(new Response('gone', { status: 410 }));
    await expect(request('GET', '/api/x')).rejects.toMatchObject({
      status: 410,
      error: { code: 'unreadable' },
    });
  });

  it('reads only after what is being written has arrived', async () => {
    let arrive: (r: Response) => void = () => {};
    const slow = new Promise<Response>((done) => {
      arrive = done;
    });
    const fetched = answers(slow, json(200, ['new']));
    const write = request('PUT', '/api/x', {});
    const read = request('GET', '/api/x');
    await Promise.resolve();
    expect(fetched).toHaveBeenCalledTimes(1);
    arrive(json(200, {}));
    expect(await read).toEqual(['new']);
    await write;
  });

  it('reads even when what was being written failed', async () => {
    answers(new TypeError('down'), json(200, ['old']));
    const write = request('PUT', '/api/x', {}).catch(() => 'failed');
    expect(await request('GET', '/api/x')).toEqual(['old']);
    expect(await write).toBe('failed');
  });
});
