import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Plugin } from 'vite';
import { theme } from './tokens.ts';

const WEB = join(import.meta.dirname, '..');
const NAME = 'virtual:component-styles.css';
/** Where they would lie if they were written down: what reads them wants to know it. */
const FILE = join(WEB, 'theme', 'component-styles.css');

/** The names of the component kit that the interface imports, from its own source, in order of the alphabet. */
export const usedComponents = (): string[] => {
  const names = new Set<string>();
  for (const file of readdirSync(WEB, { recursive: true, encoding: 'utf8' })) {
    if (!file.endsWith('.tsx') || file.startsWith('node_modules')) continue;
    for (const [, list = ''] of readFileSync(join(WEB, file), 'utf8').matchAll(
      /import \{([^}]*)\} from 'antd'/g,
    ))
      for (const name of list.split(',').map((one) => one.trim().replace(/ as .*/, '')))
        if (name && !name.startsWith('type ')) names.add(name);
  }
  return [...names].sort();
};

/** What the kit says of every link on the page, not only of its own: ours look, and show their focus, otherwise. */
const BARE_LINKS = /(?<=^|\})a(?::[a-z-]+|\[disabled\])?(?:,a[^{,]*)*\{[^}]*\}/g;

/** The kit's values under names that only the writing of its styles had, 23 kB of them: nothing on a page is called so. */
const NOBODYS_VALUES = /(?<=^|\})\.css-var-_R_\w+(?:\.[\w-]+)*\{[^}]*\}/g;

/** The styles of those components in our theme, as one text of CSS. The kit is read only here: other pages are built without. */
export const componentStyles = async (): Promise<string> => {
  const [{ extractStyle }, { ConfigProvider }, { createElement }] = await Promise.all([
    import('@ant-design/static-style-extract'),
    import('antd'),
    import('react'),
  ]);
  return extractStyle({
    includes: usedComponents(),
    customTheme: (node) => createElement(ConfigProvider, { theme: { ...theme, zeroRuntime: false } }, node),
  })
    .replace(BARE_LINKS, '')
    .replace(NOBODYS_VALUES, '');
};

/**
 * The component kit writes its styles while the page runs, which cost a third of a second of every load. Here they
 * are written once, when the page is built; `zeroRuntime` in the theme tells the kit so.
 */
export const componentStylesPlugin: Plugin = {
  name: 'component-styles',
  resolveId: (id) => (id === NAME ? FILE : null),
  load: (id) => (id === FILE ? componentStyles() : null),
};
