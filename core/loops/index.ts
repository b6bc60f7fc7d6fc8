export * from './loop';
export { traceLoops } from './traceLoops';
export { findWay, wireGraph } from './wireGraph';
export { loopWords, type LoopWord } from './loopWords';
