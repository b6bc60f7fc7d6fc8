import { build } from './prepare.mjs';

/** `npm run build`: builds whether it is needed or not, and notes when. */
build();
