/** The part of the library for sealed HTTP bodies (RFC 8188, RFC 8291) that the stand-in uses; it ships no types. */
declare module 'http_ece' {
  import type { ECDH } from 'node:crypto';

  export const decrypt: (
    body: Buffer,
    options: { version: 'aes128gcm'; privateKey: ECDH; authSecret: string },
  ) => Buffer;
}
