import { fileURLToPath } from 'node:url';
import react from '@vitejs/plugin-react';
import { defineConfig, type Plugin, type UserConfig } from 'vite';
import { viteSingleFile } from 'vite-plugin-singlefile';
import { filesOfPage } from './desk/files.ts';
import { pagesPlugin } from './pages.ts';
import { componentStylesPlugin } from './theme/component-styles.ts';
import { withoutJsonSchema } from './without-json-schema.ts';
import { withoutNode } from './without-node.ts';

const ROUTER = new URL('../production/index.mjs', import.meta.resolve('react-router'));

/** In development the light pages have files of their own too, as the server gives them out when they are built. */
const leadPage: Plugin = {
  name: 'lead-page',
  configureServer(server) {
    server.middlewares.use((req, _res, next) => {
      const path = req.url?.split('?')[0] ?? '';
      if (/^\/me\/[^/.]+$/.test(path)) req.url = '/desk.html';
      else if (/^\/(lead\/[^/.]+(\/group)?|join\/[^/.]+|remote)$/.test(path)) req.url = '/lead.html';
      next();
    });
  },
};

// Cut by who needs what alone, a screen would start with fifty files, some of a few hundred bytes.
const groups = [
  { name: 'frame', tags: ['$initial' as const], priority: 2 },
  { name: 'icons', test: /lucide-react/, priority: 1 },
  // What nearly every screen and dialog needs of the component kit.
  { name: 'kit', test: /node_modules.(antd|@rc-component|@ant-design)./, minShareCount: 30 },
  { name: 'store', test: /node_modules.zustand/, priority: 1 },
  // What every screen with a break on it needs: how it is timed and what is said; and how it is kept.
  { name: 'timing', test: /core.(timing|cues|model.break)/, minShareCount: 2 },
  {
    name: 'document',
    test: /node_modules.immer|web.document.(document|useDocument|autosave|opened)\./,
    minShareCount: 2,
  },
];

/** The worker that keeps the page for the people at the desks, once that is built. */
const deskWorker = (): UserConfig => ({
  root: import.meta.dirname,
  publicDir: false,
  define: { FILES_OF_THE_PAGE: JSON.stringify(filesOfPage(`${import.meta.dirname}/dist`)) },
  build: {
    outDir: 'dist',
    emptyOutDir: false,
    rolldownOptions: {
      input: `${import.meta.dirname}/desk/worker.ts`,
      output: { entryFileNames: 'desk-worker.js', format: 'iife' },
    },
  },
});

/**
 * Four pages in one folder: the interface, in mode `lead` the page for leading, in mode `desk` the one for the people at
 * the desks, and in mode `one` a break by itself, in one file with everything in it. Apart from each other none has to
 * cut what they share into small files. The worker of the desks, `desk-worker`, comes after its page.
 */
export default defineConfig(({ mode }) => {
  if (mode === 'desk-worker') return deskWorker();
  const page = mode === 'lead' || mode === 'desk' || mode === 'one' ? mode : 'index';
  return {
    root: import.meta.dirname,
    // By itself the package gives every bundler its development build, with the warnings of one.
    resolve: {
      alias: [{ find: /^react-router$/, replacement: fileURLToPath(ROUTER) }],
    },
    plugins: [
      react(),
      leadPage,
      componentStylesPlugin,
      withoutJsonSchema,
      withoutNode,
      ...(page === 'index' ? [pagesPlugin] : page === 'one' ? [viteSingleFile()] : []),
    ],
    worker: { format: 'es', plugins: () => [withoutNode] },
    server: { port: 5180, proxy: { '/api': `http://127.0.0.1:${process.env.KOTABI_PORT ?? 4180}` } },
    build: {
      outDir: 'dist',
      emptyOutDir: page === 'index',
      manifest: `.vite/${page}.json`,
      // The frame of the interface is one file; how heavy a page may be is checked by bench/sizes.ts.
      chunkSizeWarningLimit: 800,
      rolldownOptions: {
        input: `${import.meta.dirname}/${page}.html`,
        output: { codeSplitting: { groups: page === 'index' ? groups : [] } },
      },
    },
  };
});
