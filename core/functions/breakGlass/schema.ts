import { kindOf, name } from '../shape';

/** Broken or pressed in by anybody, and stays so until somebody resets it with a key. */
export const breakGlass = kindOf('breakGlass', { state: name });
