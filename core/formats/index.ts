export { parseAldaba, readAldaba, type FileProblem, type ReadResult } from './aldaba/readAldaba';
export { writeAldaba, type AldabaFile, type WriteOptions } from './aldaba/writeAldaba';
export { fileSchema } from './aldaba/fileSchema';
export type { ReadNote } from './aldaba/differences';
export { spiceDeck, type SpiceDeck } from './spice/spiceDeck';
export { wiresCsv } from './table/wiresCsv';
export { readWireRows, type WireRow, type WireRowOutcome, type WireRows } from './table/wireRows';
export { readDoorRows, type DoorRow, type DoorRowFault } from './table/doorRows';
export { loopsSvg, type LoopSvg } from './svg/loopsSvg';
