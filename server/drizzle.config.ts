// After a change of the schema, `npm install --no-save drizzle-kit@0.31` and then, in this folder, `npx drizzle-kit generate`
// writes the next migration. It is asked for so seldom that it is fetched then, and not with every installation.
export default { dialect: 'sqlite', schema: './db/schema.ts', out: './db/migrations' };
