import { messages } from '../../../messages';

export const say = messages({
  nothingToSettleOn: (door: string) => `Nothing to settle on ${door}`,
  leftOnToSettle: (stops: number, door: string, open: number) =>
    `${stops === 1 ? '1 stop' : `${stops} stops`} left on ${door}, ${open} to settle`,
  leftToSettleOn: (open: number, door: string) => `${open} left to settle on ${door}`,
});
