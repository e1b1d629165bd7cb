import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Plugin, Rolldown } from 'vite';
import { LIBRARY, table } from './screens/table.ts';

type Bundle = Rolldown.OutputBundle;

/** Everything that a built file imports from the start, itself included: scripts and styles. */
const filesOf = (bundle: Bundle, name: string, seen = new Set<string>()): Set<string> => {
  const chunk = bundle[name];
  if (chunk?.type !== 'chunk' || seen.has(name)) return seen;
  seen.add(name);
  for (const style of chunk.viteMetadata?.importedCss ?? []) seen.add(style);
  for (const imported of chunk.imports) filesOf(bundle, imported, seen);
  return seen;
};

const link = (file: string): string =>
  file.endsWith('.css')
    ? `<link rel="stylesheet" crossorigin href="/${file}">`
    : `<link rel="modulepreload" crossorigin href="/${file}">`;
const readAhead = (address: string): string =>
  `<link rel="preload" as="fetch" crossorigin href="${address}">`;

/**
 * One page for each screen beside the common one. It names all files that the screen starts with and what it reads
 * first, so that the browser asks for them at once, before any script runs. `.vite/pages.json` says which page an
 * address has.
 */
export const pagesPlugin: Plugin = {
  name: 'pages',
  apply: 'build',
  writeBundle({ dir = '' }, bundle) {
    const common = readFileSync(join(dir, 'index.html'), 'utf8');
    const source = (file: string): string =>
      Object.values(bundle).find((one) => one.type === 'chunk' && one.facadeModuleId?.endsWith(file))
        ?.fileName ?? this.error(`${file} is not in what was built`);
    const library = Object.keys(bundle).find((name) => /library-[^/]*\.json$/.test(name));
    mkdirSync(join(dir, 'pages'), { recursive: true });
    const pages = table.map(({ path, file, reads }) => {
      const page = `pages/${path.slice(1).replace(/[/:]+/g, '-')}.html`;
      const files = filesOf(bundle, source(`/web/screens/${file}.tsx`));
      const addresses = reads
        .filter((read) => !read.includes(':'))
        .map((read) => (read === LIBRARY ? `/${library}` : read));
      const links = [
        ...[...files].filter((name) => !common.includes(name)).map(link),
        ...addresses.map(readAhead),
      ];
      writeFileSync(join(dir, page), common.replace('</head>', `${links.join('\n    ')}\n  </head>`));
      return [path, page] as const;
    });
    const byAddress = { '/': 'pages/breaks.html', ...Object.fromEntries(pages) };
    writeFileSync(join(dir, '.vite/pages.json'), JSON.stringify(byAddress, null, 2));
  },
};
