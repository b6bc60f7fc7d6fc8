export type { CheckItem, CheckTask, CheckUnit, Phase } from './checkItem';
export { checkSheet } from './checkSheet';
export { isStale, judgeReading, latestReadings, readingsOf } from './readings';
