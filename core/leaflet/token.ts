/** At least and at most so many digits. */
export interface Length {
  readonly least: number;
  readonly most: number;
}

export const FIELDS = ['programming', 'slot', 'code', 'again', 'seconds'] as const;
export type FieldId = (typeof FIELDS)[number];

/** Cards that open no door: they begin and end the adding or deleting of others. */
export type Master = 'add' | 'delete';

/** What one or more strokes stand for. Digits of a padded field are filled up with zeros on the left. */
export type Token =
  | { readonly key: string }
  | { readonly field: FieldId; readonly least: number; readonly most: number; readonly padded?: true }
  | { readonly card: true }
  /** One card after another, as many as are at hand. */
  | { readonly cards: true }
  | { readonly master: Master };
