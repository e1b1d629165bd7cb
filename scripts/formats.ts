import { writeFileSync } from 'node:fs';
import { archiveJsonSchema, breakFileJsonSchema, moveFileJsonSchema } from '@kotabi/core/formats';

// Writes the JSON Schema of our own file formats into docs/formats, from the one source of their shape.
writeFileSync('docs/formats/break-file.schema.json', `${JSON.stringify(breakFileJsonSchema(), null, 2)}\n`);
writeFileSync('docs/formats/move-file.schema.json', `${JSON.stringify(moveFileJsonSchema(), null, 2)}\n`);
writeFileSync('docs/formats/archive.schema.json', `${JSON.stringify(archiveJsonSchema(), null, 2)}\n`);
