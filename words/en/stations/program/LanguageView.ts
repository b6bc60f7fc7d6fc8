import { messages } from '../../../messages';

export const say = messages({
  codes: 'Codes',
  digits: (lengthText: string) => `${lengthText} digits`,
  programmingCode: 'Programming code',
  digitsWhenNew: (lengthText: string, factoryCode: string) => `${lengthText} digits, ${factoryCode} when new`,
  itsMenu: 'Its menu',
  openAnybodyUntilSomebody:
    'is open to anybody until there is an administrator, and only to administrators from then on',
  holds: 'Holds',
  slotsTo: (padStart: string, padStart2: string) => `slots ${padStart} to ${padStart2}`,
  aListOf: (capacity: number) => `a list of ${capacity}`,
  silence: 'Silence',
  sThen: (timeoutMs: number, isLine: boolean) =>
    `${timeoutMs} s, then ${isLine ? 'the unfinished line is lost' : 'all since programming began is lost'}`,
  wrongCodes: 'Wrong codes',
  rowThenLockedS: (tries: number, ms: number) => `${tries} in a row, then locked for ${ms} s`,
  aCode: 'A code',
  keptForItself: 'Kept for itself',
  howIsProgrammed: (tag: string) => `How ${tag} is programmed`,
  describedSiteVersionChanged: (version: number) =>
    `Described for this site, version ${version}. It is changed at Types, Keypad languages.`,
  comesAldabaInventedKeypad:
    'Comes with Aldaba, and is invented. A keypad of another make is described at Types, Keypad languages, from its leaflet.',
  whatIsKeyedForWhat: 'What is keyed for what',
  what: 'What',
  keys: 'Keys',
  itAnswers: 'It answers',
  aCodeAtTheDoor: 'A code at the door',
  into: (pathOf: string) => `Into “${pathOf}”`,
  into2: (mode: string) => `Into ${mode}`,
  asAnAdministrator: (way: string) => `as an administrator ${way}`,
  output: (output: number) => `output ${output}`,
  staysUntilGivenAgain: 'stays until it is given again',
  outOf: (mode: string) => `Out of ${mode}`,
});
