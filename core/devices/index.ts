export * from './parts';
export * from './deviceType';
export { LIBRARY, findType, typeOf } from './library/index';
export { resolveParam, settingValue } from './param';
