import type { Words } from '../text';

export const languageUnknown: Words = {
  title: (v) => `Nobody knows how ${v['tag']} is programmed`,
  reason: (v) =>
    `Its type names the language “${v['language']}”, and there is none of that name: no keys can be written for it, and nobody knows what it holds. Choose its language at Types.`,
};
