import { archiveJsonSchema } from './archive';
import { breakFileJsonSchema } from './break-file';
import { moveFileJsonSchema } from './move-file';
import { recordsFileJsonSchema } from './records';

/** The JSON Schema of each of our own file formats, by the name under which it is published in docs/formats. */
export const SCHEMAS: Readonly<Record<string, () => unknown>> = {
  archive: archiveJsonSchema,
  'break-file': breakFileJsonSchema,
  'move-file': moveFileJsonSchema,
  'records-file': recordsFileJsonSchema,
};
