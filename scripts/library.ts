import { writeFileSync } from 'node:fs';
import { buildLibrary } from '@kotabi/core/moves';

// Works the moves out from their builders and keeps them as data; to be run after a move has been changed.
writeFileSync('core/library/library.json', `${JSON.stringify(buildLibrary())}\n`);
