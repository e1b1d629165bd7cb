import { addDays } from '@kotabi/core/schedule';
import { describe, expect, it } from 'vitest';
import { monday as thisMonday, useApp } from './fixture';

const fixture = useApp({ demo: true });

describe('all groups', () => {
  it('plans, fills and gives out many weeks at once, and says what came of each', async () => {
    const monday = addDays(thisMonday, 28);
    const page = await fixture.open(`/weeks/${monday}`);
    const row = (name: string) =>
      page.getByRole('row').filter({ has: page.getByLabel(name, { exact: true }) });
    await row('Claims team').getByText('nothing planned').waitFor();
    await page.getByLabel('Call desk, early shift', { exact: true }).uncheck();
    const says = page.getByRole('status').filter({ hasText: 'Timetable desk' });

    await page.getByRole('button', { name: 'Plan', exact: true }).click();
    await says.getByText(/Claims team: \d+ breaks planned/).waitFor();
    await row('Claims team').getByText('not given out').waitFor();
    // The one that was left out is left alone.
    await row('Call desk, early shift').getByText('nothing planned').waitFor();

    await page.getByRole('button', { name: 'Choose breaks' }).click();
    await says
      .getByText(/Timetable desk: (every time has a break|\d+ times? stay)/)
      .waitFor({ timeout: 60_000 });

    await page.getByRole('button', { name: 'Give out 2' }).click();
    await says.getByText('Claims team: given out').waitFor();
    await expect.poll(() => row('Claims team').getByText('given out', { exact: true }).count()).toBe(1);
    const week = await fetch(`${fixture.app.url}/api/groups/claims/weeks/${monday}`).then((r) => r.json());
    const given = await fetch(`${fixture.app.url}/api/weeks/${week.value.id}/given`).then((r) => r.json());
    expect(given.week.days.flatMap((d: { breaks: unknown[] }) => d.breaks).length).toBeGreaterThan(0);
    await page.close();
  });
});
