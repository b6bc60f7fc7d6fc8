import { kindOf, name } from '../shape';

/** A reader that sends its bits on two data lines: the outputs that pull them down. */
export const reader = kindOf('reader', { board: name, d0: name, d1: name });
