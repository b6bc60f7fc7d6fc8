import type { Words } from '../text';

export const connectorReversed: Words = {
  title: (v) => `The connector of ${v['tag']} is the wrong way round`,
  reason: (v) =>
    `Counted from the other end of its ${v['count']} pins the supply would land right: the plug was turned. Count the pins and look at the colours.`,
  remedy: () => 'Turn it round',
};
