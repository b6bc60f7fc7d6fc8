export {
  CARD_FORMATS,
  fitsIn,
  formatProblems,
  MOST_FRAME_BITS,
  type CardFormat,
  type CardNumbers,
  type FormatProblem,
} from './format';
export { changedOver, frameOf, seenAs, type Seen } from './frame';
export { FORMS, readForm, writeForm, type FormId, type Told } from './forms';
export { fitting, type CardInHand, type Fit } from './fits';
