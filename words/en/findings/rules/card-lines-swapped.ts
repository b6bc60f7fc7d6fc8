import type { Words } from '../text';

const isCrossing = (v: Parameters<Words['title']>[0]): boolean => v['carries'] === 'both-ways';

/** A data pair sends bits on one wire or the other; a bus reads the difference; transmit must reach receive. */
export const cardLinesSwapped: Words = {
  title: (v) =>
    isCrossing(v)
      ? `${v['terminal']} and ${v['other']} of ${v['tag']} are not crossed`
      : `${v['terminal']} and ${v['other']} of ${v['tag']} are swapped`,
  reason: (v) => {
    if (isCrossing(v))
      return `${v['controller']} and ${v['tag']} both transmit on one line and neither listens: transmit goes to receive, and receive to transmit.`;
    if (v['carries'] === 'bits')
      return v['comes'] === 'misread'
        ? `${v['controller']} sees every bit inverted: the card reads, with a wrong number.`
        : `${v['controller']} sees every bit inverted, the parity fails and the card is dropped: the reader beeps, and nothing happens.`;
    return `${v['controller']} reads the pair upside down and hears nothing from ${v['tag']}: the reader shows as offline.`;
  },
  remedy: (v) => `Swap ${v['terminal']} and ${v['other']}`,
};
