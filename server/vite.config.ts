import { defineConfig } from 'vite';

// The server as one file and the work of its threads as another: what is installed beside them stays outside.
export default defineConfig({
  root: import.meta.dirname,
  logLevel: 'warn',
  build: {
    ssr: true,
    target: 'node20',
    outDir: 'dist',
    emptyOutDir: true,
    minify: false,
    rolldownOptions: {
      input: { main: `${import.meta.dirname}/main.ts`, tasks: `${import.meta.dirname}/pool/tasks.ts` },
      output: { entryFileNames: '[name].js' },
    },
  },
  // Packages of many small files, which take longer to find than to run, are put in as well.
  ssr: { noExternal: [/^@kotabi\//, /^drizzle-orm/, /^zod/, /^rate-limiter-flexible/] },
});
