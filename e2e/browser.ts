import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { type BrowserContext, chromium } from 'playwright-core';

const FLAGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--no-first-run',
];

/** A headless Chromium with an empty profile of its own, which goes with it. */
export const openBrowser = async (
  viewport = { width: 1280, height: 800 },
  /** Moving figures cost a machine without a graphics card dearly: they move only where a test is about them. */
  moving = false,
): Promise<{ context: BrowserContext; close: () => Promise<void> }> => {
  const profile = mkdtempSync(join(tmpdir(), 'kotabi-profile-'));
  const context = await chromium.launchPersistentContext(profile, {
    executablePath: process.env.KOTABI_CHROMIUM ?? '/usr/bin/chromium',
    headless: true,
    args: FLAGS,
    viewport,
    locale: 'en-GB',
    timezoneId: 'Europe/Lisbon',
    acceptDownloads: true,
    reducedMotion: moving ? 'no-preference' : 'reduce',
  });
  return {
    context,
    close: async () => {
      await context.close();
      rmSync(profile, { recursive: true, force: true });
    },
  };
};
