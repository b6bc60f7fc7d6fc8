export * from './recommendUnlock';
export * from './measureRelease';
