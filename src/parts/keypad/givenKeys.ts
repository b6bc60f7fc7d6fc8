import type { SheetLine } from '#core/keypads/index';

/** A digit that is filled in, and not a key of the leaflet: wherever the code stands in the line, the second time too. */
export function isGiven({ strokes, about }: Pick<SheetLine, 'strokes' | 'about'>, index: number): boolean {
  // One character a stroke: a key may be called by a word.
  const text = strokes.map((one) => ('key' in one && one.key.length === 1 ? one.key : ' ')).join('');
  return [about.code, about.programming].some((given) => {
    const code = given === undefined ? '' : String(given);
    if (code === '') return false;
    for (let at = text.indexOf(code); at >= 0; at = text.indexOf(code, at + 1))
      if (index >= at && index < at + code.length) return true;
    return false;
  });
}
