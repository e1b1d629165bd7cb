import { createClient } from '@libsql/client';

// Takes the write lock of a database from a process of its own, and lets go when it is told a line, or after some ms.
const [file, ms] = process.argv.slice(2);
const client = createClient({ url: `file:${file}` });
await client.execute('PRAGMA busy_timeout = 10000');
const held = await client.transaction('write');
console.log('held');
setTimeout(async () => {
  await held.rollback();
  client.close();
}, Number(ms));
