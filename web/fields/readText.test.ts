import { describe, expect, it } from 'vitest';
import { encodingOf, readText } from './readText';

const TEXT = 'name;note\nJoão Færøy;Łódź “quiet” € 5\n';
const utf16 = (text: string, little: boolean, mark: boolean): Uint8Array<ArrayBuffer> => {
  const units = [...(mark ? '\uFEFF' : '')].concat([...text]).join('');
  const bytes = new Uint8Array(units.length * 2);
  for (let i = 0; i < units.length; i++) {
    const unit = units.charCodeAt(i);
    bytes[2 * i + (little ? 0 : 1)] = unit & 255;
    bytes[2 * i + (little ? 1 : 0)] = unit >> 8;
  }
  return bytes;
};

describe('the text of a file', () => {
  it.each([
    ['utf-8', new TextEncoder().encode(TEXT)],
    ['utf-8', new TextEncoder().encode(`\uFEFF${TEXT}`)],
    ['utf-16le', utf16(TEXT, true, true)],
    ['utf-16le', utf16(TEXT, true, false)],
    ['utf-16be', utf16(TEXT, false, true)],
    ['utf-16be', utf16(TEXT, false, false)],
  ] as const)('is read in %s', async (encoding, bytes) => {
    expect(encodingOf(bytes)).toBe(encoding);
    expect(await readText(new Blob([bytes]))).toBe(TEXT);
  });

  it('is read as older spreadsheets write it', async () => {
    // "João;é;ø" in Windows-1252. (Node 20 reads its 0x80 to 0x9f as control characters; browsers do not.)
    const bytes = new Uint8Array([0x4a, 0x6f, 0xe3, 0x6f, 0x3b, 0xe9, 0x3b, 0xf8]);
    expect(encodingOf(bytes)).toBe('windows-1252');
    expect(await readText(new Blob([bytes]))).toBe('João;é;ø');
  });

  it('may be empty', async () => {
    expect(await readText(new Blob([]))).toBe('');
  });
});
