export * from './recommendUnlock';
