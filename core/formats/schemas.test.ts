import { readdirSync, readFileSync } from 'node:fs';
import Ajv from 'ajv/dist/2020';
import { describe, expect, it } from 'vitest';
import { SCHEMAS } from './schemas';

const PUBLISHED = 'docs/formats';

describe('the published shapes of our files', () => {
  it('are all there, and nothing else', () => {
    const files = readdirSync(PUBLISHED).filter((name) => name.endsWith('.schema.json'));
    expect(files.sort()).toEqual(
      Object.keys(SCHEMAS)
        .map((name) => `${name}.schema.json`)
        .sort(),
    );
  });

  it.each(Object.entries(SCHEMAS))('%s is what the program keeps to', (name, schema) => {
    const published = JSON.parse(readFileSync(`${PUBLISHED}/${name}.schema.json`, 'utf8'));
    expect(published).toEqual(JSON.parse(JSON.stringify(schema())));
    // Another library makes sense of it, and refuses what is no such file.
    const validate = new Ajv({ strict: false, validateFormats: false }).compile(published);
    expect(validate({ format: 'something else' })).toBe(false);
  });
});
