import { readFileSync } from 'node:fs';
import type { Page } from 'playwright-core';
import { describe, expect, it } from 'vitest';
import { useApp } from './fixture';

const fixture = useApp({ demo: true, story: true });

/** A WAV file as two rows of numbers from -1 to 1. */
const readWav = (file: string) => {
  const bytes = readFileSync(file);
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const text = (at: number): string => bytes.toString('latin1', at, at + 4);
  expect([text(0), text(8)]).toEqual(['RIFF', 'WAVE']);
  const [channels, rate, bits] = [
    view.getUint16(22, true),
    view.getUint32(24, true),
    view.getUint16(34, true),
  ];
  expect([channels, bits]).toEqual([2, 16]);
  const frames = Math.floor((bytes.length - 44) / 4);
  const side = (offset: number) =>
    Float32Array.from({ length: frames }, (_, i) => view.getInt16(44 + i * 4 + offset, true) / 32768);
  return { rate, left: side(0), right: side(2) };
};
type Wav = ReturnType<typeof readWav>;

/** Loudness of a stretch: root of the mean square. */
const loud = (row: Float32Array, rate: number, fromSec: number, toSec: number): number => {
  const part = row.subarray(Math.round(fromSec * rate), Math.round(toSec * rate));
  return Math.sqrt(part.reduce((sum, v) => sum + v * v, 0) / Math.max(1, part.length));
};
/** Pitch of a stretch in Hz, by how often it crosses zero. */
const pitch = (row: Float32Array, rate: number, fromSec: number, toSec: number): number => {
  const part = row.subarray(Math.round(fromSec * rate), Math.round(toSec * rate));
  let crossings = 0;
  for (let i = 1; i < part.length; i++) if (part[i - 1]! < 0 !== part[i]! < 0) crossings++;
  return crossings / 2 / (part.length / rate);
};
/** The moment at which something begins to be heard after a moment, seconds. */
const onset = ({ left, right, rate }: Wav, afterSec: number): number => {
  const step = 0.002;
  for (let t = afterSec; t < afterSec + 3; t += step)
    if (Math.max(loud(left, rate, t, t + step), loud(right, rate, t, t + step)) > 0.004) return t;
  return Number.POSITIVE_INFINITY;
};

/** Lets a page sound with only some kinds of sounds, from its first moment. */
const only = (page: Page, on: readonly string[]): Promise<unknown> =>
  page.addInitScript((channels) => {
    const channel = (name: string) => ({ on: channels.includes(name), volume: 0.8 });
    const voice = { ...channel('voice'), name: '', rate: 1 };
    const wishes = {
      breath: channel('breath'),
      signals: channel('signals'),
      counts: channel('counts'),
      voice,
    };
    localStorage.setItem('kotabi.sound', JSON.stringify(wishes));
  }, on);

/** The sounds of a break as a file, with only some kinds of them. */
const render = async (on: readonly string[]): Promise<Wav> => {
  const page = await fixture.open('/lead/between-meetings', async (p) => void (await only(p, on)));
  const [download] = await Promise.all([
    page.waitForEvent('download', { timeout: 60_000 }),
    page.getByRole('button', { name: 'Save as a file' }).click(),
  ]);
  const file = await download.path();
  const wav = readWav(file);
  await page.close();
  return wav;
};

// Two minutes between meetings: sit tall 9 + 10 + 2, lift and drop 6.5 + 40 + 2, over the shoulder 6.5 + 16 + 2,
// arms up 6 + 10 + 2: 112 s after a count-in of 3 s.
const COUNT_IN = 3;

describe('what is heard', () => {
  it('signals begin at their moments to a hundredth of a second, left ones left and right ones right', async () => {
    const wav = await render(['signals']);
    const { left, right, rate } = wav;
    // Start, next steps, the end; and looking over the shoulder: left, right, left, right each 4 s.
    const steps = [0, 21, 21 + 48.5, 21 + 48.5 + 24.5, 112].map((s) => COUNT_IN + s);
    for (const at of steps) expect(Math.abs(onset(wav, at - 0.3) - at), `step at ${at}`).toBeLessThan(0.02);
    const looks = COUNT_IN + 21 + 48.5 + 6.5;
    for (const [i, side] of ['right', 'left', 'right'].entries()) {
      const at = looks + 4 * (i + 1);
      expect(Math.abs(onset(wav, at - 0.3) - at), `side at ${at}`).toBeLessThan(0.02);
      const [l, r] = [loud(left, rate, at, at + 0.3), loud(right, rate, at, at + 0.3)];
      expect(side === 'left' ? l / r : r / l).toBeGreaterThan(3);
    }
    // The start is heard in the middle: nobody turns to a side for it.
    const start = COUNT_IN + 0.3;
    expect(loud(left, rate, COUNT_IN, start) / loud(right, rate, COUNT_IN, start)).toBeCloseTo(1, 1);
    // Quiet in between, and after the end has rung out.
    expect(loud(left, rate, COUNT_IN + 3, COUNT_IN + 8)).toBeLessThan(0.001);
  });

  it('the breath rises while it goes in and falls while it goes out', async () => {
    const { left, rate } = await render(['breath']);
    const rising = (from: number, to: number): number =>
      pitch(left, rate, to - 0.8, to - 0.3) - pitch(left, rate, from + 0.3, from + 0.8);
    // Sit tall: one breath of 10 s, 4 in and 6 out, after words of 9 s.
    const sit = COUNT_IN + 9;
    expect(rising(sit, sit + 4)).toBeGreaterThan(40);
    expect(rising(sit + 4, sit + 10)).toBeLessThan(-40);
    // Silent where no breath is led.
    expect(loud(left, rate, COUNT_IN + 1, sit - 0.1)).toBeLessThan(0.001);
  });

  it('counts the last three', async () => {
    const { left, rate } = await render(['counts']);
    for (const at of [0, 1, 2]) expect(loud(left, rate, at, at + 0.08)).toBeGreaterThan(0.02);
    expect(loud(left, rate, 0.2, 0.9)).toBeLessThan(0.001);
  });
});

describe('a voice', () => {
  /** A browser with a voice, which writes down what it said and when, and takes its time. */
  const withVoice = (): void => {
    const said: { text: string; at: number; until: number | null }[] = [];
    Object.assign(window, { said });
    class Utterance {
      onend: (() => void) | null = null;
      onerror: (() => void) | null = null;
      rate = 1;
      constructor(readonly text: string) {}
    }
    let timer = 0;
    Object.assign(window, { SpeechSynthesisUtterance: Utterance });
    Object.defineProperty(window, 'speechSynthesis', {
      value: {
        getVoices: () => [{ name: 'Test voice', lang: 'en-GB' }],
        addEventListener: () => {},
        removeEventListener: () => {},
        speak: (u: Utterance) => {
          const one = { text: u.text, at: performance.now(), until: null as number | null };
          said.push(one);
          const ms = (u.text.split(' ').length * 60_000) / (170 * u.rate);
          timer = window.setTimeout(() => {
            one.until = performance.now();
            u.onend?.();
          }, ms);
        },
        cancel: () => {
          window.clearTimeout(timer);
          const last = said.at(-1);
          if (last && last.until === null) last.until = performance.now();
        },
      },
    });
  };
  type Said = { text: string; at: number; until: number | null }[];
  const heard = (page: Page) => page.evaluate(() => (window as unknown as { said: Said }).said);

  it('says the lines one after the other, never over another, and nothing after stop', async () => {
    const page = await fixture.open('/lead/between-meetings', async (p) => {
      await p.addInitScript(withVoice);
      await p.clock.install({ time: new Date('2026-11-26T09:00:00Z') });
      await only(p, ['voice', 'signals']);
    });
    await page.getByRole('button', { name: 'Start', exact: true }).click();
    for (let i = 0; i < 75; i++) await page.clock.runFor(1000);
    const lines = await heard(page);
    expect(lines.length).toBeGreaterThan(8);
    for (const [i, line] of lines.entries())
      if (i > 0) expect(line.at).toBeGreaterThanOrEqual(lines[i - 1]!.until ?? Number.POSITIVE_INFINITY);
    expect(lines[0]!.text).toMatch(/feet flat/);
    await page.keyboard.press('Escape');
    await page.clock.runFor(100);
    await page.getByRole('button', { name: 'Stop and keep the record' }).click();
    const then = (await heard(page)).length;
    await page.clock.runFor(20_000);
    expect((await heard(page)).length).toBe(then);
    await page.close();
  });

  it('that is not there is said to be missing, and the signals remain', async () => {
    const page = await fixture.open('/lead/between-meetings');
    await page.getByText('this browser has no voice; the signals remain').waitFor();
    expect(await page.getByRole('switch', { name: /^Voice/ }).isDisabled()).toBe(true);
    await page.close();
  });

  it('silence with closed eyes: its end is only promised to be heard where something sounds', async () => {
    const page = await fixture.open('/lead/full-pass');
    await page.getByRole('switch', { name: /^Signals/ }).waitFor();
    const warned = page.getByText('nothing sounds by itself');
    const silent = (await page.getByText(/eyes/i).count()) > 0;
    expect(await warned.count()).toBe(0);
    await page.getByRole('switch', { name: /^Signals/ }).uncheck();
    await expect.poll(() => warned.count()).toBe(silent ? 1 : 0);
    await page.close();
  });

  it('of one’s own is recorded line by line, heard at its moments, and gives the break its pace', async () => {
    const page = await fixture.open('/lead/between-meetings', async (p) => {
      await p.context().grantPermissions(['microphone']);
      // What is played, and whether anything else was still playing then.
      await p.addInitScript(() => {
        const played: string[] = [];
        Object.assign(window, { played });
        const play = HTMLMediaElement.prototype.play;
        HTMLMediaElement.prototype.play = function () {
          played.push(this.src);
          return play.call(this);
        };
      });
    });
    await page.getByRole('button', { name: 'Your own voice' }).click();
    const panel = page.getByLabel('Your own voice');
    for (let i = 0; i < 7; i++) {
      await panel.getByRole('button', { name: 'Record' }).first().click();
      await panel.getByRole('button', { name: 'Done' }).waitFor();
      await page.waitForTimeout(1500);
      await panel.getByRole('button', { name: 'Done' }).click();
      await panel.getByText(new RegExp(`^${i + 1} of`)).waitFor();
    }
    await panel.getByRole('button', { name: /^Take \d+ as its pace$/ }).click();
    await panel.getByText('It is the pace of the break now.').waitFor();
    await panel.getByRole('button', { name: 'Close' }).click();
    const { value } = await (await fetch(`${fixture.app.url}/api/breaks/between-meetings`)).json();
    expect(value.pace.wordsPerMinute).not.toBe(140);
    const lines = (await (await fetch(`${fixture.app.url}/api/voice`)).json()) as {
      id: string;
      text: string;
    }[];
    expect(lines.length).toBe(7);
    await page.getByText('says the lines you have recorded').waitFor();
    await page.getByRole('switch', { name: /^Voice/ }).check();
    await page.getByRole('button', { name: 'Start', exact: true }).click();
    const first = lines.find((l) => l.text.includes('feet flat'));
    await expect
      .poll(() => page.evaluate(() => (window as unknown as { played: string[] }).played.at(-1) ?? ''))
      .toContain(first?.id ?? 'a recorded line');
    await page.close();
  });
});
