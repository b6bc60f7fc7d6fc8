import { kindOf, name } from '../shape';

/**
 * Keys, a finger or a card at the device itself, judged on the spot by what it decides. `bell` is the state that is set
 * while its bell key is pressed; null where it has no such key.
 */
export const ownCodes = kindOf('ownCodes', { board: name, bell: name.nullable() });
