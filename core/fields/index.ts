export type { Frozen } from './frozen';
export { addressId, innerId, line, lines, word } from './text';
export { above, between, whole } from './number';
export { card, code, colour, gauge, length } from './units';
export { date, DAY_MINUTES, span, weekdays } from './moments';
