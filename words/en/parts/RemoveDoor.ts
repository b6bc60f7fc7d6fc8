import { messages } from '../../messages';

export const say = messages({
  and: (slice: string, said: undefined | string) => `${slice} and ${said}`,
  removed: (door: string, along: string) => `${door} removed${along ? ` with ${along}` : ''}.`,
  remove: (door: string) => `remove ${door}`,
  remove2: (door: string, door2: string) => `Remove ${door}${door2 ? ` ${door2}` : ''}?`,
  goUndoBringsEverything: (along: string, door: string) =>
    `${along} of ${door} go with it. Undo brings everything back.`,
  nothingPlannedYetUndo: 'Nothing is planned at it yet. Undo brings it back.',
  keepIt: 'Keep it',
  remove3: (door: string) => `Remove ${door}`,
});
