import { once } from 'node:events';
import { createClient } from '@libsql/client';

// Takes the write lock of a database from a process of its own, and lets go when its input ends.
const [file] = process.argv.slice(2);
const client = createClient({ url: `file:${file}` });
await client.execute('PRAGMA busy_timeout = 10000');
const held = await client.transaction('write');
console.log('held');
process.stdin.resume();
await once(process.stdin, 'end');
await held.rollback();
client.close();
