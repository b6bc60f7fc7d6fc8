import { messages } from '../../../messages';

export const say = messages({
  nothingToSettleOn: (door: string) => `Nothing to fix on ${door}`,
  leftOnToSettle: (stops: number, door: string, open: number) =>
    `${stops === 1 ? '1 stop' : `${stops} stops`} left on ${door}, ${open} to fix`,
  leftToSettleOn: (open: number, door: string) => `${open} left to fix on ${door}`,
});
