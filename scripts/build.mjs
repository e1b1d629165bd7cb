import './node-version.mjs';
import { build, install } from './setup.mjs';

install();
build();
