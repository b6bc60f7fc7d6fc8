import { amps, type Words } from '../text';

export const contactInrush: Words = {
  title: (v) => `${v['tag']} has more inrush current than ${v['other']} may switch`,
  reason: (v) => `${amps(v, 'measured')} of inrush; the contact is rated ${amps(v, 'limit')}.`,
};
