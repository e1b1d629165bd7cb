import { writeFileSync } from 'node:fs';
import { breakFileJsonSchema } from '@kotabi/core/formats';

// Writes the JSON Schema of our own file formats into docs/formats, from the one source of their shape.
writeFileSync('docs/formats/break-file.schema.json', `${JSON.stringify(breakFileJsonSchema(), null, 2)}\n`);
