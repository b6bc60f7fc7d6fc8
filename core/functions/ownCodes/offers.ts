import type { Offers } from '../offers';
import { outputsOf, presented, pressed } from '../pressed';

/** A code or a card, and a press of its bell key where it has one. */
export const ownCodes: Offers<'ownCodes'> = ({ bell }, self) => [
  ...presented(self, outputsOf(self)),
  ...(bell === null ? [] : [{ ...pressed(self), purpose: 'call' as const }]),
];
