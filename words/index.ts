export * from './findings/index';
export * from './situations';
export * from './brief';
export * from './problems';
export * from './checkTasks';
export * from './keypad';
export * from './bench';
export * from './edits';
