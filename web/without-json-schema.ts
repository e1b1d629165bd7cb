import { readFileSync } from 'node:fs';
import type { Plugin } from 'vite';

const FILE = /zod[\\/]v4[\\/]core[\\/](to-json-schema|json-schema-processors)\.js$/;
/** What such a file gives to the rest of the package. */
const GIVEN = /^export (?:const|function|class) (\w+)/gm;

/**
 * Every schema brings along how it is written down as a JSON Schema, 18 kB that each page would read; only the command
 * that writes our published formats does that, and never in a browser. Here it says so instead, should it be asked.
 */
export const withoutJsonSchema: Plugin = {
  name: 'without-json-schema',
  apply: 'build',
  load: (id) =>
    FILE.test(id)
      ? [
          "const none = () => { throw new Error('JSON Schemas are not written in the browser'); };",
          ...[...readFileSync(id, 'utf8').matchAll(GIVEN)].map(([, name]) => `export const ${name} = none;`),
        ].join('\n')
      : null,
};
