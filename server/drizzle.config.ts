// `npx drizzle-kit@0.31 generate` in this folder writes the next migration after a change of the schema. It is asked for so
// seldom that it is fetched then, and not with every installation.
export default { dialect: 'sqlite', schema: './db/schema.ts', out: './db/migrations' };
