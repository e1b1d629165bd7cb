/** Largest body that is read, in bytes; a break of 120 steps with its moves is well under 200 kB. */
export const BODY_LIMIT = 1_048_576;
