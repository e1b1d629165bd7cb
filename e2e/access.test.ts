import type { Page } from 'playwright-core';
import { describe, expect, it } from 'vitest';
import { openContext } from './browser';
import { useApp } from './fixture';

const app = useApp({ demo: true, story: true });
const PASSWORD = 'a ferry at half past nine';

const signIn = async (page: Page, name: string, password: string): Promise<void> => {
  const dialog = page.getByRole('dialog', { name: 'Sign in to Kotabi' });
  await dialog.getByLabel('Name').fill(name);
  await dialog.getByLabel('Password', { exact: true }).fill(password);
  await page.keyboard.press('Enter');
};
const gone = (page: Page): Promise<void> =>
  page.getByRole('dialog', { name: 'Sign in to Kotabi' }).waitFor({ state: 'detached' });

/** A page in a browser of somebody else. */
const elsewhere = async (path: string): Promise<Page> => {
  const context = await openContext({});
  const page = await context.newPage();
  await page.goto(app.app.url + path);
  return page;
};

describe('an office with several instructors', () => {
  let ines: Page;
  let tomas: Page;
  let given = '';

  it('begins with the first account, to which everything that is there belongs', async () => {
    ines = await app.open('/accounts');
    await ines.getByRole('button', { name: 'Make the first account' }).click();
    await ines.getByLabel('Name').fill('Ines');
    await ines.getByLabel('Password', { exact: true }).fill('short');
    await ines.getByRole('button', { name: 'Make it' }).click();
    await ines.getByText('At least 10 characters.', { exact: true }).waitFor();
    await ines.getByLabel('Password', { exact: true }).fill(PASSWORD);
    await ines.getByRole('button', { name: 'Make it' }).click();
    await signIn(ines, 'ines', 'not the password');
    await ines.getByText('do not belong together').waitFor();
    await signIn(ines, 'ines', PASSWORD);
    await gone(ines);
    await ines.getByRole('row', { name: /Ines/ }).waitFor();
    await ines.getByRole('link', { name: 'Breaks' }).click();
    await ines.getByRole('heading', { name: 'Late-morning neck and wrists' }).waitFor();
  });

  it('lets a colleague see only what is shared, and change it only when that is allowed', async () => {
    await ines.getByRole('link', { name: 'Data' }).click();
    await ines.getByRole('link', { name: 'Accounts' }).click();
    await ines.getByRole('button', { name: 'New account' }).click();
    await ines.getByLabel('Name').fill('Tomas');
    given = await ines.getByLabel('Password', { exact: true }).inputValue();
    await ines.getByRole('button', { name: 'Make it' }).click();
    await ines.getByRole('row', { name: /Tomas/ }).waitFor();

    tomas = await elsewhere('/breaks');
    await signIn(tomas, 'Tomas', given);
    await gone(tomas);
    await tomas.getByRole('heading', { name: /no breaks|first break/i }).waitFor();

    await ines.getByRole('link', { name: 'Breaks' }).click();
    await ines.getByRole('link', { name: 'Late-morning neck and wrists' }).click();
    await ines.getByRole('button', { name: 'Share' }).click();
    const share = ines.getByRole('dialog', { name: /Share “Late-morning/ });
    await share.getByLabel('Colleague').click();
    await ines.getByTitle('Tomas').click();
    await share.getByRole('button', { name: 'Share to look at' }).click();
    await share.getByLabel('What Tomas may do').waitFor();

    await tomas.reload();
    await tomas.getByRole('link', { name: 'Late-morning neck and wrists' }).click();
    await tomas.getByText('Ines’s, to look at').waitFor();
    const name = tomas.getByLabel('Name of the break');
    await name.fill('Changed by Tomas');
    await tomas.getByText('Nothing was changed').first().waitFor();

    await share.getByLabel('What Tomas may do').click();
    const kept = ines.waitForResponse(
      (r) => r.request().method() === 'PUT' && r.url().includes('/api/shares/'),
    );
    await ines.getByTitle('may change it').click();
    await kept;
    await tomas.reload();
    await tomas.getByText('Ines’s, shared to be changed').waitFor();
  });

  it('asks again in the middle of work when somebody was signed out everywhere, and nothing is lost', async () => {
    await ines.getByRole('dialog').getByRole('button', { name: 'Done' }).click();
    const laptop = await elsewhere('/account');
    await signIn(laptop, 'Ines', PASSWORD);
    await gone(laptop);
    await laptop.getByRole('button', { name: 'Sign out everywhere' }).click();
    await laptop.getByRole('dialog', { name: 'Sign in to Kotabi' }).waitFor();

    await ines.getByLabel('Name of the break').fill('Late-morning neck');
    await ines.getByRole('dialog', { name: 'Sign in to Kotabi' }).waitFor();
    await signIn(ines, 'Ines', PASSWORD);
    await gone(ines);
    await ines
      .getByRole('status')
      .filter({ hasText: /^Saved$/ })
      .first()
      .waitFor();
    await ines.reload();
    await expect.poll(() => ines.getByLabel('Name of the break').inputValue()).toBe('Late-morning neck');
    await laptop.context().close();
  });

  it('tells what was done, by whom, and keeps a keeper away from the people', async () => {
    await ines.goto(`${app.app.url}/accounts`);
    await ines.getByRole('button', { name: 'New account' }).click();
    await ines.getByLabel('Name').fill('Kim');
    const password = await ines.getByLabel('Password', { exact: true }).inputValue();
    await ines.getByLabel('designs and leads breaks').uncheck();
    await ines.getByLabel('looks after accounts and backups').check();
    await ines.getByRole('button', { name: 'Make it' }).click();
    await ines.getByRole('row', { name: /Kim/ }).waitFor();

    const kim = await elsewhere('/people');
    await signIn(kim, 'Kim', password);
    await gone(kim);
    await kim.getByRole('heading', { name: 'Backups' }).waitFor();
    expect(await kim.getByRole('navigation').getByRole('link').allTextContents()).toEqual(['Data', 'Kim']);
    await kim.getByRole('link', { name: 'What was done' }).click();
    await kim.getByText('shared something with a colleague').waitFor();
    expect(await kim.getByRole('table').textContent()).not.toContain('Late-morning');
    // Closed in the middle of work: out at once.
    await ines.getByRole('row', { name: /Kim/ }).getByRole('button', { name: 'Close' }).click();
    await ines.getByRole('button', { name: 'Close it' }).click();
    await ines.getByRole('button', { name: 'Open again' }).waitFor();
    await kim.reload();
    await kim.getByRole('dialog', { name: 'Sign in to Kotabi' }).waitFor();
    await kim.context().close();
    await tomas.context().close();
  });
});
