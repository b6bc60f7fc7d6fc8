import { amps, type Words } from '../text';

export const contactInrush: Words = {
  title: (v) => `${v['tag']} draws more at first than ${v['other']} may switch`,
  reason: (v) => `${amps(v, 'measured')} for an instant; the contact is rated ${amps(v, 'limit')}.`,
};
