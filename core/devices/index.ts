export * from './parts';
export * from './deviceType';
export { LIBRARY, findType } from './library/index';
export { resolveParam, settingValue } from './param';
export { presentParts } from './presentParts';
export { resolveLock, type ResolvedLock } from './lockMode';
export { BUS_UNIT_LOADS, INTERFACES, type InterfaceId } from './interfaces';
export { SYMBOL_IDS, SYMBOLS, type SymbolId } from './symbols';
export { typeProblems, type TypeProblem } from './typeProblems';
