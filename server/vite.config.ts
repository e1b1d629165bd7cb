import { defineConfig } from 'vite';

// The server as a program, the work of its threads, and its parts for whoever runs them in a program of their own.
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
      input: {
        main: `${import.meta.dirname}/main.ts`,
        tasks: `${import.meta.dirname}/pool/tasks.ts`,
        parts: `${import.meta.dirname}/parts.ts`,
      },
      output: { entryFileNames: '[name].js', chunkFileNames: '[name]-[hash].js' },
    },
  },
  // Packages are put in as well: their hundreds of small files take three times as long to find and to read as everything
  // else at a start. Outside stays what brings files of its own: for the machine, for threads, to solve with, letters.
  ssr: {
    noExternal: true,
    external: [
      'libsql',
      '@node-rs/argon2',
      'piscina',
      'highs',
      'pdfkit',
      '@expo-google-fonts/atkinson-hyperlegible-next',
    ],
  },
});
