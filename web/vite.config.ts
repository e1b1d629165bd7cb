import react from '@vitejs/plugin-react';
import { defineConfig, type Plugin } from 'vite';

/** In development the leading page has its own file too, as the server gives it out when it is built. */
const leadPage: Plugin = {
  name: 'lead-page',
  configureServer(server) {
    server.middlewares.use((req, _res, next) => {
      if (req.url && /^\/lead\/[^/.]+$/.test(req.url.split('?')[0] ?? '')) req.url = '/lead.html';
      next();
    });
  },
};

/**
 * Two builds into one folder: the interface, and, in mode `lead`, the page for leading. Apart from each other neither
 * has to cut what both use into small files.
 */
export default defineConfig(({ mode }) => {
  const page = mode === 'lead' ? 'lead' : 'index';
  return {
    root: import.meta.dirname,
    plugins: [react(), leadPage],
    worker: { format: 'es' },
    server: { port: 5180, proxy: { '/api': `http://127.0.0.1:${process.env.KOTABI_PORT ?? 4180}` } },
    build: {
      outDir: 'dist',
      emptyOutDir: page === 'index',
      manifest: `.vite/${page}.json`,
      rolldownOptions: { input: `${import.meta.dirname}/${page}.html` },
    },
  };
});
