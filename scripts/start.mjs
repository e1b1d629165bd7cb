import './node-version.mjs';
import { serve } from './serve.mjs';
import { build, install } from './setup.mjs';

// The application on the user's own database.
install();
build();
serve([]);
