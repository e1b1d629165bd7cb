import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';

/**
 * Script that has to arrive before a screen is shown, gzip, in kB: the entry, the screen, and everything these two
 * import from the start; what is loaded later (dialogs, charts, solver, workers) is not in it. Fails where a page is
 * heavier than what was reached by more than 3 %.
 */
const dist = join(import.meta.dirname, '../web/dist');
interface Chunk {
  file: string;
  imports?: string[];
  dynamicImports?: string[];
}
type Manifest = Record<string, Chunk>;
const manifestOf = (page: string): Manifest => JSON.parse(readFileSync(join(dist, '.vite', page), 'utf8'));

const reached = JSON.parse(readFileSync(join(import.meta.dirname, 'sizes.json'), 'utf8')) as Record<
  string,
  number
>;
/** More than this over what was reached is a step back. */
const NOISE = 1.03;

const closure = (manifest: Manifest, keys: readonly string[], seen = new Set<string>()): Set<string> => {
  for (const key of keys) {
    if (seen.has(key)) continue;
    seen.add(key);
    closure(manifest, manifest[key]?.imports ?? [], seen);
  }
  return seen;
};
const gzipped = new Map<string, number>();
const sizeOf = (file: string): number => {
  const known = gzipped.get(file);
  if (known !== undefined) return known;
  const size = gzipSync(readFileSync(join(dist, file)), { level: 9 }).length;
  gzipped.set(file, size);
  return size;
};

const views: Record<string, string[]> = {
  leading: ['lead.html'],
  desk: ['desk.html'],
  Breaks: ['index.html', 'screens/breaks/BreaksScreen.tsx'],
  Sheet: ['index.html', 'screens/break/BreakScreen.tsx'],
  Week: ['index.html', 'screens/week/WeekScreen.tsx'],
  People: ['index.html', 'screens/people/PeopleScreen.tsx'],
  Moves: ['index.html', 'screens/moves/MovesScreen.tsx'],
  Log: ['index.html', 'screens/log/LogScreen.tsx'],
};
let failed = false;
for (const [name, keys] of Object.entries(views)) {
  const manifest = manifestOf(keys[0]?.replace('.html', '.json') ?? '');
  for (const key of keys) if (!manifest[key]) throw new Error(`${key} is not in the manifest of the build`);
  const files = [...closure(manifest, keys)]
    .map((key) => manifest[key]?.file ?? '')
    .filter((f) => f.endsWith('.js'));
  const kB = [...new Set(files)].reduce((sum, file) => sum + sizeOf(file), 0) / 1000;
  const most = reached[name];
  const over = most !== undefined && kB > most * NOISE;
  failed ||= over;
  console.log(
    `first view ${name.padEnd(8)} ${kB.toFixed(1).padStart(6)} kB gzip` +
      (most === undefined
        ? ''
        : `, reached ${most} kB: ratio ${(kB / most).toFixed(3)}${over ? '  TOO HEAVY' : ''}`),
  );
  if (process.argv.includes('--files'))
    for (const f of [...new Set(files)].sort((a, b) => sizeOf(b) - sizeOf(a)).slice(0, 24))
      console.log(`    ${(sizeOf(f) / 1000).toFixed(1).padStart(6)} ${f}`);
}
process.exit(failed ? 1 : 0);
