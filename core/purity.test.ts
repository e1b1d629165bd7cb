import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';

const files = (dir: string): string[] =>
  readdirSync(dir, { withFileTypes: true }).flatMap((entry) => {
    const path = join(dir, entry.name);
    if (entry.isDirectory()) return ['node_modules', 'testing'].includes(entry.name) ? [] : files(path);
    return /\.ts$/.test(path) && !/\.test\.ts$/.test(path) ? [path] : [];
  });

const forbidden: [string, RegExp][] = [
  ['an interface, server or database package', /from '(react|react-dom|antd|express|drizzle-orm|@libsql)/],
  ['Node', /from '(node:|fs|path|os|crypto)/],
  ['the clock', /\bDate\.now\b|\bnew Date\(\)|\bperformance\.now\b|\bDateTime\.(now|local|utc)\(\)/],
  ['chance', /\bMath\.random\b|\brandomUUID\b|\bgetRandomValues\b/],
  ['timers', /\bset(Timeout|Interval)\b/],
  ['the document', /\bwindow\.|\bdocument\.|\blocalStorage\b/],
];

/** What a source text uses that the core must not. */
const offences = (source: string): string[] =>
  forbidden.filter(([, pattern]) => pattern.test(source)).map(([what]) => what);

describe('the core', () => {
  it.each(files(import.meta.dirname))('%s stands alone', (path) => {
    expect(offences(readFileSync(path, 'utf8'))).toEqual([]);
  });

  it('would notice', () => {
    const bad = "import { useState } from 'react'; const t = Date.now(); Math.random(); setTimeout(f, 1);";
    expect(offences(bad)).toHaveLength(4);
  });
});
