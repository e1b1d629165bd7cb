import { randomBytes } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';
import { entropyToMnemonic, mnemonicToEntropy } from '@scure/bip39';
import { wordlist } from '@scure/bip39/wordlists/english.js';

/** A key file or recovery words that cannot be used. */
export class BadKey extends Error {}

const BYTES = 32;

/** A key as 24 words that can be written down and typed again; the last one tells slips (BIP-39). */
export const wordsOf = (key: Uint8Array): string => entropyToMnemonic(key, wordlist);

/** The key of its words. Throws `BadKey` where one of them is none, or they do not belong together. */
export const keyOfWords = (words: string): Uint8Array => {
  const list = words.trim().toLowerCase().split(/\s+/);
  if (list.length !== 24) throw new BadKey(`The recovery words are 24; these are ${list.length}.`);
  const unknown = list.findIndex((word) => !wordlist.includes(word));
  if (unknown >= 0)
    throw new BadKey(`Word ${unknown + 1}, "${list[unknown]}", is none of the recovery words.`);
  try {
    return mnemonicToEntropy(list.join(' '), wordlist);
  } catch (error) {
    throw new BadKey('These words do not belong together: one is wrong, or two changed places.', {
      cause: error,
    });
  }
};

/** The key in a file; null where there is no such file. Throws `BadKey` for a file that holds none. */
export const readKey = (file: string): Uint8Array | null => {
  if (!existsSync(file)) return null;
  const key = Buffer.from(readFileSync(file, 'utf8').trim(), 'base64');
  if (key.length !== BYTES) throw new BadKey(`${file} holds no key of Kotabi.`);
  return key;
};

/** Writes a key where only this user of the machine can read it. The file is whole or not there. */
export const writeKey = (file: string, key: Uint8Array): void => {
  mkdirSync(dirname(file), { recursive: true, mode: 0o700 });
  writeFileSync(`${file}.part`, `${Buffer.from(key).toString('base64')}\n`, { mode: 0o600 });
  renameSync(`${file}.part`, file);
};

export const newKey = (): Uint8Array => randomBytes(BYTES);

/** Puts a key that was made from its words into its file. Throws `BadKey` where another one is there already. */
export const bringKey = (file: string, key: Uint8Array): void => {
  const there = readKey(file);
  if (there && Buffer.compare(there, key) !== 0)
    throw new BadKey(`There is another key in ${file} already. Move it away first; it was not changed.`);
  writeKey(file, key);
};
