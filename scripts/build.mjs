import './node-version.mjs';
import { buildAll, install } from './setup.mjs';

install();
await buildAll();
