import { kindOf, name } from '../shape';

/** Follows its leaf. */
export const doorContact = kindOf('doorContact', { state: name });
