import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';

/**
 * What the page for the people at the desks is made of, as it was built: what its worker keeps. Files with a hash in
 * their name are told apart by it, the others by what is in them. For the build only.
 *
 * @param dist Where the page was built, its manifest included.
 */
export const filesOfPage = (dist: string): { url: string; revision: string | null }[] => {
  const manifest: Record<string, { file: string; css?: string[]; assets?: string[] }> = JSON.parse(
    readFileSync(join(dist, '.vite', 'desk.json'), 'utf8'),
  );
  const built = Object.values(manifest).flatMap(({ file, css = [], assets = [] }) => [
    file,
    ...css,
    ...assets,
  ]);
  return [...new Set(['desk.html', 'mark.svg', ...built])]
    .filter((name) => /\.(js|css|html|svg|woff2)$/.test(name))
    .map((name) => ({
      url: `/${name}`,
      revision: name.startsWith('assets/')
        ? null
        : createHash('sha256')
            .update(readFileSync(join(dist, name)))
            .digest('hex')
            .slice(0, 16),
    }));
};
