import { readdirSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { screenAt, table } from './table';

describe('the screens', () => {
  it('are each found at their own address, with what they read', () => {
    for (const { path } of table) {
      const address = path.replace(/:\w+/g, 'some-one');
      const found = screenAt(address);
      expect(found?.row.path, address).toBe(path);
      expect(found?.reads.join(' '), address).not.toContain(':');
    }
    expect(screenAt('/breaks/late-morning')?.reads[0]).toBe('/api/breaks/late-morning');
  });

  it('are named outright before they are by a parameter, and nothing is found elsewhere', () => {
    expect(screenAt('/moves/new')?.row.path).toBe('/moves/new');
    expect(screenAt('/nowhere')).toBeNull();
    expect(screenAt('/')).toBeNull();
  });

  it('are the files of this folder, every one', () => {
    const files = readdirSync(import.meta.dirname, { recursive: true, encoding: 'utf8' });
    expect([...new Set(table.map(({ file }) => `${file}.tsx`))].sort()).toEqual(
      files.filter((file) => file.endsWith('Screen.tsx')).sort(),
    );
  });
});
