import { messages } from '../../messages';

export const say = messages({
  holdsMoreEntriesThan: 'holds more entries than a site can have',
  nestsDeeperThan: (deepest: number) => `nests deeper than ${deepest}`,
});
