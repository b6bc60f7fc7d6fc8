export {
  parseAldaba,
  readAldaba,
  writeAldaba,
  type FileProblem,
  type ReadResult,
  type WriteOptions,
} from './aldabaFile';
export * from './aldabaSchema';
export { spiceDeck, type SpiceDeck } from './spiceDeck';
export { wiresCsv } from './wiresCsv';
export { loopsSvg, type LoopSvg } from './loopsSvg';
export { editSchema } from './editSchema';
export { readWireRows, type WireRow, type WireRowOutcome, type WireRows } from './wireRows';
export { asDeviceType, deviceTypeSchema } from './deviceTypeSchema';
