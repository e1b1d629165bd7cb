import { Area, type Break } from '@kotabi/core/model';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { group, startServer } from './harness';

let app: Awaited<ReturnType<typeof startServer>>;
beforeAll(async () => {
  app = await startServer();
  await app.put('/api/groups/g1', { ...group, things: ['desk', 'chair'] });
});
afterAll(() => app.stop());

const sec = (amount: number) => ({ measure: 'seconds', amount });
const item = (id: string, moveId: string, more: object = {}) => ({
  type: 'step',
  id,
  moveId,
  dose: sec(20),
  ...more,
});
const file = (items: object[], more: object = {}): string =>
  JSON.stringify({
    format: 'kotabi-break',
    version: 3,
    break: { id: 'x', name: 'X', slotSec: 60, items, ...more },
    moves: [],
  });

describe('POST /api/review', () => {
  const one = item('s', 'ear-to-shoulder', { sides: 'left' });
  const send = async (items: object[], more: object = {}) =>
    (
      await app.send<{ findings: { code: string; key: string }[]; aside: object[] }>(
        'POST',
        '/api/review',
        file(items, more),
      )
    ).body;

  it('gives findings with what would put them right', async () => {
    const { findings } = await send([one]);
    expect(findings).toContainEqual(
      expect.objectContaining({
        code: 'oneSideOnly',
        weight: 'caution',
        stepIds: ['s'],
        missing: 'right',
        fix: { do: 'both sides', stepIds: ['s'] },
      }),
    );
  });

  it('gives what was set aside apart, with its reason', async () => {
    const { findings } = await send([one]);
    const key = findings.find((f) => f.code === 'oneSideOnly')?.key ?? '';
    const after = await send([one], { aside: [{ key, reason: 'only the left is tight' }] });
    expect(after.aside).toMatchObject([{ code: 'oneSideOnly', reason: 'only the left is tight' }]);
    expect(after.findings.map((f) => f.code)).not.toContain('oneSideOnly');
  });

  it('minds the people and the room of the group that is named', async () => {
    const person = { id: 'p', groupId: 'g1', name: 'Ada', consent: true, limits: [{ limit: 'dizziness' }] };
    await app.put('/api/people/p', person);
    const low = [
      item('w', 'hip-hinge-reps', { dose: { measure: 'reps', amount: 4, repSec: 4 } }),
      item('f', 'fold-between-knees', { rung: 'hanging' }),
    ];
    const codes = async (more: object) => (await send(low, more)).findings.map((f) => f.code);
    expect(await codes({ groupId: 'g1' })).toContain('headLow');
    expect(await codes({})).not.toContain('headLow');
  });

  it('says where a text is wrong', async () => {
    const { status, body } = await app.send(
      'POST',
      '/api/review',
      file([item('s', 'ear-to-shoulder', { dose: sec(900) })]),
    );
    expect(status).toBe(422);
    expect(body).toMatchObject({ fields: [{ path: 'break.items.0.dose.amount', bound: 600, value: 900 }] });
  });
});

describe('POST /api/fit', () => {
  const three = ['ear-to-shoulder', 'nose-to-armpit', 'arm-across'].map((m, i) =>
    item(`s${i}`, m, { dose: sec(30) }),
  );
  type Fitted = {
    break: Break;
    dropped: { id: string }[];
    beforeMs: number;
    afterMs: number;
    slotMs: number;
  };

  it('fits doses into the slot, and the timeline agrees', async () => {
    const { status, body } = await app.send<Fitted>('POST', '/api/fit', file(three, { slotSec: 150 }));
    expect(status).toBe(200);
    expect(body.dropped).toEqual([]);
    expect(body.afterMs).toBeLessThanOrEqual(150_000);
    const text = JSON.stringify({ format: 'kotabi-break', version: 3, break: body.break, moves: [] });
    const time = await app.send<{ totals: { totalMs: number; leftMs: number; rightMs: number } }>(
      'POST',
      '/api/time',
      text,
    );
    expect(time.body.totals.totalMs).toBe(body.afterMs);
    expect(time.body.totals.leftMs).toBe(time.body.totals.rightMs);
  });

  it('drops what has to go, and says when what is kept is too long', async () => {
    const { body } = await app.send<Fitted>('POST', '/api/fit', file(three, { slotSec: 80 }));
    expect(body.dropped.map((s) => s.id)).toEqual(['s2']);
    const kept = three.map((s) => ({ ...s, keep: true }));
    const refused = await app.send('POST', '/api/fit', file(kept, { slotSec: 60 }));
    expect(refused.status).toBe(422);
    expect(refused.body).toMatchObject({
      fields: [{ path: 'break.slotSec', value: 60, bound: expect.any(Number) }],
    });
  });
});

describe('POST /api/suggest', () => {
  type Suggested = { suggestions: { brk: Break; reasons: Record<string, { code: string }>; gap: number }[] };
  const ask = (more: object) =>
    app.send<Suggested>('POST', '/api/suggest', { slotSec: 180, targets: [{ area: 'neck' }], ...more });

  it('suggests breaks that fit, pass their review and give their reasons; the server answers meanwhile', async () => {
    const asked = ask({ groupId: 'g1', count: 2 });
    expect((await app.get('/api/health')).status).toBe(200);
    const { status, body } = await asked;
    expect(status).toBe(200);
    expect(body.suggestions).toHaveLength(2);
    for (const { brk, reasons, gap } of body.suggestions) {
      expect(gap).toBeLessThan(0.02);
      expect(Object.keys(reasons)).toHaveLength(brk.items.length);
      const text = JSON.stringify({
        format: 'kotabi-break',
        version: 3,
        break: { ...brk, groupId: 'g1' },
        moves: [],
      });
      const { body: judged } = await app.send<{ findings: object[] }>('POST', '/api/review', text);
      expect(judged.findings).toEqual([]);
    }
  });

  it('names what is wrong with a request', async () => {
    expect((await ask({ slotSec: 5 })).body).toMatchObject({
      fields: [{ path: 'slotSec', bound: 30, value: 5 }],
    });
    expect((await ask({ targets: [] })).body).toMatchObject({ fields: [{ path: 'targets' }] });
    expect((await ask({ groupId: 'none' })).body).toMatchObject({
      fields: [{ path: 'groupId', value: 'none' }],
    });
  });

  it('says when nothing fits', async () => {
    // Everything is to be left alone.
    const avoid = Area.options.filter((area) => area !== 'breath');
    const { status, body } = await ask({ slotSec: 60, targets: [{ area: 'hip' }], avoid });
    expect(status).toBe(422);
    expect(body).toMatchObject({ fields: [{ path: 'slotSec', value: 60 }] });
  });
});
