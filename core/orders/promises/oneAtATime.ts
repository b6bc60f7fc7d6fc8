import type { DoorPromise } from './promise';

/** Of the doors of a small room one is open at a time. A glass, a fire or a loss of power lets both go; who tears one open asked nobody. */
export const oneAtATime: DoorPromise = {
  notAsked: ({ others }) => (others.interlocked ? null : 'no-partner'),
  isBroken: ({ world, others, holdAt, isFree, lasts, allGlasses }, { before, event, after, ghost }) => {
    if (!others.interlocked) return false;
    const freed = holdAt(before) === 'held' && holdAt(after) === 'free';
    const own = freed && (others.isOpen(before) || others.isFree(before));
    const other = !others.isFree(before) && others.isFree(after) && (before.doorOpen || isFree(before));
    const both = freed && !others.isFree(before) && others.isFree(after);
    const { stimulus } = event;
    const isExit = stimulus?.kind === 'press' && world.byId.get(stimulus.device)?.type.family === 'exit';
    const excused =
      (others.exitsPass && isExit) || lasts(after, ghost) || allGlasses.some((key) => after.states.has(key));
    return (own || other || both) && !excused;
  },
};
