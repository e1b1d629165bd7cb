import { writeFileSync } from 'node:fs';
import { SCHEMAS } from '@kotabi/core/formats';

// Writes the JSON Schema of our own file formats into docs/formats, from the one source of their shape.
for (const [name, schema] of Object.entries(SCHEMAS))
  writeFileSync(`docs/formats/${name}.schema.json`, `${JSON.stringify(schema(), null, 2)}\n`);
