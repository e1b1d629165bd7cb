import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { published } from '../reference';
import { valuesInUse } from '.';

/** Constants that are no values of the trade: limits of a search, answers in words, an order, rounding. */
const TECHNICAL = new Set([
  'STAYS',
  'LATER',
  'SETS',
  'NEARLY',
  'FILL_LIMITS',
  'LED_LIMITS',
  'SUGGEST_LIMITS',
  'WEIGHT',
  'WORTH',
  'DOSES',
  'TRIES',
  'MOST_LINKS',
  'SAME',
  'STEP',
  'INSTEAD_DEPTH',
  'MOST_BEFORE',
  'MOST_CORRECTIONS',
  'ONE_SITTING_MS',
  'TEXT',
  'NOTE',
  'DAYS',
  // How far the search for portions looks, and how closely: the answer is proven whatever they are.
  'LEFT_SEC',
  'WHOLE_SHARE',
  'MOST_ROUNDS',
  'FAR_ROUNDS',
  'MUCH_WORK',
  'EASY',
  'MOST_PARTS',
  'NEARER',
  'CLOSELY',
  'NEARBY',
  'ROUNDING',
  'GLANCE_VISITS',
  'MOST_PORTIONS',
  'NEW_PORTIONS',
  'ROUNDS',
  'LITTLE',
  'CLOSE',
  'MOST_READY',
  'MOST_VISITS',
  'FEW_VISITS',
  'MOST_SETTLED',
  'FINE_SEC',
  'NONE',
]);
const CHOOSING = [
  'approach',
  'fill',
  'fit',
  'forms',
  'gather',
  'ledger',
  'measure',
  'needs',
  'propose',
  'record',
  'report',
  'review',
  'simulate',
  'stats',
  'suggest',
  'timing',
  'trends',
];
const core = join(import.meta.dirname, '..');

const files = (dir: string): string[] =>
  readdirSync(dir, { withFileTypes: true }).flatMap((entry) => {
    const path = join(dir, entry.name);
    if (entry.isDirectory()) return entry.name === 'corpus' || entry.name === 'golden' ? [] : files(path);
    return /\.ts$/.test(path) && !/\.test\.ts$/.test(path) ? [path] : [];
  });

/** Constants of a text that are numbers, or lists and tables that begin with one. */
const constantsIn = (source: string): string[] =>
  [...source.matchAll(/^(?:export )?const ([A-Z][A-Z_]+)\b[^=\n]*= (?:\[|\{\s*\w+: )?-?\.?\d/gm)].map(
    (m) => m[1] as string,
  );

describe('values in use', () => {
  it('name a place, a value and a source that is there, or none', () => {
    for (const v of valuesInUse) {
      expect(v.place && v.what && v.value, v.what).toBeTruthy();
      expect(v.value, v.what).not.toMatch(/undefined|NaN|object/);
      if (v.source !== null) expect(published[v.source].source.length).toBeGreaterThan(10);
    }
    expect(new Set(valuesInUse.map((v) => v.what)).size).toBe(valuesInUse.length);
  });

  it('list every published source at least once', () => {
    const used = new Set(valuesInUse.map((v) => v.source));
    for (const key of Object.keys(published)) expect(used, key).toContain(key);
  });

  it('are read from where the program works with them: every constant that weighs or judges is among them', () => {
    const listed = files(import.meta.dirname)
      .map((path) => readFileSync(path, 'utf8'))
      .join('\n');
    const constants = CHOOSING.flatMap((dir) => files(join(core, dir))).flatMap((path) =>
      constantsIn(readFileSync(path, 'utf8')).map((name) => [name, path] as const),
    );
    expect(constants.length).toBeGreaterThan(50);
    const missing = constants.filter(
      ([name]) => !TECHNICAL.has(name) && !new RegExp(`\\b${name}\\b`).test(listed),
    );
    expect(missing).toEqual([]);
  });

  it('would notice a constant that is not among them', () => {
    expect(
      constantsIn(
        'const A_LIMIT = 4;\nexport const MORE: readonly number[] = [1, 2];\nconst T = {\n  wide: 3,\n};',
      ),
    ).toEqual(['A_LIMIT', 'MORE']);
    expect(constantsIn('const T_X = {\n  wide: 3,\n};')).toEqual(['T_X']);
  });
});
