export * from './timing';
