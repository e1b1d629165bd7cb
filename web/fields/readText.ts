/** How a file was written. */
export type Encoding = 'utf-8' | 'utf-16le' | 'utf-16be' | 'windows-1252';

/** So many bytes tell whether every other one is empty. */
const LOOKED_AT = 2000;

/** The share of empty bytes among those at even or at odd places. */
const empty = (bytes: Uint8Array, from: 0 | 1): number => {
  let none = 0;
  let all = 0;
  for (let at = from; at < Math.min(bytes.length, LOOKED_AT); at += 2) {
    all++;
    if (bytes[at] === 0) none++;
  }
  return all === 0 ? 0 : none / all;
};

const isUtf8 = (bytes: Uint8Array): boolean => {
  try {
    new TextDecoder('utf-8', { fatal: true }).decode(bytes);
    return true;
  } catch {
    return false; // the decoder's way of saying that it is something else
  }
};

/**
 * How a text was written: by its mark, by every other byte being empty, or by what it cannot be. What is neither Unicode
 * nor marked comes from an older spreadsheet program: Windows-1252, in which every byte means something.
 */
export const encodingOf = (bytes: Uint8Array): Encoding => {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return 'utf-16le';
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return 'utf-16be';
  if (empty(bytes, 1) > 0.4 && empty(bytes, 0) < 0.1) return 'utf-16le';
  if (empty(bytes, 0) > 0.4 && empty(bytes, 1) < 0.1) return 'utf-16be';
  return isUtf8(bytes) ? 'utf-8' : 'windows-1252';
};

/** The text of a file, however it was written. */
export const readText = async (file: Blob): Promise<string> => {
  const bytes = new Uint8Array(await file.arrayBuffer());
  return new TextDecoder(encodingOf(bytes)).decode(bytes);
};
