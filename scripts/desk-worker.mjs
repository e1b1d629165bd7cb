import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { generateSW } from 'workbox-build';
import { root } from './setup.mjs';

// The worker that keeps the page of the people at the desks for when there is no connection: its files are kept as they were
// built, what it shows is asked for first and given from the copy where nobody answers.
const dist = join(root, 'web', 'dist');
const manifest = JSON.parse(readFileSync(join(dist, '.vite', 'desk.json'), 'utf8'));
const files = new Set(['desk.html', 'mark.svg']);
for (const { file, css = [], assets = [] } of Object.values(manifest))
  for (const name of [file, ...css, ...assets]) files.add(name);

const { count, size, warnings } = await generateSW({
  globDirectory: dist,
  globPatterns: [...files].filter((name) => /\.(js|css|html|svg|woff2)$/.test(name)),
  swDest: join(dist, 'desk-worker.js'),
  inlineWorkboxRuntime: true,
  sourcemap: false,
  skipWaiting: true,
  clientsClaim: true,
  cleanupOutdatedCaches: true,
  // Files carry a hash of what is in them in their names.
  dontCacheBustURLsMatching: /^assets\//,
  navigateFallback: '/desk.html',
  navigateFallbackAllowlist: [/^\/me\//],
});
for (const warning of warnings) console.warn(warning);
if (count === 0) throw new Error('nothing of the page is kept');
console.log(`The page for the desks is kept in ${count} files, ${Math.round(size / 1000)} kB.`);
