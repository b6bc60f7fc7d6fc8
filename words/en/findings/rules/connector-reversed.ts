import type { Words } from '../text';

export const connectorReversed: Words = {
  title: (v) => `The connector of ${v['tag']} is the wrong way round`,
  reason: (v) =>
    `Counted from the other end of its ${v['count']} pins the supply would be right: the plug is turned around. Count the pins and check the colours.`,
  remedy: () => 'Turn it around',
};
