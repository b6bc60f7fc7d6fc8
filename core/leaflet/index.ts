export * from './token';
export * from './deeds';
export { readNotation, writeNotation, type Notated, type Shape } from './notation';
