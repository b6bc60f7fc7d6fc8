export * from './recommendDeadState';
export * from './hardwareSets';
export * from './hardwareEdit';
