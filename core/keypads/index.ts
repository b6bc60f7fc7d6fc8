export * from './language';
export { findLanguage, LANGUAGES } from './library/index';
export { languageProblems, type LanguageProblem } from './languageProblems';
export { readNotation, writeNotation, type Notated, type Shape } from './notation';
export { AT_DOOR, passTime, press, switchOn, type Answer, type Keypad } from './keypad';
export { codeProblem, type CodeProblem } from './codeRules';
export { compileScript, type Script, type ScriptProblem, type ScriptStep } from './compileScript';
export * from './compareMemory';
export * from './target';
