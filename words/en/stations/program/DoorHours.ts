import { messages } from '../../../messages';

export const say = messages({
  keepsNoHoursWhoever: (tag: string) =>
    `${tag} keeps no schedule: whoever is keyed in opens at any time, whatever is set here.`,
  door: (door: string) => `door ${door}`,
});
