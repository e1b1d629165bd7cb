/** Path of a Chromium for the browser tests, or undefined. */
export function findChromium(): string | undefined;
