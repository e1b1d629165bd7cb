import { type Browser, type BrowserContext, chromium } from 'playwright-core';
import { findChromium } from '../scripts/debian.mjs';

const FLAGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--no-first-run',
  // One process less to start with each browser and to talk to with each page.
  '--in-process-gpu',
  // No page of a test lives so long that what is compiled best would pay for its compiling.
  '--js-flags=--no-turbofan',
  // A microphone that is always there and beeps.
  '--use-fake-device-for-media-stream',
  '--use-fake-ui-for-media-stream',
  `--disable-features=${[
    // Each window of a whole browser keeps two pages for its address bar, which nobody sees here.
    'WebUIOmniboxPopup',
    'WebUIOmniboxAimPopup',
    'WebUIOmniboxFullPopup',
    'AiModeOmniboxEntryPoint',
    // What would ask the network for something, or hold a picture back.
    'HttpsUpgrades',
    'MediaRouter',
    'NetworkTimeServiceQuerying',
    'OptimizationHints',
    'PaintHolding',
    'PreconnectToSearch',
    // A process kept ready for an address that nobody will ask for.
    'SpareRendererForSitePerProcess',
  ].join(',')}`,
];

// One headless Chromium, on a new profile, for all tests of a worker: it ends with the worker.
const shared = globalThis as { kotabiBrowser?: Promise<Browser> };
const browser = (): Promise<Browser> => {
  shared.kotabiBrowser ??= chromium.launch({
    executablePath: findChromium() ?? '/usr/bin/chromium',
    headless: true,
    args: FLAGS,
  });
  return shared.kotabiBrowser;
};

export interface ContextWish {
  viewport?: { width: number; height: number };
  /** Moving figures cost a machine without a graphics card dearly: they move only where a test is about them. */
  moving?: boolean;
}

/** A browser context: nothing is kept in it, and nothing of it stays. */
export const openContext = async ({ viewport, moving }: ContextWish = {}): Promise<BrowserContext> =>
  (await browser()).newContext({
    viewport: viewport ?? { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'Europe/Lisbon',
    acceptDownloads: true,
    reducedMotion: moving ? 'no-preference' : 'reduce',
  });

/** Ends the browser, where a program has to end by itself. */
export const closeBrowser = async (): Promise<void> => {
  await (await shared.kotabiBrowser)?.close();
};
