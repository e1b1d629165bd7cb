import { describe, expect, it } from 'vitest';
import { screenAt, screens } from './screens';

describe('the screens', () => {
  it('are each found at their own address, with what they read', () => {
    for (const { path } of screens) {
      const address = path.replace(/:\w+/g, 'some-one');
      const found = screenAt(address);
      expect(found?.path, address).toBe(path);
      expect(found?.reads.join(' '), address).not.toContain(':');
    }
    expect(screenAt('/breaks/late-morning')?.reads[0]).toBe('/api/breaks/late-morning');
  });

  it('are named outright before they are by a parameter, and nothing is found elsewhere', () => {
    expect(screenAt('/moves/new')?.path).toBe('/moves/new');
    expect(screenAt('/nowhere')).toBeNull();
    expect(screenAt('/')).toBeNull();
  });
});
