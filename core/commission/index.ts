export * from './checkSheet';
