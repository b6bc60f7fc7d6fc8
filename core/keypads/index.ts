export * from './language';
export { findLanguage, LANGUAGES } from './languages';
export { passTime, press, switchOn, type Answer, type Keypad } from './keypad';
export { codeProblem, type CodeProblem } from './codeRules';
export * from './compileScript';
export * from './compareMemory';
