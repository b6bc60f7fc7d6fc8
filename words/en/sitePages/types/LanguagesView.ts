import { messages } from '../../../messages';

export const say = messages({
  version: (name: string, version: number) => `${name}, version ${version}`,
  beginOneLibrary: 'Begin with one of the library',
  own: (language: string) => `${language}, own`,
  readALanguageFromJson: 'Read a language from JSON',
  newLanguage: 'New language',
  noLanguagesYourOwn: 'No languages of your own yet',
  writeDownHowKeypad: (count: number) =>
    `Write down how a keypad is programmed, as its leaflet says, or begin with one of ${count} from the library. A type of your own names it; its key sheets, its on-screen keypad and what it holds follow.`,
  functions: (reduce: number) => `${reduce} functions`,
  examples: (count: number) => `${count} examples`,
  toMend: (wrong: number) => `${wrong} to fix`,
  useVersion: (version: number) => `Use version ${version}`,
  copy: (leaflet: string) => `${leaflet} copy`,
  remove: (name: string) => `remove ${name}`,
  removed: (name: string) => `${name} removed.`,
});
