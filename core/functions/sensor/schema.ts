import { kindOf, name } from '../shape';

/** A contact while it sees a hand or somebody who moves, for as long as its board is fed. */
export const sensor = kindOf('sensor', { state: name, board: name });
