import { createClient } from '@libsql/client';
import { describe, expect, it } from 'vitest';
import { useApp } from './fixture';

const own = useApp({ demo: true });

describe('data', () => {
  it('is backed up by one press, looked into, and put back with a way back', async () => {
    const page = await own.open('/data');
    await page.getByText('None yet').waitFor();
    await page.getByRole('button', { name: 'Back up now' }).click();
    await page.getByText(/read back and sound/).waitFor();
    const [group] = (await (await page.request.get(`${own.app.url}/api/groups`)).json()) as {
      value: { id: string; name: string };
    }[];
    await page.request.delete(`${own.app.url}/api/groups/${group?.value.id}`, {
      headers: { origin: own.app.url },
    });

    await page.getByRole('button', { name: 'Look into it' }).click();
    const dialog = page.getByRole('dialog');
    await expect
      .poll(() => dialog.getByRole('row', { name: /^groups/ }).textContent())
      .toMatch(/groups\s*3\s*2/);
    await dialog.getByRole('button', { name: /Put it back/ }).click();
    await page.getByRole('button', { name: 'Put it back', exact: true }).click();
    await page.getByText(/What was there before is a backup as well/).waitFor();
    const groups = (await (await page.request.get(`${own.app.url}/api/groups`)).json()) as unknown[];
    expect(groups).toHaveLength(3);
    await expect.poll(() => page.getByRole('row').count()).toBe(3);
  });

  it('that cannot be read is named above every screen, and can be taken away', async () => {
    const client = createClient({ url: `file:${own.app.file}` });
    await client.execute(
      "UPDATE breaks SET data = json_set(data, '$.slotSec', 'soon') WHERE id = 'late-morning'",
    );
    client.close();
    const page = await own.open('/breaks');
    await page.getByText('Two minutes between meetings').first().waitFor();
    await page.getByText(/“Late-morning neck and wrists” cannot be read and is not shown/).waitFor();
    await page.getByRole('link', { name: 'Look at it' }).click();
    const part = page.getByRole('region', { name: 'What cannot be read' });
    await part.getByText('Late-morning neck and wrists').waitFor();
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      part.getByRole('link', { name: 'Take it away' }).click(),
    ]);
    expect(file.suggestedFilename()).toMatch(/\.json$/);
  });
});
