import type { SheetLine, Stroke } from '#core/keypads/index';
import { askedWords } from '#words/screen';

/** Strokes that belong together, with what a screen asks for as they are made; without one, all of a line. */
export interface StrokeGroup {
  readonly label: string;
  /** Where in the line the first of them stands. */
  readonly from: number;
  readonly strokes: readonly Stroke[];
}

/** A line of keys, field by field: twenty keys in one row are not keyed without a slip. */
export function strokeGroups({ strokes, asks }: Pick<SheetLine, 'strokes' | 'asks'>): StrokeGroup[] {
  const groups: { label: string; from: number; strokes: Stroke[] }[] = [];
  strokes.forEach((stroke, index) => {
    const asked = asks[index] ?? null;
    const label = asked === null ? '' : askedWords(asked);
    const last = groups.at(-1);
    if (last && last.label === label) last.strokes.push(stroke);
    else groups.push({ label, from: index, strokes: [stroke] });
  });
  return groups;
}
