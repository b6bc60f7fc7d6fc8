import type { Words } from '../text';

export const cardLinesSwapped: Words = {
  title: (v) => `D0 and D1 of ${v['tag']} are crossed`,
  reason: (v) => `${v['controller']} sees every bit inverted: the card reads, with a wrong number.`,
  remedy: () => 'Cross them back',
};
