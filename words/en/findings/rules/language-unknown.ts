import type { Words } from '../text';

export const languageUnknown: Words = {
  title: (v) => `How ${v['tag']} is programmed is not known`,
  reason: (v) =>
    `Its type names the language “${v['language']}”, and there is none of that name: no key sheet can be made for it, and what it holds is not known. Choose its language at Types.`,
};
