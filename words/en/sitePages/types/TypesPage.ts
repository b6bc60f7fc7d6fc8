import { messages } from '../../../messages';

export const say = messages({
  devices: 'Devices',
  keypadLanguages: 'Keypad languages',
  typesOf: 'Types of',
  own: (type: string) => `${type}, own`,
  save: (saved: string) => `save ${saved}`,
  duplicateFromTheLibrary: 'Duplicate from the library',
  readATypeFromJson: 'Read a type from JSON',
  newType: 'New type',
  noTypesYourOwn: 'No types of your own yet',
  makeOneNothingDuplicate: (count: number) =>
    `Make one from nothing, or duplicate one of ${count} from the library and change what is different. A type in use keeps its version until you update the device.`,
  terminalsParts: (count: number, count2: number) => `${count} terminals, ${count2} parts`,
  remove: (name: string) => `remove ${name}`,
  removed: (name: string) => `${name} removed.`,
});
