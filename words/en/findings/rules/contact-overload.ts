import { amps, type Words } from '../text';

export const contactOverload: Words = {
  title: (v) => `A contact of ${v['tag']} carries too much`,
  reason: (v) => `${amps(v, 'measured')} through ${v['terminal']}; rated ${amps(v, 'limit')}.`,
};
