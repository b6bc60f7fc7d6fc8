import { area, type Words } from '../text';

export const sizeOutsideTerminal: Words = {
  title: (v) => `${v['wire']} is too ${v['side']} for ${v['terminal']}`,
  reason: (v) =>
    `${area(v, 'measured')}; the terminal takes ${v['side'] === 'thick' ? 'up to' : 'from'} ${area(v, 'limit')}.`,
};
