export * from './typeBench';
