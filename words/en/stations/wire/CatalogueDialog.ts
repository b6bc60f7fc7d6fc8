import { messages } from '../../../messages';

export const say = messages({
  add: (tag: string) => `add ${tag}`,
  addADevice: 'Add a device',
  ratingsTypicalClassMakers: (count: number) =>
    `${count === 1 ? '1 type' : `${count} types`}. Ratings are typical of the class; the maker’s sheet decides.`,
  find: 'Find',
  findStrikeRs485:
    'Find: strike, RS-485, 24 V; or what you have in hand: six leads, two grey, one marked AUX',
  ownVersion: (version: number) => `own, version ${version}`,
  nothingMatchesOwnTypes: (wish: string) =>
    `Nothing matches “${wish}”. Own types are made under Types, above.`,
});
