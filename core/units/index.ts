export * from './quantities';
export * from './gauge';
export * from './colours';
export * from './format';
export * from './cables';
export { carried, SHELF_SIZES, sizesFor, type MeasureSystem } from './sizes';
export { formatInches } from './formatInches';
export { decimalOf, readNumber, type DecimalSign, type NumberFault } from './readNumber';
export { readQuantity, type Asked, type QuantityFault, type QuantityResult } from './readQuantity';
