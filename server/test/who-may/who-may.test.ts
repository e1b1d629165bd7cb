import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { everyAddress } from '../people-who-sign-in';
import { CALLS } from './calls';
import { everything, office, open, putBack, SECRET } from './office';
import { type Call, outcomeOf, RIGHTS, WHO } from './roles';

/** Bad input, a wrong password or a thing that is in the way tell that somebody was let in. */
const LET_IN = new Set(['POST /api/first', 'PUT /api/password']);

/** What whoever has the address is given. */
const BY_ADDRESS = new Set(['GET /calendars/:file', 'GET /api/desk/:token']);

beforeAll(open);
afterAll(() => office.server.stop());

describe('every address', () => {
  const all = everyAddress();

  it('is walked below', () => {
    expect(Object.keys(CALLS).sort()).toEqual([...all].sort());
  });

  it.each(all)('%s lets in who may, and nobody else', async (name) => {
    const made = CALLS[name];
    const call = async (): Promise<Call> =>
      typeof made === 'function' ? made() : (made ?? expect.fail(`${name} is not walked`));
    const kept = await everything();
    let turnedAway: string[] = [];
    /** Whoever was turned away has changed nothing; looked at before somebody is let in, and at the end. */
    const untouched = async (): Promise<void> => {
      if (turnedAway.length === 0) return;
      expect(await everything(), `one of ${turnedAway} changed something`).toBe(kept);
      turnedAway = [];
    };
    // Those who may not come first, so that nothing they ask for has gone meanwhile.
    for (const role of [...WHO].reverse()) {
      const { right, path, body, headers } = await call();
      const expected = (typeof right === 'string' ? RIGHTS[right] : right)[role];
      if (expected === 'in') await untouched();
      else turnedAway.push(role);
      const answer = await office.visitors[role].send(name.split(' ')[0] ?? '', path, body, headers);
      const said = JSON.stringify(answer.body);
      const got = outcomeOf(answer.status);
      const lenient =
        LET_IN.has(name) || (right !== 'namesGroup' && expected === 'in' && answer.status === 422);
      if (expected === 'in' && lenient) expect([role, answer.status >= 400]).toEqual([role, true]);
      else expect([role, got, got === expected ? '' : said.slice(0, 200)]).toEqual([role, expected, '']);
      if (['stranger', 'keeper', 'nobody'].includes(role) && !BY_ADDRESS.has(name)) {
        expect([role, said.includes(SECRET)]).toEqual([role, false]);
        expect([role, !path.includes(office.token) && said.includes(office.token)]).toEqual([role, false]);
      }
      if (expected !== 'in' || name.startsWith('GET')) continue;
      // A screen that is followed is held in no table.
      if (!name.includes('/live') && (await everything()) === kept) continue;
      await putBack();
    }
    await untouched();
  });
});
