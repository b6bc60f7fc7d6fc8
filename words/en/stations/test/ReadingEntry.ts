import { messages } from '../../../messages';

export const say = messages({
  yes: 'Yes',
  no: 'No',
  reading: (label: string) => `Reading: ${label}`,
  openOl: (label: string) => `Open (OL): ${label}`,
  openOl2: 'Open (OL)',
  nothingWasKept: (why: string) => `${why} Nothing was kept.`,
});
