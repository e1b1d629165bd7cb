import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { useApp } from './fixture';

const fixture = useApp({ demo: true });
let dir: string;
beforeAll(() => {
  dir = mkdtempSync(join(tmpdir(), 'kotabi-table-'));
});
afterAll(() => rmSync(dir, { recursive: true, force: true }));

describe('a table of people', () => {
  it('from an older spreadsheet is read with its accents, mended in place, and nothing in it is passed over unseen', async () => {
    const page = await fixture.open('/people/call-desk');
    const before = (await (await fetch(`${fixture.app.url}/api/groups/call-desk/people`)).json()) as {
      value: { name: string };
    }[];
    const known = before[0]?.value.name ?? '';
    const file = join(dir, 'desk.csv');
    // Windows-1252, as a spreadsheet of an office writes it: ã is one byte.
    const text = `sep=;\r\nName;Medical remarks;Agreed\r\nJo\u00e3o;lower back;yes\r\nS\u00f8ren;kneee left;yes\r\n${known};;no\r\n`;
    writeFileSync(file, Buffer.from(text, 'latin1'));
    await page.getByRole('button', { name: 'Bring in a table' }).click();
    await page.getByLabel('Table of people').setInputFiles(file);
    const dialog = page.getByRole('dialog');
    await dialog.getByText('João').waitFor();
    await dialog.getByText('is here already, left out').waitFor();
    // Limits would be lost without a word: it does not go on until the column is matched or left out.
    await dialog.getByText('The column “Medical remarks” looks as if').waitFor();
    const keep = dialog.getByRole('button', { name: /^Keep/ });
    expect(await keep.isDisabled()).toBe(true);
    await dialog.locator('label', { hasText: 'Careful with' }).locator('.ant-select').click();
    await page.locator('.ant-select-item-option', { hasText: 'Medical remarks' }).click();
    await dialog.getByText('careful with: low back').waitFor();
    await dialog.getByText('1 of 3 lines cannot be read').waitFor();
    expect(await keep.isDisabled()).toBe(true);
    const mend = dialog.getByLabel('Careful with of Søren');
    await mend.fill('knee left');
    await mend.press('Enter');
    await dialog.getByText('careful with: left knee').waitFor();
    await dialog.getByRole('button', { name: 'Keep 2 people' }).click();
    await page.getByRole('row', { name: /Søren/ }).getByText('left knee').waitFor();
    await page.getByRole('row', { name: /João/ }).getByText('low back').waitFor();
  });
});
