import { CARD_FORMATS, type CardFormat } from '../cards/format';
import type { Plan } from './plan';

/** Card formats that a site knows: those known to everybody, and its own. */
export const formatsOf = ({ cardFormats }: Pick<Plan, 'cardFormats'>): readonly CardFormat[] => [
  ...CARD_FORMATS,
  ...Object.values(cardFormats).sort((a, b) => a.name.localeCompare(b.name, 'en') || (a.id < b.id ? -1 : 1)),
];
