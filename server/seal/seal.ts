import { createCipheriv, createDecipheriv, createHash, hkdfSync, randomBytes } from 'node:crypto';

/** Bytes of a key, of the number used once, and of the mark that nothing was changed (AES-256-GCM, NIST SP 800-38D). */
const KEY = 32;
const ONCE = 12;
const MARK = 16;
const FORM = 'k1';

/** Something that was sealed with another key, or changed since. */
export class WrongSeal extends Error {}

/** What stands in a row instead of what is in it. */
export interface Sealed {
  sealed: string;
}
export const isSealed = (data: unknown): data is Sealed =>
  typeof (data as Partial<Sealed> | null)?.sealed === 'string';

/** A short name of a key, by which one sees with which one something was sealed. It gives nothing of the key away. */
export const nameOfKey = (key: Uint8Array): string =>
  createHash('sha256').update('kotabi key').update(key).digest('hex').slice(0, 12);

/** The name of the key with which something was sealed; null where it is not sealed. */
export const keyNameIn = (data: unknown): string | null =>
  isSealed(data) ? (data.sealed.split('.')[1] ?? '') : null;

/** What a thing is called in its seal: a row put in the place of another one does not open. */
export const sealName = (kind: string, id: string): string => `${kind}:${id}`;

/**
 * Seals what is about people's health before it is kept, so that the file and its backups show nothing of it, and opens
 * it again. Each seal is bound to what it stands for: it does not open in the place of another one.
 */
export class Seal {
  readonly keyName: string;

  /** Throws `RangeError` unless the key has 32 bytes. */
  constructor(private readonly key: Uint8Array) {
    if (key.length !== KEY) throw new RangeError(`a key has ${KEY} bytes, not ${key.length}`);
    this.keyName = nameOfKey(key);
  }

  /** A secret for another purpose, from which the key cannot be found out. */
  secretFor(purpose: string): string {
    return Buffer.from(hkdfSync('sha256', this.key, '', `kotabi ${purpose}`, KEY)).toString('base64url');
  }

  /** Seals a value that is kept as JSON, for the thing of this name. */
  close(value: unknown, name: string): Sealed {
    const once = randomBytes(ONCE);
    const cipher = createCipheriv('aes-256-gcm', this.key, once).setAAD(Buffer.from(name));
    const text = Buffer.concat([cipher.update(JSON.stringify(value), 'utf8'), cipher.final()]);
    const body = Buffer.concat([once, cipher.getAuthTag(), text]).toString('base64url');
    return { sealed: `${FORM}.${this.keyName}.${body}` };
  }

  /** Opens what was sealed for the thing of this name. Throws `WrongSeal` for another key, another thing, or a change. */
  open({ sealed }: Sealed, name: string): unknown {
    const [form, keyName, body = ''] = sealed.split('.');
    if (form !== FORM || keyName !== this.keyName)
      throw new WrongSeal(`${name} was sealed with the key ${keyName}, not ${this.keyName}`);
    const bytes = Buffer.from(body, 'base64url');
    try {
      const decipher = createDecipheriv('aes-256-gcm', this.key, bytes.subarray(0, ONCE), {
        authTagLength: MARK,
      })
        .setAAD(Buffer.from(name))
        .setAuthTag(bytes.subarray(ONCE, ONCE + MARK));
      return JSON.parse(
        Buffer.concat([decipher.update(bytes.subarray(ONCE + MARK)), decipher.final()]).toString('utf8'),
      );
    } catch (error) {
      throw new WrongSeal(`${name} was changed since it was sealed`, { cause: error });
    }
  }
}
