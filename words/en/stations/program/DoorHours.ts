import { messages } from '../../../messages';

export const say = messages({
  keepsNoHoursWhoever: (tag: string) =>
    `${tag} keeps no hours: whoever is keyed in opens at all hours, whatever stands here.`,
  door: (door: string) => `door ${door}`,
});
