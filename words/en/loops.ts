import type { LoopWord } from '#core/loops/index';
import { COLOURS, isColourCode } from '#core/units/index';
import { spoken } from '../messages';

/** One step of a loop as a person says it: `from PS1.+V, red, to F1.C (W01)`. */
export const stepWords = spoken(function stepWords(word: LoopWord): string {
  switch (word.kind) {
    case 'wire': {
      const colour = isColourCode(word.colour) ? COLOURS[word.colour].name : word.colour;
      return `from ${word.from}, ${colour}, to ${word.to} (${word.number})`;
    }
    case 'through':
      return `through ${word.tag}, ${word.from} to ${word.to}`;
    case 'load':
      return `through ${word.tag} itself`;
    case 'gap':
      return `open after ${word.after}: nothing leads on`;
  }
});
