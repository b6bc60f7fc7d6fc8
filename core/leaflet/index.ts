export * from './token';
export * from './screen';
export * from './deeds';
export { mustRead, readNotation, writeNotation, type Notated, type Shape } from './notation';
