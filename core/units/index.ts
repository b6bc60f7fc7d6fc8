export * from './quantities';
export * from './gauge';
export * from './colours';
export * from './format';
export * from './cables';
