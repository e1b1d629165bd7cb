import { mondayOf } from '@kotabi/core/schedule';
import { describe, expect, it } from 'vitest';
import { useApp } from './fixture';

const fixture = useApp({ demo: false, everyMs: 250 });

const put = async (path: string, value: object): Promise<void> => {
  const answer = await fetch(fixture.app.url + path, {
    method: 'PUT',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ baseVersion: 0, value }),
  });
  expect(answer.status).toBe(201);
};

describe('reminders, end to end', () => {
  it('come into the outbox by themselves, are put off and answered, and the answer is in the log', async () => {
    // A break an hour from now, reminded of two hours ahead: due as soon as the server looks.
    const now = new Date();
    const date = now.toISOString().slice(0, 10);
    const startMin = now.getUTCHours() * 60 + now.getUTCMinutes() + 60;
    await put('/api/groups/quay', {
      id: 'quay',
      name: 'Quay office',
      timeZone: 'UTC',
      days: [1, 2, 3, 4, 5, 6, 7],
      hours: { startMin: 600, endMin: 2040 },
      lunch: null,
      reminders: { leadMin: 120 },
    });
    for (const name of ['Maud', 'Jorn'])
      await put(`/api/people/${name}`, { id: name, groupId: 'quay', name, consent: true });
    await put('/api/weeks/w', {
      id: 'w',
      groupId: 'quay',
      startDate: mondayOf(date),
      rule: {},
      days: [{ date, breaks: [{ id: 'b', startMin, kindId: 'short' }] }],
    });
    const given = await fetch(`${fixture.app.url}/api/weeks/w/given`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ version: 1 }),
    });
    expect(given.status).toBe(201);
    const page = await fixture.open('/outbox');
    const of = (name: string) => page.getByRole('listitem').filter({ hasText: name });
    await of('Maud')
      .getByText(/^sent at/)
      .waitFor({ timeout: 30_000 });
    await expect.poll(() => page.getByRole('listitem').count()).toBe(2);
    await of('Maud').getByRole('button', { name: 'In 10 min' }).click();
    await of('Maud')
      .getByText(/^waits until \d\d:\d\d, put off$/)
      .waitFor();
    await of('Jorn').getByRole('button', { name: 'Not today' }).click();
    await of('Jorn').getByText('answered').waitFor();
    await page.getByRole('link', { name: 'log', exact: true }).click();
    await page.getByText('0 of 1 were answered “did it” or “part of it”').waitFor();
    await page.getByRole('cell', { name: 'not today' }).waitFor();
    await page.close();
  });
});
