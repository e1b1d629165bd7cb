import { defineConfig } from 'drizzle-kit';

// `npx drizzle-kit generate` in this folder writes the next migration after a change of the schema.
export default defineConfig({ dialect: 'sqlite', schema: './db/schema.ts', out: './db/migrations' });
