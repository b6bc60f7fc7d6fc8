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
