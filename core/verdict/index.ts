export * from './doorVerdict';
