import { readBreakFile } from '@kotabi/core/formats';
import type { Break, Kept } from '@kotabi/core/model';
import ICAL from 'ical.js';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { WebVTTParser } from 'webvtt-parser';
import { edgeBreak, group, startServer } from './harness';

let app: Awaited<ReturnType<typeof startServer>>;
beforeAll(async () => {
  app = await startServer();
  await app.put('/api/groups/g1', group);
  await app.put('/api/breaks/b1', { ...edgeBreak, name: 'Nacken & Schultern, ruhig' });
});
afterAll(() => app.stop());

const open = (text: string) => app.send<Kept<Break>>('POST', '/api/breaks/open', { text });

describe('a break taken away', () => {
  it('as a file can be opened again, under an id of its own', async () => {
    const file = await app.get<object>('/api/breaks/b1/file');
    expect(file.headers.get('content-disposition')).toContain("filename*=UTF-8''Nacken%20%26%20Schultern");
    const text = JSON.stringify(file.body);
    expect(readBreakFile(text).ok).toBe(true);
    const { status, body } = await open(text);
    expect(status).toBe(201);
    expect(body.value).toMatchObject({ name: 'Nacken & Schultern, ruhig', slotSec: 60 });
    expect(body.value.id).not.toBe('b1');
    expect(body.value.items).toMatchObject(edgeBreak.items);
    expect((await app.get<unknown[]>('/api/moves')).body).toEqual([]);
  });

  it('brings moves along that are not here, and keeps apart two that share an id', async () => {
    const { body } = await app.get<{ moves: { id: string; name: string }[]; break: Break }>(
      '/api/breaks/b1/file',
    );
    const foreign = structuredClone(body);
    foreign.moves[0]!.name = 'Another ear toward the shoulder';
    const first = await open(JSON.stringify(foreign));
    const own = (await app.get<Kept<{ id: string; name: string }>[]>('/api/moves')).body;
    expect(own.map((m) => m.value.name)).toEqual(['Another ear toward the shoulder']);
    const [item] = first.body.value.items;
    expect(item).toMatchObject({ type: 'step', moveId: own[0]!.value.id });
    expect(own[0]!.value.id).not.toBe('ear-to-shoulder');
  });

  it('a broken or foreign file is named with its place, and nothing is changed', async () => {
    const before = (await app.get<unknown[]>('/api/breaks')).body.length;
    const broken = await app.fails('POST', '/api/breaks/open', {
      text: '{\n  "format": "kotabi-break",\n  oops',
    });
    expect(broken.status).toBe(422);
    expect(broken.body.fields[0]).toMatchObject({ line: 3, column: 3 });
    const foreign = await app.fails('POST', '/api/breaks/open', { text: '{"playlist": []}' });
    expect(foreign.body.fields[0]?.message).toContain('not a break file');
    expect((await app.get<unknown[]>('/api/breaks')).body).toHaveLength(before);
  });

  it('as a cue track is WebVTT as long as the break', async () => {
    const { body, headers } = await app.get<string>('/api/breaks/b1/track');
    expect(headers.get('content-type')).toContain('text/vtt');
    const { cues, errors } = new WebVTTParser().parse(body);
    expect(errors).toEqual([]);
    expect(cues.at(-1)?.endTime).toBe(57.5);
    expect(cues.map((c) => c.text).join('\n')).toContain('left ear');
  });
});

describe('a week taken away', () => {
  const week = (startMin: number) => ({
    id: 'w1',
    groupId: 'g1',
    startDate: '2026-11-23',
    rule: {},
    days: [{ date: '2026-11-23', breaks: [{ id: 'x1', startMin, kindId: 'short', breakId: 'b1' }] }],
  });
  const events = async () => {
    const { body } = await app.get<string>('/api/groups/g1/weeks/2026-11-23/calendar');
    const calendar = new ICAL.Component(ICAL.parse(body));
    return calendar.getAllSubcomponents('vevent').map((e) => new ICAL.Event(e));
  };

  it('keeps the UID of a break that moves and raises its SEQUENCE', async () => {
    await app.put('/api/weeks/w1', week(600));
    // A draft can be taken away as well, as it stands.
    expect((await events()).map((e) => e.startDate.toString())).toEqual(['2026-11-23T10:00:00Z']);
    await app.give('w1');
    const [before] = await events();
    await app.put('/api/weeks/w1', week(630), 1);
    await app.give('w1');
    const [after] = await events();
    expect(after?.uid).toBe(before?.uid);
    expect([before?.sequence, after?.sequence]).toEqual([0, 1]);
    expect(before?.startDate.toString()).toBe('2026-11-23T10:00:00Z');
    expect(after?.startDate.toString()).toBe('2026-11-23T10:30:00Z');
    expect(after?.description).toContain('Ear toward the shoulder: 20 s each side');
  });
});
