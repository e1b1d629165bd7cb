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

export default defineConfig({
  root: import.meta.dirname,
  plugins: [react(), leadPage],
  worker: { format: 'es' },
  server: { port: 5180, proxy: { '/api': `http://127.0.0.1:${process.env.KOTABI_PORT ?? 4180}` } },
  build: {
    outDir: 'dist',
    emptyOutDir: true,
    manifest: true,
    rolldownOptions: { input: ['index.html', 'lead.html'].map((page) => `${import.meta.dirname}/${page}`) },
  },
});
