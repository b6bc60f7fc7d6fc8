import { buildIfNeeded, install } from './prepare.mjs';
import { serve } from './serve.mjs';

/** `npm start`: starts on the data that is there, or on an empty site. */
install();
buildIfNeeded();
await serve();
