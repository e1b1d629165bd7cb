import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { OneBreak } from '@kotabi/core/model';
import { webDir } from './paths';

const escaped = (text: string): string => text.replace(/[&<>"']/g, (c) => `&#${c.charCodeAt(0)};`);

/** A break as one web page that needs no server: the built page with the break in it. */
export const breakPage = (one: OneBreak): string => {
  const page = readFileSync(join(webDir, 'one.html'), 'utf8');
  const data = JSON.stringify(one).replaceAll('<', '\\u003c');
  const end = page.lastIndexOf('</body>');
  const head = page
    .slice(0, end)
    .replace(/<title>[^<]*<\/title>/, () => `<title>${escaped(one.brk.brk.name)}</title>`);
  return `${head}<script type="application/json" id="break">${data}</script>${page.slice(end)}`;
};
