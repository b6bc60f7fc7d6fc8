import type { KeypadLanguage } from '../language';
import { LISTED } from './listed';
import { SCREENED } from './screened';
import { SLOTTED } from './slotted';

/** Invented languages that between them have the traits met in the field. */
export const LANGUAGES: readonly KeypadLanguage[] = [...SLOTTED, ...LISTED, ...SCREENED];

/** The language with this id, or undefined. */
export const findLanguage = (id: string | undefined): KeypadLanguage | undefined =>
  LANGUAGES.find((language) => language.id === id);
