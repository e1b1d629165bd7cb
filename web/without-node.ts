import type { Plugin } from 'vite';

/** The solver asks for this only where it runs in Node; in a browser it never comes to it. */
const ASKED = 'node:module';

/** What is Node's own is not there in a browser: known, so that the build need not warn of it every time. */
export const withoutNode: Plugin = {
  name: 'without-node',
  enforce: 'pre',
  resolveId: (id) => (id === ASKED ? `\0${ASKED}` : null),
  load: (id) => (id === `\0${ASKED}` ? 'export {};' : null),
};
