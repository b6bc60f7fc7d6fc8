import { messages } from '../../../messages';

export const say = messages({
  versionForVersion: (from: string, version: number, version2: number) =>
    `${from}: version ${version} for version ${version2}`,
  getsNextVersionNames: (types: string) =>
    `${types} gets a next version that names it, and every keypad of that type goes over to it. What the keypads hold stays as it is recorded.`,
  useVersionOf: (version: number, to: string) => `use version ${version} of ${to}`,
  useVersion: (version: number) => `Use version ${version}`,
});
