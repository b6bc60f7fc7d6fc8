export { CARD_FORMATS, fitsIn, type CardFormat, type CardNumbers } from './format';
export { frameOf, seenAs, type Seen } from './frame';
export { FORMS, readForm, writeForm, type FormId, type Told } from './forms';
export { fitting, type CardInHand, type Fit } from './fits';
